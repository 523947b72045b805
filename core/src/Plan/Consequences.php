<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\Fixture;
use Geodex\Core\Chassis\FixtureKind;
use Geodex\Core\Chassis\RailPath;
use Geodex\Core\Fields\Field;
use Geodex\Core\Frame\Axle;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Side;
use Geodex\Core\Shop\HasShopDefaults;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Shop\ShopDefault;

/** What a plan does to the vehicle as a whole: lengths, angles, turning circle, mass. Axle loads are told with the loads. */
final readonly class Consequences implements HasShopDefaults
{
    private const STEEL = 7.85e-6;

    public function __construct(private Shop $shop = new Shop) {}

    public static function shopDefaults(): array
    {
        return [self::lock()];
    }

    /** @return list<Consequence> */
    public function of(PlannedFrame $plan): array
    {
        return [
            new Consequence('wheelbase', 'Wheelbase', 'mm', $plan->wheelbaseBefore, $plan->wheelbaseAfter),
            $this->both($plan, 'cabToAxle', 'Back of cab to rear axle', 'mm', $this->cabToAxle(...), 'What a body builder asks for; of two rear axles their middle.'),
            $this->both($plan, 'length', 'Frame, end to end', 'mm', fn (Frame $frame, Chassis $chassis): ?float => $chassis->span() === null ? null : $chassis->span()[1] - $chassis->span()[0], ''),
            $this->both($plan, 'overhang', 'Overhang behind the rear axle', 'mm', $this->overhang(...), ''),
            $this->both($plan, 'overhangShare', 'of the wheelbase', '%', fn (Frame $frame, Chassis $chassis): ?float => $this->share($this->overhang($frame, $chassis), $frame->wheelbase()), 'Rule books limit it; look yours up.'),
            $this->both($plan, 'breakover', 'Breakover angle under the rails', '°', $this->breakover(...), 'With the datum as the ground, the rail\'s lower edge midway between the axles; what hangs lower counts first.'),
            $this->both($plan, 'departure', 'Departure angle at the rail\'s end', '°', $this->departure(...), 'With the datum as the ground.'),
            $this->both($plan, 'turning', 'Turning circle, outer front wheel', 'm', fn (Frame $frame, Chassis $chassis): ?float => $frame->wheelbase() === null ? null : 2 * $frame->wheelbase() / sin(deg2rad($this->shop->value(self::lock()))) / 1000, sprintf('With the outer wheel at %g° (%s).', $this->shop->value(self::lock()), $this->shop->whose(self::lock()))),
            new Consequence('steel', 'Steel put in, less steel taken out', 'kg', 0.0, $this->steel($plan), 'Rails and their plates; crossmembers and brackets are not in it.'),
        ];
    }

    /** @param  \Closure(Frame, Chassis): ?float  $of */
    private function both(PlannedFrame $plan, string $name, string $label, string $unit, \Closure $of, string $note): Consequence
    {
        return new Consequence(name: $name, label: $label, unit: $unit, before: $of($plan->draft->charted, $plan->draft->before), after: $of($plan->frame, $plan->chassis), note: $note);
    }

    private static function lock(): ShopDefault
    {
        return new ShopDefault('Structure', Field::number('outerLock', 'Lock of the outer front wheel', '°')->between(10.0, 60.0)->defaults(33.0), 'Usual for a light truck; measure yours.');
    }

    private function share(?float $part, ?float $whole): ?float
    {
        return $part === null || $whole === null || $whole <= 0.0 ? null : 100 * $part / $whole;
    }

    private function overhang(Frame $frame, Chassis $chassis): ?float
    {
        $rear = $this->last($frame->axles);

        return $rear === null || $chassis->span() === null ? null : $chassis->span()[1] - $rear->station;
    }

    /** From the feature “back of cab” to the middle of the axles behind the first (mm). */
    private function cabToAxle(Frame $frame, Chassis $chassis): ?float
    {
        $rear = array_map(fn (Axle $axle): float => $axle->station, $frame->axles);
        sort($rear);
        $rear = array_slice($rear, 1);
        $ends = array_filter($chassis->fixtures, fn (Fixture $one): bool => $one->kind === FixtureKind::CabEnd);

        return $rear === [] || $ends === [] ? null : array_sum($rear) / count($rear) - max(array_map(fn (Fixture $one): float => $one->station, $ends));
    }

    /** @param  list<Axle>  $axles */
    private function last(array $axles): ?Axle
    {
        usort($axles, fn (Axle $a, Axle $b): int => $a->station <=> $b->station);

        return $axles === [] ? null : $axles[count($axles) - 1];
    }

    /** Sum of what both wheels leave under the rail midway (docs/formulas.md, “Breakover”). */
    private function breakover(Frame $frame, Chassis $chassis): ?float
    {
        $axles = $frame->axles;
        usort($axles, fn (Axle $a, Axle $b): int => $a->station <=> $b->station);
        [$front, $rear] = [$axles[0] ?? null, $this->last($frame->axles)];
        if ($front?->tyreRadius === null || $rear?->tyreRadius === null || $front === $rear) {
            return null;
        }
        $middle = ($front->station + $rear->station) / 2;
        $height = $this->underside($frame, $chassis, $middle);

        return $height === null ? null : $this->wheelAngle($front->tyreRadius, $middle - $front->station, $height) + $this->wheelAngle($rear->tyreRadius, $rear->station - $middle, $height);
    }

    private function departure(Frame $frame, Chassis $chassis): ?float
    {
        $rear = $this->last($frame->axles);
        $end = $chassis->span()[1] ?? null;
        if ($rear?->tyreRadius === null || $end === null || $end <= $rear->station) {
            return null;
        }
        $height = $this->underside($frame, $chassis, $end);

        return $height === null ? null : $this->wheelAngle($rear->tyreRadius, $end - $rear->station, $height);
    }

    /** γ(a) = asin(r / √(a² + (r − h)²)) − atan2(r − h, a), degrees. */
    private function wheelAngle(float $radius, float $distance, float $height): float
    {
        return rad2deg(asin(min(1.0, $radius / hypot($distance, $radius - $height))) - atan2($radius - $height, $distance));
    }

    /** Height of the rail's lower edge over the datum (mm). */
    private function underside(Frame $frame, Chassis $chassis, float $station): ?float
    {
        $rail = $chassis->rail(Side::Left, $station) ?? $chassis->rail(Side::Right, $station);
        $path = new RailPath($frame->points);
        if ($rail === null || ! $path->isCharted()) {
            return null;
        }
        $height = $path->at(Side::Left, $station)[1] + ($rail->pointsAt->above() - 1.0) * $rail->depth($station);

        return $height > 0.0 ? $height : null;
    }

    private function steel(PlannedFrame $plan): float
    {
        return $this->railSteel($plan->chassis) - $this->railSteel($plan->draft->before);
    }

    private function railSteel(Chassis $chassis): float
    {
        $kg = 0.0;
        foreach ($chassis->rails as $rail) {
            foreach ($rail->side->sides() as $side) {
                $areas = array_map(fn (float $x): float => $chassis->section($side, $x)->properties->area ?? 0.0, [$rail->from + 0.1, $rail->to - 0.1]);
                $kg += self::STEEL * array_sum($areas) / 2 * ($rail->to - $rail->from);
            }
        }

        return $kg;
    }
}
