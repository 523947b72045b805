<?php

declare(strict_types=1);

use Geodex\Core\Bench\Corner;
use Geodex\Core\Bench\UnusableBench;
use Geodex\Core\Cli\UnusableCall;
use Geodex\Core\Driveline\InvalidShaft;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Failure\Refusal;
use Geodex\Core\Frame\UnknownPoint;
use Geodex\Core\Geometry\DegenerateGeometry;
use Geodex\Core\JobFile\InvalidFile;
use Geodex\Core\JobFile\Problem;
use Geodex\Core\Plan\InvalidPlan;
use Geodex\Core\Survey\Call\UnclearCall;
use Geodex\Core\Survey\CannotComputeSurvey;
use Geodex\Core\Survey\Instrument\UnusableInstrument;
use Geodex\Core\Survey\Reading\ImpossibleReading;
use Geodex\Core\Survey\Reading\UnknownReadingKind;
use Geodex\Core\Units\InvalidQuantity;
use Geodex\Core\Units\UnreadableLength;

dataset('refusals', [
    'no number' => [fn () => InvalidQuantity::notFinite('A length'), 'quantity.not-finite'],
    'not positive' => [fn () => InvalidQuantity::notPositive('A sigma', -1.0), 'quantity.not-positive'],
    'unreadable length' => [fn () => UnreadableLength::because('1/0', 'no tape is divided so.'), 'length.unreadable'],
    'no direction' => [fn () => DegenerateGeometry::noDirection(0.0), 'geometry.no-direction'],
    'pointers' => [fn () => DegenerateGeometry::shorterThanPointers('AL', 'BR', 90.0), 'geometry.pointers-too-far-apart'],
    'in line' => [fn () => DegenerateGeometry::pointsInLine(4), 'geometry.points-in-line'],
    'unknown point' => [fn () => UnknownPoint::named('ZZ', ['AL']), 'point.unknown'],
    'point without place' => [fn () => UnknownPoint::withoutPlace('X1'), 'point.without-place'],
    'unknown kind' => [fn () => UnknownReadingKind::named('guess', ['tram']), 'reading.unknown-kind'],
    'same point twice' => [fn () => ImpossibleReading::samePointTwice('r1', 'AL'), 'reading.same-point-twice'],
    'impossible' => [fn () => ImpossibleReading::because('r1', 'Too long.'), 'reading.impossible'],
    'unclear call' => [fn () => UnclearCall::because('value', 'The value is missing.'), 'call.unclear'],
    'empty survey' => [fn () => CannotComputeSurvey::empty('before'), 'survey.empty'],
    'no pairs' => [fn () => CannotComputeSurvey::noPairs(), 'survey.no-pairs'],
    'heights wanted' => [fn () => CannotComputeSurvey::heightsWanted(['X1']), 'survey.heights-wanted'],
    'bench size' => [fn () => UnusableBench::notPositive('The pitch', 0.0), 'bench.not-positive'],
    'bench out of reach' => [fn () => UnusableBench::outOfReach(Corner::FrontLeft, Corner::RearRight, 3.0), 'bench.out-of-reach'],
    'beyond travel' => [fn () => UnusableBench::beyondTravel(Corner::FrontLeft, 70.0, 60.0), 'bench.beyond-travel'],
    'lengths do not close' => [fn () => UnusableBench::lengthsDoNotClose('by 90 mm'), 'bench.lengths-do-not-close'],
    'one station' => [fn () => UnusableBench::sameStation('The two pairs'), 'bench.same-station'],
    'instrument size' => [fn () => UnusableInstrument::notPositive('The reach', 0.0), 'instrument.not-positive'],
    'few check readings' => [fn () => UnusableInstrument::tooFewReadings(2), 'instrument.too-few-readings'],
    'far from known' => [fn () => UnusableInstrument::farOff(39.4, 1000.0), 'instrument.far-off'],
    'cannot read' => [fn () => UnusableInstrument::cannotRead('Bar', 'tram bar', 'height'), 'instrument.cannot-read'],
    'few base points' => [fn () => CannotComputeSurvey::tooFewBasePoints(['AL'], ['AR', 'BL']), 'survey.too-few-base-points'],
    'base points in line' => [fn () => CannotComputeSurvey::basePointsInLine(['AL', 'BL', 'CL']), 'survey.base-points-in-line'],
    'too contradictory' => [fn () => CannotComputeSurvey::tooContradictory(['r1' => 'tram AL – BR']), 'survey.too-contradictory'],
    'too large' => [fn () => CannotComputeSurvey::tooLarge(5000, 2.0, ['r1' => 'tram AL – BR']), 'survey.too-large'],
    'no convergence' => [fn () => CannotComputeSurvey::noConvergence(300, 0.2), 'survey.no-convergence'],
    'plan length' => [fn () => InvalidPlan::length('op1', 0.0), 'plan.length'],
    'kerf' => [fn () => InvalidPlan::kerf(99.0), 'plan.kerf'],
    'off the frame' => [fn () => InvalidPlan::offTheFrame('op1', 9.0, 0.0, 5.0), 'plan.off-the-frame'],
    'overlap' => [fn () => InvalidPlan::overlap('a', 'b'), 'plan.overlap'],
    'unknown operation' => [fn () => InvalidPlan::unknownKind('widen', ['stretch']), 'plan.unknown-kind'],
    'no chart to plan on' => [fn () => InvalidPlan::noChart(), 'plan.no-chart'],
    'shaft' => [fn () => InvalidShaft::because('tube', 'too thin.'), 'driveline.invalid'],
    'joint cut out' => [fn () => InvalidShaft::jointCutOut('rear'), 'driveline.joint-cut-out'],
    'file' => [fn () => InvalidFile::with([new Problem('title', 'must not be empty.')]), 'file.invalid'],
    'call of the command' => [fn () => UnusableCall::because('no file', 'usage: …'), 'cli.unusable-call'],
]);

it('has a code that stays, and a sentence that is safe to show', function (callable $make, string $code) {
    $refusal = $make();
    expect($refusal)->toBeInstanceOf(CoreFailure::class)
        ->and($refusal)->toBeInstanceOf(Refusal::class)
        ->and($refusal->errorCode())->toBe($code)
        ->and($refusal->getMessage())->not->toBe('')
        ->and($refusal->getMessage())->not->toContain('Exception')
        ->and($refusal->getMessage())->not->toContain('/src/');
})->with('refusals');

it('carries facts that can be written as JSON', function (callable $make) {
    expect(json_encode($make()->context(), JSON_THROW_ON_ERROR))->toBeString();
})->with('refusals');

it('says what to do where something can be done', function (callable $make, string $remedy) {
    expect($make()->getMessage())->toContain($remedy);
})->with([
    [fn () => CannotComputeSurvey::empty('before'), 'Take the first one'],
    [fn () => CannotComputeSurvey::noPairs(), 'Name the mate of each point'],
    [fn () => CannotComputeSurvey::heightsWanted(['X1']), 'Read a height or a rise'],
    [fn () => UnusableBench::outOfReach(Corner::FrontLeft, Corner::RearRight, 3.0), 'Pack that much under rear right'],
    [fn () => CannotComputeSurvey::tooFewBasePoints(['AL'], ['AR', 'BL']), 'Read some of AR, BL'],
    [fn () => CannotComputeSurvey::basePointsInLine(['AL']), 'Read a base point beside that line'],
    [fn () => CannotComputeSurvey::tooContradictory(['r1' => 'tram AL – BR', 'r7' => 'height AL']), 'These look worst: tram AL – BR, height AL. Take them again, or strike them'],
    [fn () => CannotComputeSurvey::tooLarge(5000, 2.0, ['r1' => 'tram AL – BR']), 'Survey the frame in sections'],
    [fn () => CannotComputeSurvey::noConvergence(9, 1.0), 'called to the wrong points'],
    [fn () => InvalidPlan::offTheFrame('op1', 9.0, 0.0, 5.0), 'it runs from 0 to 5 mm'],
    [fn () => InvalidPlan::overlap('a', 'b'), 'move one, or make them one'],
    [fn () => InvalidShaft::jointCutOut('rear'), 'move the cut'],
    [fn () => DegenerateGeometry::shorterThanPointers('AL', 'BR', 90.0), 'check the pointer lengths'],
]);
