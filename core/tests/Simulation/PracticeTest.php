<?php

declare(strict_types=1);

use Geodex\Core\Findings\FindingsReader;
use Geodex\Core\Findings\Pattern;
use Geodex\Core\Findings\Section;
use Geodex\Core\Simulation\Damage;
use Geodex\Core\Simulation\Practice\Exercise;
use Geodex\Core\Simulation\Practice\PracticeLevel;
use Geodex\Core\Simulation\Practice\Scorer;
use Geodex\Core\Simulation\Practice\Statement;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Said;

/** @return list<Statement> the whole truth */
function truthOf(Exercise $exercise): array
{
    return array_map(fn (Damage $d): Statement => new Statement($d->pattern, $d->section, $d->amount > 0, $d->side), $exercise->simulated->damages);
}

it('is repeatable by its seed', function (PracticeLevel $level) {
    expect((new Exercise(77, $level))->simulated)->toEqual((new Exercise(77, $level))->simulated)
        ->and((new Exercise(77, $level))->simulated->damages)->toHaveCount($level->damages())
        ->and((new Exercise(78, $level))->simulated)->not->toEqual((new Exercise(77, $level))->simulated);
})->with(PracticeLevel::cases());

it('can be solved: a full survey finds what is bent (seeds 1 to 10)', function (PracticeLevel $level) {
    $found = $all = 0;
    for ($seed = 1; $seed <= 10; $seed++) {
        $exercise = new Exercise($seed, $level);
        $readings = [];
        foreach (Readings::tour($exercise->simulated->truth) as $n => $reading) {
            $readings[] = new Reading("r$n", $reading->kind, $exercise->measurer->read($reading->kind, $n)->value, $reading->sigma);
        }
        $frame = $exercise->simulated->frame;
        $findings = (new FindingsReader)->read($frame, (new SurveyComputer)->compute($frame, Readings::survey($readings)));
        foreach (truthOf($exercise) as $statement) {
            $all++;
            foreach ($findings as $finding) {
                $found += $finding->significant && $statement->pattern === $finding->pattern && $statement->section === $finding->section && $statement->side === $finding->side && $statement->positive === $finding->amount > 0 ? 1 : 0;
            }
        }
    }
    expect($found / $all)->toBeGreaterThan(0.85);
})->with([[PracticeLevel::Apprentice], [PracticeLevel::Master]]);

it('gives full points for the whole truth at par', function () {
    $exercise = new Exercise(5, PracticeLevel::Journeyman);
    $score = (new Scorer)->score($exercise, truthOf($exercise), ['12'], ['12' => 'a centimetre misread'], $exercise->level->par());
    expect($score->points)->toBe(100)
        ->and(array_column($score->findings, 'right'))->toBe([true, true])
        ->and(Said::mm($score->readings[0]['text']))->toBe('Reading 12: a centimetre misread. You found it.');
});

it('takes points for what is missed, what is false, and for many readings', function () {
    $exercise = new Exercise(5, PracticeLevel::Journeyman);
    $truth = truthOf($exercise);
    $score = fn (array $said, array $accused, int $taken) => (new Scorer)->score($exercise, $said, $accused, ['12' => 'an inch'], $taken)->points;
    expect($score([$truth[0]], ['12'], 60))->toBeLessThan(100)->toBeGreaterThan(40)
        ->and($score($truth, [], 60))->toBe(75)
        ->and($score($truth, ['12', '13'], 60))->toBe(88)
        ->and($score($truth, ['12'], 120))->toBe(85)
        ->and($score([], [], 0))->toBe(0);
});

it('tells a finding the wrong way round from one that is missed, and names what is not so', function () {
    $exercise = new Exercise(5, PracticeLevel::Apprentice);
    $damage = $exercise->simulated->damages[0];
    $wrongWay = new Statement($damage->pattern, $damage->section, ! ($damage->amount > 0), $damage->side);
    $false = new Statement(Pattern::Diamond, Section::Centre, true);
    $lines = Said::each(array_column((new Scorer)->score($exercise, [$wrongWay, $false], [], [], 40)->findings, 'text'));
    expect($lines[0])->toContain('the other way round')
        ->and($lines[1])->toBe('Not so: the centre section is out of square, the right rail sits rearward.');
});
