<?php

declare(strict_types=1);

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Reference\MirrorDeviations;
use Geodex\Core\Reference\MirrorPairs;
use Geodex\Core\Reference\Projection;
use Geodex\Core\Tests\Support\Readings;

describe('the mirror pairs of a frame', function () {
    it('are the mates that are both placed, left first, in the order of the job', function () {
        $frame = Readings::ladder(4, 0);
        $at = Readings::truth($frame);
        expect(MirrorPairs::of($frame, $at)->pairs)->toBe([['AL', 'AR'], ['BL', 'BR'], ['CL', 'CR'], ['DL', 'DR']])
            ->and(MirrorPairs::of($frame, array_diff_key($at, ['BR' => 1, 'CL' => 1]))->pairs)->toBe([['AL', 'AR'], ['DL', 'DR']])
            ->and(MirrorPairs::of($frame, [])->pairs)->toBe([]);
    });

    it('hold by those taken as undamaged, from three on; with fewer all hold', function (int $base, int $holding) {
        $frame = Readings::ladder(5, $base);
        $pairs = MirrorPairs::of($frame, Readings::truth($frame));
        expect($pairs->holding($frame))->toHaveCount($holding)
            ->and($pairs->isHolding($frame, 'AR'))->toBeTrue()
            ->and($pairs->isHolding($frame, 'EL'))->toBe($holding === 5)
            ->and($pairs->isHolding($frame, 'X'))->toBeFalse();
    })->with([[0, 5], [2, 5], [3, 3], [4, 4]]);

    it('hold where both mates are taken as undamaged, wherever they stand', function (array $base, array $holding) {
        $frame = new Frame(array_map(fn (Point $point): Point => $point->at($point->reference, null, in_array($point->id, $base, true)), Readings::ladder(5, 0)->points));
        expect(MirrorPairs::of($frame, Readings::truth($frame))->holding($frame))->toBe(array_map(fn (string $row): array => ["{$row}L", "{$row}R"], $holding));
    })->with([
        'the rear three' => [['CL', 'CR', 'DL', 'DR', 'EL', 'ER'], ['C', 'D', 'E']],
        'a pair of which one is bent does not' => [['AL', 'AR', 'BL', 'CL', 'CR', 'DL', 'DR'], ['A', 'C', 'D']],
        'nor with the other bent' => [['AL', 'AR', 'BR', 'CL', 'CR', 'DL', 'DR'], ['A', 'C', 'D']],
        'two pairs and a half are too few' => [['AL', 'AR', 'BL', 'BR', 'CL'], ['A', 'B', 'C', 'D', 'E']],
    ]);

    it('begin at the middle of the first pair', function () {
        $frame = Readings::ladder(2, 0);
        $at = [...Readings::truth($frame), 'AL' => Vector3::of(90, -380, 440), 'AR' => Vector3::of(110, 400, 460)];
        expect(MirrorPairs::of($frame, $at)->front($at))->toEqual(Vector3::of(100, 10, 450))
            ->and(MirrorPairs::of($frame, [])->front([]))->toBeNull();
    });

    it('name the mate of either side, and none of a stranger', function () {
        $frame = Readings::ladder(2, 0);
        $pairs = MirrorPairs::of($frame, Readings::truth($frame));
        expect([$pairs->mate('BL'), $pairs->mate('BR'), $pairs->mate('M')])->toBe(['BR', 'BL', null]);
    });
});

it('mirrors in the plane of the middle', function () {
    expect(MirrorDeviations::mirror(Vector3::of(3, -4, 5)))->toEqual(Vector3::of(3, 4, 5));
});

describe('taking a motion out', function () {
    it('leaves what the holding rows do not share', function () {
        // One motion that lifts both rows alike, orthonormal on two holding rows: 1/√2 each.
        $projection = new Projection([[0 => M_SQRT1_2, 1 => M_SQRT1_2]], [0 => 1.0, 1 => 1.0]);
        $left = $projection->of([0 => [0 => 5.0, 1 => 2.0], 1 => [0 => 3.0, 1 => 4.0]]);
        expect($left[0][0])->toEqualWithDelta(1.0, 1e-12)
            ->and($left[1][0])->toEqualWithDelta(-1.0, 1e-12)
            ->and($left[0][1])->toEqualWithDelta(-1.0, 1e-12)
            ->and($left[1][1])->toEqualWithDelta(1.0, 1e-12);
    });

    it('takes it out of rows that do not hold as well, and lets them have no say', function () {
        $projection = new Projection([[0 => 1.0, 1 => 2.0]], [0 => 1.0, 1 => 0.0]);
        expect($projection->of([0 => [0 => 5.0], 1 => [0 => 7.0]]))->toBe([0 => [0 => 0.0], 1 => [0 => -3.0]]);
    });

    it('takes several out one after the other, and leaves all where there is none', function () {
        $rows = [0 => [0 => 5.0], 1 => [0 => 7.0], 2 => [0 => 1.0]];
        $weight = [0 => 1.0, 1 => 1.0, 2 => 1.0];
        expect((new Projection([], $weight))->of($rows))->toBe($rows)
            ->and((new Projection([[0 => 1.0, 1 => 0.0, 2 => 0.0], [0 => 0.0, 1 => 1.0, 2 => 0.0]], $weight))->of($rows))->toBe([0 => [0 => 0.0], 1 => [0 => 0.0], 2 => [0 => 1.0]]);
    });
});
