<?php

declare(strict_types=1);

use Geodex\Core\Geometry\RigidMotion;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Reference\MirrorPlane;
use Geodex\Core\Survey\CannotComputeSurvey;

/** @return list<array{Vector3, Vector3}> five pairs, mirrored in y = 0, heights falling rearward */
function matedPairs(): array
{
    return array_map(fn (int $i): array => [Vector3::of(600 * $i, -400 - 5 * $i, 500 - 12 * $i), Vector3::of(600 * $i, 400 + 5 * $i, 500 - 12 * $i)], range(0, 4));
}

/** A turn about the height by $yaw and about the station by $roll (radians), then a shift. */
function turnedBy(float $yaw, float $roll, Vector3 $shift): RigidMotion
{
    [$c, $s, $k, $l] = [cos($yaw), sin($yaw), cos($roll), sin($roll)];

    return new RigidMotion([[$c, -$s * $k, $s * $l], [$s, $c * $k, -$c * $l], [0.0, $l, $k]], $shift);
}

describe('a frame that is its own mirror image', function () {
    it('is laid with its mirror plane on y = 0, wherever it stood', function (float $yaw, float $roll, array $shift) {
        $motion = turnedBy($yaw, $roll, Vector3::of(...$shift));
        $stood = array_map(fn (array $pair): array => [$motion->apply($pair[0]), $motion->apply($pair[1])], matedPairs());
        $laid = (new MirrorPlane)->axes($stood, null);
        foreach ($stood as [$left, $right]) {
            [$l, $r] = [$laid->apply($left), $laid->apply($right)];
            expect($l->y)->toEqualWithDelta(-$r->y, 1e-6)->and($l->x)->toEqualWithDelta($r->x, 1e-6)->and($l->z)->toEqualWithDelta($r->z, 1e-6)
                ->and($r->y)->toBeGreaterThan(0.0);
        }
        // Named from the front, its first pair stands at station 0, its last behind all others; its middle is at the height 0.
        $middles = array_map(fn (array $pair): Vector3 => $laid->apply($pair[0]->plus($pair[1])->times(0.5)), $stood);
        expect($middles[0]->x)->toEqualWithDelta(0.0, 1e-6)
            ->and($middles[4]->x)->toEqualWithDelta(sqrt(2400 ** 2 + 48 ** 2), 1e-6)
            ->and(array_sum(array_map(fn (Vector3 $place): float => $place->z, $middles)))->toEqualWithDelta(0.0, 1e-6);
    })->with([
        'the other way round' => [3.0, 0.1, [4000.0, 0.0, 0.0]],
        'as it is' => [0.0, 0.0, [0.0, 0.0, 0.0]],
        'a little turned' => [0.02, 0.01, [100.0, 30.0, -5.0]],
        'across the bench' => [1.4, 0.0, [-300.0, 900.0, 40.0]],
        'rolled on its side' => [0.3, 0.8, [10.0, -20.0, 600.0]],
    ]);

    it('has its first pair at station 0 and runs rearward from there', function () {
        $laid = (new MirrorPlane)->axes(matedPairs(), Vector3::of(0, 0, 1));
        $stations = array_map(fn (array $pair): float => $laid->apply($pair[0])->x, matedPairs());
        expect($stations[0])->toEqualWithDelta(0.0, 1e-6);
        for ($i = 1; $i < 5; $i++) {
            expect($stations[$i])->toBeGreaterThan($stations[$i - 1]);
        }
    });

    it('keeps heights that are known, and turns the frame over where it lay upside down', function () {
        $over = new RigidMotion([[1.0, 0.0, 0.0], [0.0, -1.0, 0.0], [0.0, 0.0, -1.0]], Vector3::of(0, 0, 1000));
        $stood = array_map(fn (array $pair): array => [$over->apply($pair[0]), $over->apply($pair[1])], matedPairs());
        $laid = (new MirrorPlane)->axes($stood, Vector3::of(0, 0, -1));
        expect($laid->apply($stood[4][0])->z)->toBeLessThan($laid->apply($stood[0][0])->z);
        $upright = (new MirrorPlane)->axes(matedPairs(), Vector3::of(0, 0, 1));
        expect($upright->apply(matedPairs()[0][0])->z)->toEqualWithDelta(500.0, 1e-6);
    });

    it('counts stations from what it is told is the first', function () {
        $laid = (new MirrorPlane)->axes(array_slice(matedPairs(), 2), Vector3::of(0, 0, 1), Vector3::of(0, 0, 500));
        expect($laid->apply(matedPairs()[2][0])->x)->toEqualWithDelta(1200.0, 1.0);
    });
});

it('shares a mismatch between both sides: no plane mirrors better (seeds 1 to 5)', function (int $seed) {
    $random = new Random\Randomizer(new Random\Engine\Mt19937($seed));
    $pairs = array_map(fn (array $pair): array => array_map(fn (Vector3 $p): Vector3 => $p->plus(Vector3::of($random->getInt(-9, 9), $random->getInt(-9, 9), $random->getInt(-9, 9))), $pair), matedPairs());
    $mismatch = function (RigidMotion $motion) use ($pairs): float {
        $sum = 0.0;
        foreach ($pairs as [$left, $right]) {
            [$l, $r] = [$motion->apply($left), $motion->apply($right)];
            $sum += ($l->x - $r->x) ** 2 + ($l->y + $r->y) ** 2 + ($l->z - $r->z) ** 2;
        }

        return $sum;
    };
    $best = (new MirrorPlane)->axes($pairs, null);
    foreach ([[0.001, 0.0, 0.0], [-0.001, 0.0, 0.0], [0.0, 0.004, 0.0], [0.0, -0.004, 0.0], [0.0, 0.0, 0.5], [0.0, 0.0, -0.5]] as [$yaw, $roll, $across]) {
        $other = turnedBy($yaw, $roll, Vector3::of(0, $across, 0));
        $sum = 0.0;
        foreach ($pairs as [$left, $right]) {
            [$l, $r] = [$other->apply($best->apply($left)), $other->apply($best->apply($right))];
            $sum += ($l->x - $r->x) ** 2 + ($l->y + $r->y) ** 2 + ($l->z - $r->z) ** 2;
        }
        expect($sum)->toBeGreaterThanOrEqual($mismatch($best) - 1e-6);
    }
})->with([[1], [2], [3], [4], [5]]);

it('needs three pairs', function () {
    expect(fn () => (new MirrorPlane)->axes(array_slice(matedPairs(), 0, 2), null))->toThrow(CannotComputeSurvey::class, 'three pairs of mates');
});
