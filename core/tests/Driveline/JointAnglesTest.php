<?php

declare(strict_types=1);

use Geodex\Core\Driveline\JointAngles;
use Geodex\Core\Driveline\ShaftEnd;
use Geodex\Core\Driveline\YokePhase;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Units\Angle;

function endAt(array $joint, float $pitch = 0.0, float $yaw = 0.0): ShaftEnd
{
    return new ShaftEnd(Vector3::of(...$joint), Angle::ofDegrees($pitch), Angle::ofDegrees($yaw));
}

describe('an axis', function () {
    it('points rearward, up for a positive pitch, right for a positive yaw', function () {
        expect(endAt([0, 0, 0])->axis()->toArray())->toEqualWithDelta([1.0, 0.0, 0.0], 1e-12)
            ->and(endAt([0, 0, 0], 90)->axis()->z)->toEqualWithDelta(1.0, 1e-12)
            ->and(endAt([0, 0, 0], 0, 90)->axis()->y)->toEqualWithDelta(1.0, 1e-12)
            ->and(endAt([0, 0, 0], 30, 40)->axis()->norm())->toEqualWithDelta(1.0, 1e-12);
    });
});

describe('joint angles', function () {
    it('do not depend on where the frame stands or how it is turned level (seed 91)', function () {
        mt_srand(91);
        for ($round = 0; $round < 30; $round++) {
            [$p1, $y1, $p2, $y2] = array_map(fn (): float => mt_rand(-60, 60) / 10, range(1, 4));
            $rear = [1500, mt_rand(-80, 80), mt_rand(-150, 150)];
            $here = new JointAngles(endAt([0, 0, 0], $p1, $y1), endAt($rear, $p2, $y2), YokePhase::InPhase);
            $moved = new JointAngles(
                endAt([700, 30, 480], $p1, $y1),
                endAt([$rear[0] + 700, $rear[1] + 30, $rear[2] + 480], $p2, $y2),
                YokePhase::InPhase,
            );
            expect($moved->front->degrees())->toEqualWithDelta($here->front->degrees(), 1e-9)
                ->and($moved->residual->degrees())->toEqualWithDelta($here->residual->degrees(), 1e-6);
        }
    });

    it('are the same seen in a mirror', function () {
        $right = new JointAngles(endAt([0, 0, 0], 2, 1), endAt([1500, 60, -90], -1, 2), YokePhase::InPhase);
        $left = new JointAngles(endAt([0, 0, 0], 2, -1), endAt([1500, -60, -90], -1, -2), YokePhase::InPhase);
        expect($left->front->degrees())->toEqualWithDelta($right->front->degrees(), 1e-9)
            ->and($left->rear->degrees())->toEqualWithDelta($right->rear->degrees(), 1e-9)
            ->and($left->residual->degrees())->toEqualWithDelta($right->residual->degrees(), 1e-6);
    });

    it('cancel in a Z and in a W of equal angles, and not when unequal', function (float $front, float $rear, float $residual) {
        $angles = new JointAngles(endAt([0, 0, 0], $front), endAt([1000, 0, 0], $rear), YokePhase::InPhase);
        expect($angles->residual->degrees())->toEqualWithDelta($residual, 1e-6);
    })->with([
        'Z, 4 and 4' => [4.0, 4.0, 0.0],
        'W, 4 and −4' => [4.0, -4.0, 0.0],
        '5 and 4' => [5.0, 4.0, 3.0],
        '5 and −4' => [5.0, -4.0, 3.0],
        'one alone' => [0.0, 6.0, 6.0],
    ]);

    it('never cancel a quarter turn out', function () {
        $angles = new JointAngles(endAt([0, 0, 0], 3), endAt([1000, 0, 0], 4), YokePhase::QuarterTurn);
        expect($angles->residual->degrees())->toEqualWithDelta(5.0, 1e-9);
    });

    it('stand a shaft that runs straight across the vehicle', function () {
        $angles = new JointAngles(endAt([0, 0, 0], 0, 90), endAt([0, 800, 0], 0, 90), YokePhase::InPhase);
        expect($angles->front->degrees())->toEqualWithDelta(0.0, 1e-6)
            ->and($angles->residual->degrees())->toEqualWithDelta(0.0, 1e-6);
    });
});
