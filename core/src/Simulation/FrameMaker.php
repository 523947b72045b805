<?php

declare(strict_types=1);

namespace Geodex\Core\Simulation;

use Geodex\Core\Frame\Feature;
use Geodex\Core\Frame\FeatureKind;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;
use Geodex\Core\Frame\Tolerance;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Units\Length;

/** Makes up ladder frames: pairs of holes along two rails, the middle rows taken as undamaged. */
final readonly class FrameMaker
{
    private const HOLES_MM = [12.0, 14.0, 16.0, 18.0, 20.0];

    /**
     * @param  int  $rows  of pairs, 4 to 20
     * @param  ?int  $base  rows of base points, a third of all where not given
     * @param  float  $step  what the rear half stands higher than the front half (mm)
     * @return Frame rows in the middle are base
     */
    public function make(int $seed, int $rows, ?int $base = null, float $step = 0.0): Frame
    {
        $random = new RandomSource($seed);
        $station = round($random->between(-700, -400));
        $half = round($random->between(360, 440));
        $height = round($random->between(420, 560));
        [$firstBase, $lastBase] = $this->base($rows, $base);
        $points = [];
        for ($row = 0; $row < $rows; $row++) {
            $hole = $random->pick(self::HOLES_MM);
            foreach (['L' => Side::Left, 'R' => Side::Right] as $letter => $side) {
                $name = chr(ord('A') + $row);
                $points[] = new Point(
                    id: $name.$letter, name: 'Row '.$name.', '.$side->value, side: $side, mate: $name.($letter === 'L' ? 'R' : 'L'),
                    feature: new Feature(FeatureKind::Hole, Length::ofMillimetres($hole)),
                    reference: Vector3::of($station, ($side === Side::Left ? -1 : 1) * $half, $height),
                    tolerance: Tolerance::all(), base: $row >= $firstBase && $row <= $lastBase,
                );
            }
            $station += round($random->between(380, 720));
            $half += round($random->between(-14, 14));
            $height += round($random->between(-45, 45)) + ($row + 1 === intdiv($rows, 2) ? $step : 0.0);
        }

        return new Frame($points);
    }

    /** @return array{int, int} first and last row that is base */
    private function base(int $rows, ?int $base): array
    {
        $count = $base ?? max(2, intdiv($rows, 3));
        $first = intdiv($rows - $count, 2);

        return [$first, $first + $count - 1];
    }
}
