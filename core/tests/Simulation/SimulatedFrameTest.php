<?php

declare(strict_types=1);

use Geodex\Core\Findings\FindingsReader;
use Geodex\Core\Findings\Pattern;
use Geodex\Core\Findings\Section;
use Geodex\Core\Simulation\Damage;
use Geodex\Core\Simulation\FrameBender;
use Geodex\Core\Simulation\FrameMaker;
use Geodex\Core\Simulation\FrameMeasurer;
use Geodex\Core\Simulation\Person;
use Geodex\Core\Simulation\RandomSource;
use Geodex\Core\Survey\Reading\HeightReading;
use Geodex\Core\Survey\Reading\TramReading;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Tests\Support\Readings;

it('makes the same frame of the same seed, and another of another', function () {
    expect((new FrameMaker)->make(5, 6))->toEqual((new FrameMaker)->make(5, 6))->not->toEqual((new FrameMaker)->make(6, 6));
});

it('bends a frame so that the findings say just that', function (Damage $damage) {
    $frame = (new FrameMaker)->make(3, 8);
    $bent = (new FrameBender)->bend($frame, [$damage]);
    $result = (new SurveyComputer)->compute($frame, Readings::survey(Readings::tour($bent->truth)));
    foreach ((new FindingsReader)->read($frame, $result) as $finding) {
        $meant = $finding->pattern === $damage->pattern && $finding->section === $damage->section && $finding->side === $damage->side;
        if ($meant) {
            expect($finding->amount)->toEqualWithDelta($damage->amount, 0.15);
        } elseif ($finding->section === $damage->section) {
            // To first order only: a bent end is a little shorter.
            expect(abs($finding->amount))->toBeLessThan(0.4);
        }
    }
})->with([
    'sidesway' => [new Damage(Pattern::Sidesway, Section::Rear, 12.0)],
    'sag' => [new Damage(Pattern::Sag, Section::Front, -9.0)],
    'short rail' => [new Damage(Pattern::ShortRail, Section::Rear, 10.0, 'left')],
    'twist' => [new Damage(Pattern::Twist, Section::Rear, -14.0)],
    'diamond' => [new Damage(Pattern::Diamond, Section::Centre, 8.0)],
    'twist of the centre' => [new Damage(Pattern::Twist, Section::Centre, 6.0)],
]);

it('reads with the slop it is given, and the same number gives the same reading', function () {
    $frame = (new FrameMaker)->make(3, 6);
    $measurer = new FrameMeasurer((new FrameBender)->bend($frame, []), new Person(1.5), 42);
    $kind = TramReading::between(['AL', 'CR'], null);
    $true = $kind->linearise(Readings::truth($frame))->predicted;
    $errors = array_map(fn (int $n): float => $measurer->read($kind, $n)->value - $true, range(1, 800));
    $sigma = sqrt(array_sum(array_map(fn (float $e): float => $e * $e, $errors)) / 800);
    expect($sigma)->toBeGreaterThan(1.35)->toBeLessThan(1.65)
        ->and($measurer->read($kind, 7))->toEqual($measurer->read($kind, 7));
});

it('misreads as often as it is told to, and says how', function () {
    $measurer = new FrameMeasurer((new FrameBender)->bend((new FrameMaker)->make(3, 6), []), new Person(1.0, 0.2), 42);
    $mistakes = array_filter(array_map(fn (int $n): ?string => $measurer->read(TramReading::between(['AL', 'CR'], null), $n)->mistake, range(1, 500)));
    expect(count($mistakes) / 500)->toBeGreaterThan(0.12)->toBeLessThan(0.24)
        ->and(count(array_unique($mistakes)))->toBeGreaterThan(4);
    $heights = array_filter(array_map(fn (int $n): ?string => $measurer->read(HeightReading::between(['AL'], null), $n)->mistake, range(1, 200)));
    expect($heights)->not->toBe([]);
});

it('has chance that can be had again', function () {
    [$a, $b] = [new RandomSource(9), new RandomSource(9)];
    expect([$a->share(), $a->normal(2.0), $a->whole(1, 6)])->toBe([$b->share(), $b->normal(2.0), $b->whole(1, 6)]);
});
