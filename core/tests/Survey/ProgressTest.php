<?php

declare(strict_types=1);

use Geodex\Core\Settings\Provenances;
use Geodex\Core\Simulation\Practice\Exercise;
use Geodex\Core\Simulation\Practice\PracticeLevel;
use Geodex\Core\Survey\PointResult;
use Geodex\Core\Survey\Progress;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\Verdict;
use Geodex\Core\Tests\Support\Readings;

it('counts the coordinates of charted points: settled, out, undecided, not read', function () {
    $frame = Readings::ladder(4);
    $at = array_combine(array_map(fn ($point) => $point->id, $frame->points), array_map(fn ($point) => $point->reference, $frame->points));
    $result = (new SurveyComputer)->compute($frame, Readings::survey(Readings::tour(array_slice($at, 0, 6, true))));
    $progress = Progress::of($frame, $result);
    $axes = array_merge(...array_map(fn (PointResult $point): array => $point->axes, $result->points));
    expect($progress->coordinates)->toBe(24)->and($progress->unread)->toBe(6)
        ->and($progress->settled)->toBe(count(array_filter($axes, fn (Verdict $one): bool => $one !== Verdict::Unsure)))
        ->and($progress->settled + $progress->undecided + $progress->unread)->toBe(24)
        ->and(get_object_vars(Progress::of($frame, null)))->toBe(['coordinates' => 24, 'settled' => 0, 'out' => 0, 'undecided' => 0, 'unread' => 24]);
});

it('shows the truth of an exercise as a survey without error would', function () {
    $simulated = (new Exercise(5, PracticeLevel::Apprentice))->simulated;
    $shown = $simulated->asMeasured();
    foreach ($simulated->frame->points as $i => $point) {
        expect($shown[$i]->id)->toBe($point->id)->and($shown[$i]->measured->minus($point->reference)->minus($shown[$i]->deviation)->norm())->toBeLessThan(1e-9)
            ->and($shown[$i]->expanded->norm())->toBe(0.0)
            ->and($shown[$i]->verdict)->toBe(max(array_map(fn (float $mm, float $allowed): float => abs($mm) / $allowed, $shown[$i]->deviation->toArray(), $point->tolerance->mm)) > 1 ? Verdict::Out : Verdict::In);
    }
    expect(array_filter($shown, fn (PointResult $point): bool => $point->verdict === Verdict::Out))->not->toBe([]);
});

it('says of every number where it comes from, each under a name of its own', function () {
    $all = Provenances::all();
    expect(count($all))->toBeGreaterThan(20);
    foreach ($all as $name => $one) {
        expect($one->name)->toBe($name)
            ->and(min(strlen($one->title), strlen($one->formula), strlen($one->source)))->toBeGreaterThan(2);
    }
});
