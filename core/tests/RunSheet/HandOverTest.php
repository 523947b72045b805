<?php

declare(strict_types=1);

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\RunSheet\HandOver\ChangedVehicle;
use Geodex\Core\RunSheet\HandOver\HandOver;
use Geodex\Core\RunSheet\HandOver\OpenPoint;
use Geodex\Core\RunSheet\HandOver\ReSurvey;

$stretched = new ChangedVehicle(isPlanned: true, isCut: true, hasShaft: true, hasOtherWheelbase: true, hasLinesChanged: true, hasFasteners: true);
$untouched = new ChangedVehicle(false, false, false, false, false, false);
$ids = fn (HandOver $handOver, ChangedVehicle $vehicle): array => array_map(fn (OpenPoint $one): string => $one->id, $handOver->points($vehicle));

describe('open points', function () use ($stretched, $untouched, $ids): void {
    it('follow from what was changed', function () use ($stretched, $untouched, $ids): void {
        expect($ids(HandOver::of([]), $stretched))->toContain('balance', 'alignment', 'brakes', 'electronics', 'certification', 'fasteners')
            ->and($ids(HandOver::of([]), $untouched))->toBe([]);
        $bracketed = new ChangedVehicle(isPlanned: true, isCut: false, hasShaft: false, hasOtherWheelbase: false, hasLinesChanged: false, hasFasteners: false);
        expect($ids(HandOver::of([]), $bracketed))->not->toContain('balance')->not->toContain('brakes')->not->toContain('coating')->toContain('certification');
    });

    it('are settled by an answer and a name, yes or no, and by neither alone', function () use ($stretched): void {
        $of = fn (string $answer, string $who): bool => HandOver::of(['answers' => ['balance' => ['answer' => $answer, 'who' => $who]]])->points($stretched)[0]->isSettled();
        expect($of('yes', 'driveline shop'))->toBeTrue()
            ->and($of('no', 'owner knows'))->toBeTrue()
            ->and($of('yes', ''))->toBeFalse()
            ->and($of('', 'somebody'))->toBeFalse();
    });

    it('may be a person’s own', function () use ($untouched): void {
        $points = HandOver::of(['more' => ['Tail lift tested'], 'answers' => ['own:Tail lift tested' => ['answer' => 'yes', 'who' => 'lift maker']]])->points($untouched);
        expect($points)->toHaveCount(1)
            ->and($points[0]->isOwn)->toBeTrue()
            ->and($points[0]->isSettled())->toBeTrue();
    });

    it('never say that anything is approved or released', function () use ($stretched): void {
        foreach (HandOver::of([])->points($stretched) as $point) {
            expect(strtolower("$point->what $point->because"))->not->toContain('approved')->not->toContain('released');
        }
    });
});

describe('what was kept of a hand-over', function (): void {
    it('comes back as it was', function (): void {
        $kept = ['answers' => ['balance' => ['answer' => 'yes', 'who' => 'Kim']], 'more' => ['Lift'], 'checks' => [['what' => 'Bolts', 'when' => 'after 100 km']], 'marks' => ['FL', 'HR']];
        expect(HandOver::of($kept)->toArray())->toBe($kept)
            ->and(HandOver::of([])->toArray())->toBe([]);
    });

    it('loses what is none, and nothing else', function (): void {
        $kept = HandOver::of(['answers' => ['a' => ['answer' => 'perhaps', 'who' => 'x'], 'b' => 'yes', 'c' => ['answer' => 'no']], 'more' => ['Lift', '', 7, 'Lift'], 'checks' => [['what' => ''], ['what' => 'Bolts', 'when' => 'soon'], 'x'], 'marks' => 'FL']);
        expect($kept->answers)->toHaveKey('c')->not->toHaveKey('a')
            ->and($kept->more)->toBe(['Lift'])
            ->and($kept->checks)->toBe([['what' => 'Bolts', 'when' => 'soon']])
            ->and($kept->marks)->toBe([]);
    });

    it('has usual checks where it was cut', function (): void {
        expect(HandOver::usualChecks(new ChangedVehicle(true, true, false, false, false, false)))->toHaveCount(3)
            ->and(HandOver::usualChecks(new ChangedVehicle(true, false, false, false, false, false)))->toBe([]);
    });
});

describe('marks that stay', function (): void {
    $rectangle = ['FL' => Vector3::of(0.0, -400.0, 0.0), 'FR' => Vector3::of(0.0, 400.0, 0.0), 'RL' => Vector3::of(3000.0, -400.0, 0.0), 'RR' => Vector3::of(3000.0, 400.0, 0.0)];

    it('are six lengths between four, the diagonals first', function () use ($rectangle): void {
        $lengths = ReSurvey::lengths($rectangle);
        expect($lengths)->toHaveCount(6)
            ->and($lengths[0]->length)->toEqualWithDelta(hypot(3000.0, 800.0), 1e-9)
            ->and($lengths[1]->length)->toEqualWithDelta($lengths[0]->length, 1e-9)
            ->and($lengths[5]->length)->toEqualWithDelta(800.0, 1e-9);
    });

    it('do not depend on where the frame stands', function () use ($rectangle): void {
        $moved = array_map(fn (Vector3 $at): Vector3 => Vector3::of(-$at->y + 50.0, $at->x - 7.0, $at->z + 900.0), $rectangle);
        expect(array_map(fn (ReSurvey $one): float => round($one->length, 6), ReSurvey::lengths($moved)))->toBe(array_map(fn (ReSurvey $one): float => round($one->length, 6), ReSurvey::lengths($rectangle)));
    });

    it('are no more than ten minutes take', function (): void {
        $many = [];
        for ($i = 0; $i < 9; $i++) {
            $many["P$i"] = Vector3::of(100.0 * $i, 7.0 * $i * $i, 0.0);
        }
        expect(count(ReSurvey::lengths($many)))->toBe(12)
            ->and(ReSurvey::lengths(['A' => Vector3::of(0.0, 0.0, 0.0)]))->toBe([]);
    });
});
