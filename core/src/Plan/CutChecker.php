<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Fields\Field;
use Geodex\Core\Frame\Axle;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;
use Geodex\Core\Shop\HasShopDefaults;
use Geodex\Core\Shop\ShopDefault;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/** What a careful technician would say about a cut before the saw starts. */
final readonly class CutChecker implements HasShopDefaults
{
    /** Ends that miss by less are brought together by the clamp. */
    private const MISSES_MM = 0.5;

    /** Where headlamps are judged (mm). */
    private const BEAM_MM = 10_000.0;

    /** Less is neither raised nor lowered. */
    private const LEVEL_MM = 0.05;

    private Frame $frame;

    public function __construct(private FrameDraft $draft, private Shift $shift)
    {
        $this->frame = $draft->charted;
    }

    public static function shopDefaults(): array
    {
        return [
            self::clearOfPoint(),
            self::clearOfAxle(),
            self::levelRail(),
            new ShopDefault('Cutting', Field::length('sawCut', 'Saw cut that a new cut starts with')->between(0.0, Cutting::MAX_KERF_MM)->defaults(3.0), 'A cutting disc of 3 mm.'),
            new ShopDefault('Cutting', Field::length('rootGap', 'Root gap that a new cut starts with')->between(0.0, Cutting::MAX_GAP_MM)->defaults(2.0), 'Single V from one side, shop practice.'),
            new ShopDefault('Cutting', Field::length('witnessDistance', 'Witness marks that a new cut starts with')->between(10.0, 1000.0)->defaults(100.0), 'Far enough to stay after dressing the joint, near enough for a rule.'),
        ];
    }

    /** @return list<Sentence> */
    public function warnings(): array
    {
        return [...$this->inBand(), ...$this->nearPoints(), ...$this->nearAxles(), ...$this->rail(), ...$this->taper()];
    }

    private function says(string $code, string $template, string|Measure ...$parts): Sentence
    {
        return Sentence::of($code, "{operation} $template", ...['operation' => $this->shift->operation, ...$parts]);
    }

    private static function clearOfPoint(): ShopDefault
    {
        return new ShopDefault('Cutting', Field::length('cutClearOfPoint', 'Cuts keep clear of holes and mounts by')->between(0.0, 1000.0)->defaults(75.0), 'A hand\'s width, shop practice.');
    }

    private static function clearOfAxle(): ShopDefault
    {
        return new ShopDefault('Cutting', Field::length('cutClearOfAxle', 'Cuts keep clear of an axle by')->between(0.0, 2000.0)->defaults(300.0), 'Clear of spring hangers and suspension mounts, shop practice; the vehicle maker\'s instruction comes first.');
    }

    private static function levelRail(): ShopDefault
    {
        return new ShopDefault('Cutting', Field::number('levelRail', 'A rail counts as level up to', '°')->between(0.0, 10.0)->defaults(0.5), 'What a digital level on a rail tells apart.');
    }

    /** @return list<Sentence> */
    private function inBand(): array
    {
        $points = array_filter($this->frame->points, fn (Point $point): bool => $point->reference !== null && $this->shift->takesOut($point->reference->x));
        $axles = array_filter($this->frame->axles, fn (Axle $axle): bool => $this->shift->takesOut($axle->station));
        $warnings = [];
        if ($points !== []) {
            $warnings[] = $this->says('plan.carries', 'takes out the rail that carries {points}; what is mounted there needs a new place.', points: implode(', ', array_map(fn (Point $point): string => $point->id, $points)));
        }
        foreach ($axles as $axle) {
            $warnings[] = $this->says('plan.over-axle', 'takes out the rail over the {axle} axle.', axle: $axle->id);
        }

        return $warnings;
    }

    /** @return list<Sentence> */
    private function nearPoints(): array
    {
        $clear = $this->draft->shop->value(self::clearOfPoint());
        $near = [];
        foreach ($this->frame->points as $point) {
            $distance = $point->reference === null ? INF : min(abs($point->reference->x - $this->shift->cut), abs($point->reference->x - $this->shift->bandEnd));
            if ($distance < $clear) {
                $near[] = $point->id;
            }
        }

        return $near === [] ? [] : [$this->says('plan.near-point', 'cuts within {clear} of {points}; keep cuts clear of holes and mounts ({whose}).', clear: Measure::given($clear), points: implode(', ', $near), whose: $this->draft->shop->whose(self::clearOfPoint()))];
    }

    /** @return list<Sentence> */
    private function nearAxles(): array
    {
        $clear = $this->draft->shop->value(self::clearOfAxle());
        $warnings = [];
        foreach ($this->frame->axles as $axle) {
            if (abs($axle->station - $this->shift->cut) < $clear || abs($axle->station - $this->shift->bandEnd) < $clear) {
                $warnings[] = $this->says('plan.near-axle', 'cuts within {clear} of the {axle} axle; keep cuts away from spring hangers and suspension mounts ({whose}).', clear: Measure::given($clear), axle: $axle->id, whose: $this->draft->shop->whose(self::clearOfAxle()));
            }
        }
        $stations = array_map(fn (Axle $axle): float => $axle->station, $this->frame->axles);
        if (count($stations) > 1 && ($this->shift->cut < min($stations) || $this->shift->cut > max($stations))) {
            $warnings[] = $this->says('plan.overhang', 'lies outside the axles: the wheelbase stays, the overhang changes.');
        }

        return $warnings;
    }

    /** @return list<Sentence> */
    private function rail(): array
    {
        $rail = $this->draft->rail();
        $degrees = rad2deg($rail->slope($this->shift->cut));
        $warnings = [];
        if (abs($degrees) > $this->draft->shop->value(self::levelRail())) {
            $warnings[] = $this->says('plan.slope', 'cuts where the rail slopes by {slope}; a straight, level stretch of rail is the better place.', slope: sprintf('%.1f°', $degrees));
            $warnings[] = $this->onSlope();
        }
        if ($rail->bends($this->shift->cut, $this->shift->bandEnd) !== []) {
            $warnings[] = $this->says('plan.bend', 'takes out a bend of the rail: the two ends will not meet in line.');
        }

        return $warnings;
    }

    /** What a cut on a slope does besides what was asked: by its own slope, or level where the insert is laid level. */
    private function onSlope(): Sentence
    {
        $wheelbase = $this->draft->planned()->wheelbase();
        $asked = abs($this->shift->growth);
        [$along, $up] = [abs($this->shift->by->x), $this->shift->by->z];
        $raised = abs($up) < self::LEVEL_MM ? 'nothing behind it is raised or lowered' : Sentence::of('plan.raised', 'all behind it is {way} by {up}', way: $up > 0 ? 'raised' : 'lowered', up: Measure::computed(abs($up)));
        $attitude = $wheelbase === null || $wheelbase <= 0.0 || abs($up) < self::LEVEL_MM
            ? ''
            : $this->tilted(atan2($up, $wheelbase));

        return Sentence::of(
            'plan.on-slope', '{operation}: of the {asked} asked the wheelbase {way} {along}, and {raised}{attitude}.',
            operation: $this->shift->operation, asked: Measure::computed($asked), way: $this->shift->growth > 0 ? 'gains' : 'loses', along: Measure::computed($along), raised: $raised, attitude: $attitude,
        );
    }

    /** What a vehicle that stands nose up by an angle (radians) has besides: what is set against the ground turns with the frame. */
    private function tilted(float $attitude): Sentence
    {
        $degrees = abs(rad2deg($attitude));

        return Sentence::of(
            'plan.attitude', ', so that on its wheels the vehicle stands nose {way} by {degrees}: caster {more} and the pinion, as the rear springs hold it, {pinion} by as much, and the headlamps throw {throw} {beam} at 10 m, unless the rear axle is blocked or lowered to match',
            way: $attitude > 0 ? 'up' : 'down', degrees: sprintf('%.2f°', $degrees), more: $attitude > 0 ? 'grows' : 'shrinks', pinion: $attitude > 0 ? 'noses up' : 'noses down',
            throw: Measure::computed(self::BEAM_MM * abs(tan($attitude))), beam: $attitude > 0 ? 'higher' : 'lower',
        );
    }

    /**
     * Rails that run together or apart in plan do not meet once a band is out: each side by what its offset changes over the band.
     *
     * @return list<Sentence>
     */
    private function taper(): array
    {
        if ($this->shift->removed <= 0.0) {
            return [];
        }
        $misses = [];
        foreach ([Side::Left, Side::Right] as $side) {
            [$front, $rear] = [$this->offset($side, $this->shift->cut), $this->offset($side, $this->shift->bandEnd)];
            if ($front !== null && $rear !== null && abs($rear - $front) > self::MISSES_MM) {
                $misses[] = Sentence::of('plan.misses', 'the {side} ends miss each other by {by}, the rear one {way}', side: $side->value, by: Measure::computed(abs($rear - $front)), way: abs($rear) < abs($front) ? 'further in' : 'further out');
            }
        }

        return $misses === [] ? [] : [Sentence::of('plan.taper', '{operation}: the rails taper in plan, so that after the cut {misses}.', operation: $this->shift->operation, misses: Sentence::joined('plan.misses', ', and ', $misses))];
    }

    /** Offset of a rail at a station, straight between the charted points of its side (mm); null beyond them. */
    private function offset(Side $side, float $station): ?float
    {
        $before = $behind = null;
        foreach ($this->frame->points as $point) {
            if ($point->side !== $side || $point->reference === null) {
                continue;
            }
            $before = $point->reference->x <= $station && ($before === null || $point->reference->x > $before->x) ? $point->reference : $before;
            $behind = $point->reference->x >= $station && ($behind === null || $point->reference->x < $behind->x) ? $point->reference : $behind;
        }
        if ($before === null || $behind === null) {
            return null;
        }
        $span = $behind->x - $before->x;

        return $span < 1e-9 ? $before->y : $before->y + ($behind->y - $before->y) * ($station - $before->x) / $span;
    }
}
