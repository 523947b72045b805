<?php

declare(strict_types=1);

use Geodex\Core\Findings\Pattern;
use Geodex\Core\Findings\Section;
use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Simulation\Damage;
use Geodex\Core\Simulation\DamageMaker;
use Geodex\Core\Simulation\FrameBender;
use Geodex\Core\Simulation\FrameMaker;
use Geodex\Core\Simulation\RandomSource;

/** @return array<string, Vector3> how far each point of a made-up frame of nine rows is moved by these damages */
function bentBy(Damage ...$damages): array
{
    $frame = (new FrameMaker)->make(11, 9);
    $bent = (new FrameBender)->bend($frame, array_values($damages));
    $moved = [];
    foreach ($frame->points as $point) {
        $moved[$point->id] = $bent->truth[$point->id]->minus($point->reference ?? Vector3::of(0, 0, 0));
    }

    return $moved;
}

it('leaves a frame alone that nothing happened to', function () {
    foreach (bentBy() as $moved) {
        expect($moved->norm())->toBe(0.0);
    }
});

it('bends an end fully at its outermost row, less towards the centre, and the rest not at all', function () {
    $moved = bentBy(new Damage(Pattern::Sidesway, Section::Rear, 12.0));
    expect($moved['IL']->y)->toBe(12.0)->and($moved['IR']->y)->toBe(12.0)
        ->and($moved['HL']->y)->toBeGreaterThan(1.0)->toBeLessThan(12.0)
        ->and($moved['AL']->norm())->toBe(0.0)->and($moved['EL']->norm())->toBe(0.0);
});

it('has the signs of the findings', function (Damage $damage, string $point, array $expected) {
    $moved = bentBy($damage)[$point]->toArray();
    foreach ($expected as $axis => $mm) {
        expect($moved[$axis])->toEqualWithDelta($mm, 1e-9);
    }
})->with([
    'sag down at the front' => [new Damage(Pattern::Sag, Section::Front, -8.0), 'AR', [0.0, 0.0, -8.0]],
    'a rail short at the front comes rearward' => [new Damage(Pattern::ShortRail, Section::Front, 9.0, 'left'), 'AL', [9.0, 0.0, 0.0]],
    'a rail short at the rear comes forward' => [new Damage(Pattern::ShortRail, Section::Rear, 9.0, 'right'), 'IR', [-9.0, 0.0, 0.0]],
    'the other rail stays' => [new Damage(Pattern::ShortRail, Section::Rear, 9.0, 'right'), 'IL', [0.0, 0.0, 0.0]],
    'twist lifts the right' => [new Damage(Pattern::Twist, Section::Rear, 10.0), 'IR', [0.0, 0.0, 5.0]],
    'and lowers the left' => [new Damage(Pattern::Twist, Section::Rear, 10.0), 'IL', [0.0, 0.0, -5.0]],
    'diamond sets the right rail rearward' => [new Damage(Pattern::Diamond, Section::Centre, 8.0), 'ER', [4.0, 0.0, 0.0]],
    'twist of the centre goes on behind it' => [new Damage(Pattern::Twist, Section::Centre, 6.0), 'IR', [0.0, 0.0, 3.0]],
    'and has not begun before it' => [new Damage(Pattern::Twist, Section::Centre, 6.0), 'AR', [0.0, 0.0, 0.0]],
]);

it('adds damages up', function () {
    $both = bentBy(new Damage(Pattern::Sidesway, Section::Rear, 5.0), new Damage(Pattern::Sag, Section::Rear, -4.0));
    expect($both['IL']->minus(Vector3::of(0, 5, -4))->norm())->toBeLessThan(1e-9);
});

it('scatters the holes of a sound frame by a little, the same for the same seed', function () {
    $frame = (new FrameMaker)->make(11, 6);
    $a = (new FrameBender)->bend($frame, [], new RandomSource(3));
    $b = (new FrameBender)->bend($frame, [], new RandomSource(3));
    expect($a->truth)->toEqual($b->truth);
    $off = array_map(fn (Point $p): float => $a->truth[$p->id]->minus($p->reference ?? Vector3::of(0, 0, 0))->norm(), $frame->points);
    expect(max($off))->toBeLessThan(2.0)->and(array_sum($off))->toBeGreaterThan(0.5);
});

describe('made-up frames', function () {
    it('run rearward in pairs that mirror, a third of the rows taken as undamaged', function (int $seed, int $rows) {
        $frame = (new FrameMaker)->make($seed, $rows);
        expect($frame->points)->toHaveCount(2 * $rows);
        $before = -INF;
        foreach (array_chunk($frame->points, 2) as [$left, $right]) {
            expect($left->reference->x)->toBe($right->reference->x)->toBeGreaterThan($before)
                ->and($left->reference->y)->toBe(-$right->reference->y)->and($left->mate)->toBe($right->id)->and($right->mate)->toBe($left->id)
                ->and($left->feature->diameter->mm)->toBe($right->feature->diameter->mm);
            $before = $left->reference->x;
        }
        expect(count(array_filter($frame->points, fn (Point $p): bool => $p->base)))->toBe(2 * max(2, intdiv($rows, 3)));
    })->with([[1, 4], [2, 6], [3, 9], [4, 16]]);
});

describe('made-up damage', function () {
    it('is as much as it is told, each of another kind', function (int $seed) {
        $damages = (new DamageMaker)->make(new RandomSource($seed), 3, 6.0, 14.0);
        expect($damages)->toHaveCount(3);
        $kinds = array_map(fn (Damage $d): string => "{$d->section->value} {$d->pattern->value}", $damages);
        expect(array_unique($kinds))->toHaveCount(3);
        foreach ($damages as $damage) {
            expect(abs($damage->amount))->toBeGreaterThanOrEqual(6.0)->toBeLessThanOrEqual(14.0)
                ->and($damage->side === null)->toBe($damage->pattern !== Pattern::ShortRail);
        }
    })->with([[1], [2], [3], [4]]);

    it('never makes a rail longer than it was', function () {
        foreach (range(1, 60) as $seed) {
            foreach ((new DamageMaker)->make(new RandomSource($seed), 4, 5.0, 9.0) as $damage) {
                expect($damage->pattern !== Pattern::ShortRail || $damage->amount > 0)->toBeTrue();
            }
        }
    });
});
