<?php

declare(strict_types=1);

use Geodex\Core\Driveline\ExistingShaft;
use Geodex\Core\Driveline\InvalidShaft;
use Geodex\Core\Driveline\Shaft;
use Geodex\Core\Driveline\ShaftCalculator;
use Geodex\Core\Driveline\ShaftCut;
use Geodex\Core\Driveline\ShaftEnd;
use Geodex\Core\Driveline\Slip;
use Geodex\Core\Driveline\Tube;
use Geodex\Core\Driveline\YokePhase;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Tests\Support\Said;
use Geodex\Core\Units\Angle;

describe('what to saw', function () {
    it('lengthens by a new tube, or by an insert with the kerf on top and two root gaps off', function () {
        $cut = new ShaftCut(-126.0, 2.5, 1.5);
        expect($cut->newTube)->toBe(126.0)->and($cut->insert)->toEqualWithDelta(125.5, 1e-9)->and($cut->marks)->toBeNull()
            ->and(Said::mm($cut->text()))->toBe('A new tube is 126.0 mm longer than the old one. Or an insert of 125.5 mm: 126.0 mm to add, 2.5 mm of kerf on top, two root gaps of 1.5 mm off.');
    });

    it('shortens by two marks with one root gap on top and the kerf in the waste', function () {
        $cut = new ShaftCut(153.0, 2.0, 1.5);
        expect($cut->newTube)->toBe(-153.0)->and($cut->insert)->toBeNull()->and($cut->marks)->toBe(154.5)
            ->and(Said::mm($cut->text()))->toBe('A new tube is 153.0 mm shorter than the old one. Mark 154.5 mm apart: 153.0 mm too much and a root gap of 1.5 mm. Saw inside both marks: the kerf of 2.0 mm lies in the waste.');
    });

    it('says which of kerf and gap was not given, and takes neither for zero', function (?float $kerf, ?float $gap, string $says) {
        $cut = new ShaftCut(-126.0, $kerf, $gap);
        expect($cut->insert)->toBeNull()->and(Said::mm($cut->text()))->toContain($says);
    })->with([
        'neither' => [null, null, 'not given: the kerf of the saw and the root gap of a weld.'],
        'no kerf' => [null, 1.5, 'not given: the kerf of the saw.'],
        'no gap' => [2.0, null, 'not given: the root gap of a weld.'],
    ]);

    it('has no marks without a gap, and saws nothing where the tube keeps its length', function () {
        $cut = new ShaftCut(10.0, null, null);
        expect($cut->marks)->toBeNull()->and(Said::mm($cut->text()))->toContain('which is not given')->toContain('the kerf lies in the waste')
            ->and(Said::mm((new ShaftCut(0.0, 2.0, 1.0))->text()))->toBe('The tube keeps its length.')->and((new ShaftCut(0.0, 2.0, 1.0))->insert)->toBeNull()->and((new ShaftCut(0.0, 2.0, 1.0))->marks)->toBeNull()
            ->and(Said::mm((new ShaftCut(0.06, 2.0, 1.0))->text()))->toContain('shorter')->and(Said::mm((new ShaftCut(-0.06, 2.0, 1.0))->text()))->toContain('longer');
    });
});

/** A shaft of which only what one can measure without a lift is given. */
function bareShaft(array $change = []): Shaft
{
    return new Shaft(...[
        'id' => 'rear', 'front' => new ShaftEnd(Vector3::of(0, 0, 500), Angle::ofDegrees(2), null), 'rear' => new ShaftEnd(Vector3::of(1500, 0, 400), Angle::ofDegrees(2), null),
        'existing' => new ExistingShaft(1400, 60), 'slip' => new Slip(120, 60, 40, false), 'tube' => new Tube(76.2, 2.1), 'phase' => YokePhase::InPhase,
        'bump' => null, 'droop' => null, 'speed' => 2000.0, ...$change,
    ]);
}

describe('what was not given', function () {
    it('makes no row and is not checked', function () {
        $result = (new ShaftCalculator)->calculate(bareShaft());
        expect(array_map(fn ($state): string => $state->name, $result->states))->toBe(['ride'])->and($result->bottomingClearance)->toBeNull()->and($result->minEngagement)->toBeNull()
            ->and(Said::mm($result->warnings))->not->toContain('bottoms')->not->toContain('engaged')
            ->and(Said::each($result->assumed))->toBe([
                'Full bump is not given: bottoming of the slip is not checked.', 'Full droop is not given: the engagement that is left there is not checked.',
                'In plan the axis of the front joint and the rear joint is taken to run straight: its angle is not given.', 'At least 40 mm of engagement is taken, the diameter of a usual spline: none is given.',
            ]);
    });

    it('is said of each by itself', function () {
        $bump = (new ShaftCalculator)->calculate(bareShaft(['bump' => Vector3::of(0, 0, 80)]));
        $droop = (new ShaftCalculator)->calculate(bareShaft(['droop' => Vector3::of(0, 0, -100), 'rear' => new ShaftEnd(Vector3::of(1500, 0, 400), Angle::ofDegrees(2), Angle::ofDegrees(0)), 'slip' => new Slip(120, 60, 40)]));
        expect($bump->bottomingClearance)->not->toBeNull()->and($bump->minEngagement)->toBeNull()->and(array_map(fn ($state): string => $state->name, $bump->states))->toBe(['ride', 'bump'])
            ->and($droop->bottomingClearance)->toBeNull()->and($droop->minEngagement)->not->toBeNull()
            ->and(Said::each($droop->assumed))->toBe(['Full bump is not given: bottoming of the slip is not checked.', 'In plan the axis of the front joint is taken to run straight: its angle is not given.']);
    });

    it('is nothing where all is given', function () {
        $end = fn (float $x, float $z): ShaftEnd => new ShaftEnd(Vector3::of($x, 0, $z), Angle::ofDegrees(2), Angle::ofDegrees(0));
        expect(Said::each((new ShaftCalculator)->calculate(bareShaft(['front' => $end(0, 500), 'rear' => $end(1500, 400), 'bump' => Vector3::of(0, 0, 80), 'droop' => Vector3::of(0, 0, -100), 'slip' => new Slip(120, 60, 40)]))->assumed))->toBe([]);
    });
});

it('reckons engagement, bottoming and tube exactly', function () {
    // 1500 behind and 100 below: 1503.330; 80 up at bump: 1500.133; 100 down at droop: 1513.275.
    $result = (new ShaftCalculator)->calculate(bareShaft(['bump' => Vector3::of(0, 0, 80), 'droop' => Vector3::of(0, 0, -100)]));
    expect($result->tubeToCut)->toEqualWithDelta(1460 - (1503.32963 + 60), 1e-4)->and($result->cut->newTube)->toEqualWithDelta(103.32963, 1e-4)
        ->and($result->states[1]->engagement)->toEqualWithDelta(1563.32963 - 1500.13333, 1e-4)->and($result->states[2]->engagement)->toEqualWithDelta(1563.32963 - 1513.27460, 1e-4)
        ->and($result->bottomingClearance)->toEqualWithDelta(120 - 63.19630, 1e-4)->and($result->minEngagement)->toEqualWithDelta(50.05503, 1e-4);
});

it('takes parts up to their limits and refuses what lies beyond', function (callable $sound, callable $beyond, string $says) {
    expect($sound())->toBeObject()->and($beyond)->toThrow(InvalidShaft::class, $says);
})->with([
    'a kerf of 20 mm' => [fn () => new Tube(76, 2, 20.0), fn () => new Tube(76, 2, 20.1), 'the kerf must be 0 to 20 mm'],
    'no kerf at all' => [fn () => new Tube(76, 2, 0.0), fn () => new Tube(76, 2, -0.1), 'the kerf must be'],
    'a gap of 20 mm' => [fn () => new Tube(76, 2, 1, 20.0), fn () => new Tube(76, 2, 1, 20.1), 'the root gap must be'],
    'a wall under half' => [fn () => new Tube(76, 37.9), fn () => new Tube(76, 38.0), 'does not fit'],
    'a thin wall' => [fn () => new Tube(76, 0.1), fn () => new Tube(76, 0.0), 'does not fit'],
    'a tube of some width' => [fn () => new Tube(0.5, null), fn () => new Tube(0.0, null), 'outside diameter'],
    'joints 50 mm apart' => [fn () => bareShaft(['rear' => new ShaftEnd(Vector3::of(50, 0, 500), Angle::ofDegrees(2), null)]), fn () => bareShaft(['rear' => new ShaftEnd(Vector3::of(49.9, 0, 500), Angle::ofDegrees(2), null)]), 'less than 50 mm apart'],
    'a shaft that turns once in two minutes' => [fn () => bareShaft(['speed' => 0.5]), fn () => bareShaft(['speed' => 0.0]), 'more than zero rev/min'],
    'a shaft of 50 mm' => [fn () => new ExistingShaft(50.0, 0.0), fn () => new ExistingShaft(49.9, 0.0), 'at least 50 mm'],
    'a slip pulled apart' => [fn () => new ExistingShaft(60.0, 0.0), fn () => new ExistingShaft(60.0, -0.1), 'at least 50 mm'],
    'a slip home at ride' => [fn () => new Slip(70, 70, 0), fn () => new Slip(70, 70.1, 0), 'is more than is possible'],
    'nothing kept in' => [fn () => new Slip(70, 0, 0), fn () => new Slip(70, 60, -0.1), '0 mm or more'],
]);

it('keeps in a refusal what it is about', function () {
    expect(InvalidShaft::because('tube', 'it is soft.')->context())->toBe(['part' => 'tube'])
        ->and(InvalidShaft::jointCutOut('rear')->context())->toBe(['shaft' => 'rear']);
});
