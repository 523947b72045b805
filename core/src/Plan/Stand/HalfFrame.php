<?php

declare(strict_types=1);

namespace Geodex\Core\Plan\Stand;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\Fixture;
use Geodex\Core\Chassis\Mass;

/** One half of a frame once it is cut: what it weighs without its load, where its middle is, and where it may stand on posts. */
final readonly class HalfFrame
{
    /** Posts stand no nearer to an end, or to something on the rail (mm). */
    private const CLEAR_MM = 80.0;

    /** Of the half's length, on either side of its centre of mass. */
    private const SPREAD = 0.3;

    /**
     * @param  float  $from  station of its front end (mm)
     * @param  float  $to  station of its rear end (mm)
     * @param  float  $mass  kg
     * @param  ?float  $centre  station of its centre of mass (mm); null where nothing is entered on it
     * @param  array{float, float}  $supports  proposed stations (mm)
     */
    private function __construct(public string $name, public float $from, public float $to, public float $mass, public ?float $centre, public array $supports) {}

    /** @return array{HalfFrame, HalfFrame} front and rear */
    public static function both(Chassis $chassis, float $cut): array
    {
        [$front, $rear] = $chassis->span() ?? [$cut - 1.0, $cut + 1.0];

        return [self::of($chassis, 'front', $front, $cut), self::of($chassis, 'rear', $cut, $rear)];
    }

    private static function of(Chassis $chassis, string $name, float $from, float $to): self
    {
        $mass = $about = 0.0;
        foreach ($chassis->masses as $one) {
            [$kg, $station] = $one->isLoad ? [0.0, 0.0] : self::share($one, $name === 'front' ? -INF : $from, $name === 'front' ? $to : INF);
            $mass += $kg;
            $about += $kg * $station;
        }
        $centre = $mass > 0.0 ? $about / $mass : null;

        return new self($name, $from, $to, $mass, $centre, self::proposed($chassis, $from, $to, $centre ?? ($from + $to) / 2));
    }

    /** @return array{float, float} what of a mass lies between two stations (kg), and its middle (mm) */
    private static function share(Mass $mass, float $from, float $to): array
    {
        if ($mass->to === null) {
            // What stands at the cut itself goes with the front half.
            return $mass->station > $from && $mass->station <= $to ? [$mass->mass, $mass->station] : [0.0, 0.0];
        }
        [$a, $b] = [max($from, $mass->station), min($to, $mass->to)];

        return $b <= $a ? [0.0, 0.0] : [$mass->mass * ($b - $a) / ($mass->to - $mass->station), ($a + $b) / 2];
    }

    /** @return array{float, float} */
    private static function proposed(Chassis $chassis, float $from, float $to, float $centre): array
    {
        $reach = self::SPREAD * ($to - $from);
        $clamp = fn (float $x): float => max($from + self::CLEAR_MM, min($to - self::CLEAR_MM, $x));
        [$a, $b] = [$clamp($centre - $reach), $clamp($centre + $reach)];

        return [self::clear($chassis, $a, -1), self::clear($chassis, $b, 1)];
    }

    /** The nearest place outward of it with nothing on the rail; itself where there is none within the reach of a post. */
    private static function clear(Chassis $chassis, float $station, int $outward): float
    {
        foreach ([0.0, 50.0, 100.0, 150.0, 200.0, 250.0, 300.0] as $by) {
            foreach ([$outward, -$outward] as $way) {
                $here = $station + $way * $by;
                if (array_filter($chassis->fixtures, fn (Fixture $one): bool => $one->kind->isOnRail() && $here > $one->front() - self::CLEAR_MM && $here < $one->rear() + self::CLEAR_MM) === []) {
                    return round($here);
                }
            }
        }

        return round($station);
    }
}
