<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;
use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Provenance;
use Geodex\Core\Words\Sentence;

/**
 * By how much the ends of a cut rail miss each other as a survey found them: the rail runs straight between measured points, the insert
 * goes on from the front half as planned, and the rear half moves as the plan says.
 */
final readonly class MeasuredEnds implements HasProvenance
{
    /** Less is not seen (mm). */
    private const SEEN_MM = 0.5;

    /** @var array<string, list<MeasuredPlace>> by side */
    private array $rails;

    /** @param  list<MeasuredPlace>  $places */
    public function __construct(array $places)
    {
        $this->rails = ['left' => self::along(Side::Left, $places), 'right' => self::along(Side::Right, $places)];
    }

    /**
     * @param  list<MeasuredPlace>  $places
     * @return list<MeasuredPlace> of one side, by station
     */
    private static function along(Side $side, array $places): array
    {
        $own = array_values(array_filter($places, fn (MeasuredPlace $one): bool => $one->side === $side));
        usort($own, fn (MeasuredPlace $a, MeasuredPlace $b): int => $a->at->x <=> $b->at->x);

        return $own;
    }

    public static function provenance(): array
    {
        return [
            new Provenance(
                'ends', 'Ends as measured', 'rear end moved as planned, less front end carried on by the insert along the measured rail',
                'Straight between the points of the survey; ± from their intervals, as if they were independent',
                'A rail bent between two points is not seen. Offer the halves up before the insert is sawn to its last millimetre.',
            ),
        ];
    }

    /**
     * A frame whose points stand where they were measured; what was not measured stays where the chart puts it.
     *
     * @param  list<MeasuredPlace>  $places
     */
    public static function frame(Frame $frame, array $places): Frame
    {
        $found = array_column($places, null, 'id');

        return new Frame(array_map(fn (Point $point): Point => isset($found[$point->id]) ? $point->at($found[$point->id]->at) : $point, $frame->points), $frame->axles, $frame->carried, $frame->referenceCovariance);
    }

    /** @return list<Sentence> one for each side that was measured on both sides of the cut */
    public function across(Shift $shift): array
    {
        $said = [];
        foreach ([Side::Left, Side::Right] as $side) {
            $miss = $this->miss($side, $shift);
            if ($miss === null) {
                continue;
            }
            [$y, $z, $uy, $uz] = $miss;
            $parts = array_values(array_filter([$this->part($y, $uy, ['to the right', 'to the left']), $this->part($z, $uz, ['higher', 'lower'])]));
            $said[] = $parts === []
                ? Sentence::of('ends.meet', '{operation}, {side}: the measured ends meet.', operation: $shift->operation, side: $side->value)
                : Sentence::of('ends.miss', '{operation}, {side}: the rear end stands {parts} of where the front one leads.', operation: $shift->operation, side: $side->value, parts: Sentence::joined('ends.part', ' and ', $parts));
        }

        return $said;
    }

    /** @return ?array{float, float, float, float} right, up, and half the interval of each (mm); null where a side was not measured there */
    public function miss(Side $side, Shift $shift): ?array
    {
        $front = $this->weights($side, $shift->cut, $shift->inserted * cos($shift->slope));
        $rear = $this->weights($side, $shift->bandEnd, 0.0);
        if ($front === null || $rear === null) {
            return null;
        }
        $sum = [0.0, 0.0, 0.0, 0.0];
        foreach ($this->rails[$side->value] ?? [] as $i => $place) {
            $weight = ($rear[$i] ?? 0.0) - ($front[$i] ?? 0.0);
            $sum[0] += $weight * $place->at->y;
            $sum[1] += $weight * $place->at->z;
            $sum[2] += ($weight * $place->expanded->y) ** 2;
            $sum[3] += ($weight * $place->expanded->z) ** 2;
        }

        // A leg, or a level insert on a slope, leaves the line of the rail as planned.
        $turned = $shift->inserted * (sin($shift->slope) - cos($shift->slope) * tan($shift->railSlope));

        return [$sum[0] + $shift->by->y, $sum[1] + $shift->by->z - $turned, sqrt($sum[2]), sqrt($sum[3])];
    }

    /**
     * What each point of a side counts for the rail's place at a station, carried on straight by a distance.
     *
     * @return ?array<int, float>
     */
    private function weights(Side $side, float $station, float $onward): ?array
    {
        $rail = $this->rails[$side->value] ?? [];
        for ($i = 1; $i < count($rail); $i++) {
            [$before, $behind] = [$rail[$i - 1]->at->x, $rail[$i]->at->x];
            if ($station >= $before && $station <= $behind && $behind - $before > 1.0) {
                $share = ($station + $onward - $before) / ($behind - $before);

                return [$i - 1 => 1.0 - $share, $i => $share];
            }
        }

        return null;
    }

    /** @param  array{string, string}  $ways  for more and for less */
    private function part(float $value, float $expanded, array $ways): ?Sentence
    {
        return abs($value) < max(self::SEEN_MM, $expanded) ? null : Sentence::of('ends.part', '{by} ± {sure} {way}', by: Measure::computed(abs($value)), sure: Measure::computed($expanded), way: $ways[$value > 0.0 ? 0 : 1]);
    }
}
