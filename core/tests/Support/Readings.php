<?php

declare(strict_types=1);

namespace Geodex\Core\Tests\Support;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;
use Geodex\Core\Frame\Tolerance;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\Reading\ReadingKinds;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Survey\SurveyStage;

/** Made frames and readings for the tests: short to write, true by construction. */
final class Readings
{
    /**
     * A ladder of pairs, 780 mm wide and 700 mm apart, the first $base rows taken as undamaged.
     */
    public static function ladder(int $rows, int $base = 3): Frame
    {
        $points = [];
        for ($i = 0; $i < $rows; $i++) {
            $row = chr(ord('A') + $i);
            foreach (['L' => -1, 'R' => 1] as $side => $sign) {
                $points[] = new Point(
                    $row.$side, "Row $row", $sign < 0 ? Side::Left : Side::Right, $row.($sign < 0 ? 'R' : 'L'), null,
                    Vector3::of(100 + 700 * $i, $sign * (390 + ($i % 2) * 20), 450 - 30 * ($i % 3)), Tolerance::all(), $i < $base,
                );
            }
        }

        return new Frame($points);
    }

    /** @return array<string, Vector3> */
    public static function truth(Frame $frame): array
    {
        $at = [];
        foreach ($frame->points as $point) {
            $at[$point->id] = $point->reference ?? Vector3::of(0, 0, 0);
        }

        return $at;
    }

    /**
     * A reading that is true of the positions, but for $error.
     *
     * @param  array<string, Vector3>  $at
     * @param  ?array{float, float}  $pointers
     */
    public static function true(string $call, array $at, float $error = 0.0, ?array $pointers = null, ?string $id = null): Reading
    {
        $words = explode(' ', $call);
        $class = ReadingKinds::named($words[0]);
        $kind = $class::between(array_slice($words, 1), $pointers);

        return new Reading($id ?? $call, $kind, $kind->linearise($at)->predicted + $error, $class::usualSigma());
    }

    /**
     * Trams across, along and both ways diagonally between neighbouring rows and over one row, and a height at each point.
     *
     * @param  array<string, Vector3>  $at
     * @param  ?callable(): float  $noise  mm
     * @return list<Reading>
     */
    public static function tour(array $at, ?callable $noise = null, bool $heights = true): array
    {
        $noise ??= fn (): float => 0.0;
        $rows = array_values(array_unique(array_map(fn (string $id): string => substr($id, 0, -1), array_keys($at))));
        $readings = [];
        foreach ($rows as $i => $row) {
            $calls = ["tram {$row}L {$row}R"];
            foreach ([1, 2] as $step) {
                $next = $rows[$i + $step] ?? null;
                if ($next !== null) {
                    array_push($calls, "tram {$row}L {$next}L", "tram {$row}R {$next}R", "tram {$row}L {$next}R", "tram {$row}R {$next}L");
                }
            }
            if ($heights) {
                array_push($calls, "height {$row}L", "height {$row}R");
            }
            foreach ($calls as $call) {
                $readings[] = self::true($call, $at, $noise());
            }
        }

        return $readings;
    }

    /** @param  list<Reading>  $readings */
    public static function survey(array $readings): Survey
    {
        return new Survey('before', SurveyStage::Before, $readings);
    }

    /** Seeded normal noise. */
    public static function noise(int $seed, float $sigma): callable
    {
        mt_srand($seed);

        return fn (): float => $sigma * sqrt(-2 * log((mt_rand() + 1) / (mt_getrandmax() + 2))) * cos(2 * M_PI * mt_rand() / mt_getrandmax());
    }
}
