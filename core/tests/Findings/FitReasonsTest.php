<?php

declare(strict_types=1);

use Geodex\Core\Findings\ChartDoubt;
use Geodex\Core\Findings\DoubtKind;
use Geodex\Core\Findings\Finding;
use Geodex\Core\Findings\FitJudge;
use Geodex\Core\Findings\FitState;
use Geodex\Core\Findings\FitVerdict;
use Geodex\Core\Findings\Pattern;
use Geodex\Core\Findings\Section;
use Geodex\Core\Survey\NetworkSummary;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\SurveyResult;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Said;
use Geodex\Core\Words\Sentence;

/** A sound ladder of eight rows of which the front ones are read, sharply and twice. */
function readSharply(int $rows = 8, float $sigma = 0.1): SurveyResult
{
    $frame = Readings::ladder(8, 3);
    $at = array_slice(Readings::truth($frame), 0, 2 * $rows);
    $readings = [];
    foreach (['a', 'b'] as $round) {
        array_push($readings, ...array_map(fn (Reading $one): Reading => new Reading("$round $one->id", $one->kind, $one->value, $sigma), Readings::tour($at)));
    }

    return (new SurveyComputer)->compute($frame, Readings::survey($readings));
}

/** @param  array<string, mixed>  $change */
function otherwise(SurveyResult $result, array $change): SurveyResult
{
    return new SurveyResult(...[...get_object_vars($result), ...$change]);
}

/**
 * @param  list<Finding>  $findings
 * @param  list<ChartDoubt>  $doubts
 */
function fitOf(SurveyResult $result, array $findings = [], array $doubts = [], bool $mirrored = false): FitVerdict
{
    return (new FitJudge)->judge(Readings::ladder(8, 3), $mirrored, $result, $findings, $doubts);
}

function rearFinding(float $amount, float $sigma, bool $significant = true): Finding
{
    return new Finding(Pattern::Sag, Section::Rear, null, $amount, $sigma, $significant, Sentence::plain('sag', 'The rear hangs low.'), ['HL', 'HR'], 3.0);
}

it('is fit where all is within, and says of a mirror image what it cannot show', function () {
    $fit = fitOf(readSharply());
    expect($fit->state)->toBe(FitState::Fit)->and(array_map(Said::mm(...), $fit->reasons))->toBe(['Every point that was read is within its tolerance, and every reading is checked by others.'])
        ->and(fitOf(readSharply(), mirrored: true)->reasons)->toHaveCount(2);
});

it('names up to six points, and how many more', function (int $rows, string $says) {
    expect(array_map(Said::mm(...), fitOf(readSharply($rows))->reasons))->toContain($says);
})->with([
    [7, 'Not read yet: HL, HR.'],
    [5, 'Not read yet: FL, FR, GL, GR, HL, HR.'],
    [4, 'Not read yet: EL, ER, FL, FR, GL, GR and 2 more.'],
]);

it('has to be straightened where a pattern is surely over its tolerance', function (Finding $finding, FitState $state) {
    expect(fitOf(readSharply(), [$finding])->state)->toBe($state);
})->with([
    // 1.96 sigmas of a half are 0.98.
    'surely' => [rearFinding(-4.0, 0.5), FitState::Straighten],
    'just not' => [rearFinding(3.98, 0.5), FitState::Fit],
    'not significant' => [rearFinding(9.0, 0.5, false), FitState::Fit],
]);

it('does not count a pattern whose chart is in doubt, and is undecided then', function (string $point, FitState $state) {
    $doubt = new ChartDoubt(DoubtKind::Sign, $point, 1, 1.0, 2.0, -1.0, Sentence::plain('d', 'd'));
    $fit = fitOf(readSharply(), [rearFinding(9.0, 0.5)], [$doubt]);
    expect($fit->state)->toBe($state)->and(array_map(Said::mm(...), $fit->reasons))->toContain("The chart of $point is in doubt.");
})->with(['of its own point' => ['HL', FitState::Undecided], 'of another' => ['EL', FitState::Straighten], 'of one that carries the datum' => ['AL', FitState::Undecided]]);

it('says in how many ways the readings can be explained', function (bool $beyond, string $says) {
    $result = readSharply();
    $ambiguous = otherwise($result, ['explanations' => [$result->explanations[0], $result->explanations[0], $result->explanations[0]], 'beyond' => $beyond]);
    $fit = fitOf($ambiguous);
    expect($fit->state)->toBe(FitState::Undecided)->and(array_map(Said::mm(...), $fit->reasons))->toBe([$says]);
})->with([
    [false, 'The readings can be explained in 3 ways: take the reading that tells them apart.'],
    [true, 'The readings can be explained in more than 3 ways: take the reading that tells them apart.'],
]);

it('says how much readings scatter over what their tools claim', function () {
    $network = new NetworkSummary(readings: 100, unknowns: 48, gauge: 3, redundancy: 55, varianceFactor: 4.0, iterations: 3, consistent: false);
    expect(Said::mm(fitOf(otherwise(readSharply(), ['network' => $network]))->reasons[0]))->toStartWith('The readings scatter 2.0 times as much as their tools claim');
});

it('says how many readings nothing checks, and how many are left out', function (int $unchecked, int $suspect, array $says) {
    $result = readSharply();
    $readings = $result->readings;
    foreach ($readings as $i => $one) {
        $change = match (true) {
            $i < $unchecked => ['checked' => false],
            $i < $unchecked + $suspect => ['status' => Geodex\Core\Survey\ReadingStatus::Suspect],
            default => [],
        };
        $readings[$i] = new Geodex\Core\Survey\ReadingResult(...[...get_object_vars($one), ...$change]);
    }
    expect(array_map(Said::mm(...), fitOf(otherwise($result, ['readings' => $readings]))->reasons))->toBe($says);
})->with([
    [1, 0, ['One reading is checked by no other, so a mistake in it would not show.']],
    [3, 0, ['3 readings are checked by no other, so a mistake in one would not show.']],
    [1, 1, ['One reading is checked by no other, so a mistake in it would not show.', 'One reading that does not fit is left out; strike it or take it again.']],
    [0, 1, ['Every point that was read is within its tolerance, and every reading is checked by others.', 'One reading that does not fit is left out; strike it or take it again.']],
    [0, 2, ['Every point that was read is within its tolerance, and every reading is checked by others.', '2 readings that do not fit are left out; strike them or take them again.']],
]);
