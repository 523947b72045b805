<?php

declare(strict_types=1);

use Geodex\Core\Findings\Held;
use Geodex\Core\Findings\SurveyAssessor;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\CannotComputeSurvey;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Said;

/** Four corners in one plane, the right rail racked rearward. */
function panelReadings(float $rack, float $error = 0.0, int $count = 6): array
{
    $at = ['AL' => Vector3::of(0, -400, 0), 'AR' => Vector3::of($rack, 400, 0), 'BL' => Vector3::of(2000, -400, 0), 'BR' => Vector3::of(2000 + $rack, 400, 0)];
    $calls = ['tram AL AR', 'tram BL BR', 'tram AL BL', 'tram AR BR', 'tram AL BR', 'tram AR BL'];

    return array_map(fn (string $call): Geodex\Core\Survey\Reading\Reading => Readings::true($call, $at, $call === 'tram AL BR' ? $error : 0.0), array_slice($calls, 0, $count));
}

function uncharted(): Frame
{
    return new Frame(array_map(fn (Point $point): Point => $point->at(null), Readings::ladder(2)->points));
}

it('lays four points out in one plane by five lengths, checks them by the sixth, and says so', function () {
    $assessment = (new SurveyAssessor)->assess(uncharted(), Readings::survey(panelReadings(8.0)));
    expect($assessment->against)->toBe(Held::Plane)->and($assessment->survey->network->redundancy)->toBe(1)->and($assessment->pulls)->toBe([])
        ->and(Said::mm($assessment->fit->reasons[0]))->toContain('taken as one plane')->toContain('off by more than 0.0 mm')
        ->and(Said::mm($assessment->fit->reasons[1]))->toContain('Not square')->toContain('the diagonals differ by');
    $at = array_column($assessment->survey->points, 'measured', 'id');
    expect($at['AL']->minus($at['BR'])->norm())->toEqualWithDelta(hypot(2008, 800), 1e-3)->and($assessment->survey->point('AL')->determined)->toBe([true, true, false])
        ->and($assessment->survey->point('AL')->deviation)->toBeNull();
});

it('shows by its one check that a length is wrong, and cannot tell which', function () {
    $result = (new SurveyAssessor)->assess(uncharted(), Readings::survey(panelReadings(0.0, 25.4)))->survey;
    expect(count($result->explanations))->toBeGreaterThan(3);
});

it('is not taken for a plane with a length missing', function () {
    expect(fn () => (new SurveyAssessor)->assess(uncharted(), Readings::survey(panelReadings(0.0, 0.0, 5))))->toThrow(CannotComputeSurvey::class);
});
