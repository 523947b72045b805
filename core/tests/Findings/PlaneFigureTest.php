<?php

declare(strict_types=1);

use Geodex\Core\Findings\Held;
use Geodex\Core\Findings\PlaneFigure;
use Geodex\Core\Findings\SurveyAssessor;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Tolerance;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\CannotComputeSurvey;
use Geodex\Core\Survey\Reading\Reading;
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

describe('what is taken for a plane figure', function () {
    /** @param  list<Reading>  $readings */
    function isPlane(array $readings, ?Frame $frame = null): bool
    {
        return (new PlaneFigure)->is($frame ?? uncharted(), Readings::survey($readings));
    }

    it('is four points with a length between each two', function () {
        expect(isPlane(panelReadings(0.0)))->toBeTrue();
    });

    it('may have a length read twice, from either end', function () {
        $again = new Reading('again', Geodex\Core\Survey\Reading\TramReading::between(['BR', 'AL'], null), hypot(2000, 800) + 0.5, 1.0);
        expect(isPlane([...panelReadings(0.0), $again]))->toBeTrue()
            ->and(isPlane([...panelReadings(0.0, 0.0, 5), $again]))->toBeFalse();
    });

    it('is none with a length that is struck, a height, or a fifth point', function () {
        $readings = panelReadings(0.0);
        $at = ['AL' => Vector3::of(0, -400, 0), 'CL' => Vector3::of(3000, -400, 0)];
        expect(isPlane([...array_slice($readings, 0, 5), new Reading('out', $readings[5]->kind, $readings[5]->value, 1.0, 'Misread')]))->toBeFalse()
            ->and(isPlane([...$readings, Readings::true('height AL', $at)]))->toBeFalse()
            ->and(isPlane([Readings::true('height AL', $at), ...$readings]))->toBeFalse()
            ->and(isPlane([...array_slice($readings, 0, 5), Readings::true('tram AL CL', $at)]))->toBeFalse()
            ->and(isPlane([...$readings, Readings::true('tram AL CL', $at)]))->toBeFalse();
    });

    it('is none where a chart gives a point', function () {
        expect(isPlane(panelReadings(0.0), Readings::ladder(2)))->toBeFalse();
    });

    it('may be read in plan, by plumb bob', function () {
        $plumbed = array_map(fn (Reading $one): Reading => new Reading($one->id, Geodex\Core\Survey\Reading\PlanReading::between($one->kind->points(), null), $one->value, 1.5), panelReadings(0.0));
        expect(isPlane($plumbed))->toBeTrue();
    });
});

it('says by how much the readings disagree at most, and that heights do not show', function () {
    // The sixth length is 6 mm too long; six alike readings share it.
    $assessment = (new SurveyAssessor)->assess(uncharted(), Readings::survey(panelReadings(0.0, 2.4)));
    $most = max(array_map(fn ($reading): float => abs($reading->residual), $assessment->survey->readings));
    expect($most)->toBeGreaterThan(0.3)
        ->and(Said::mm($assessment->fit->reasons[0]))->toContain(sprintf('no reading is off by more than %.1f mm. Heights do not show.', $most));
});

it('gives each of the four a place in the plane without a verdict, and none to a point that was not read', function () {
    $frame = new Frame([...uncharted()->points, new Point('M', 'Middle', Geodex\Core\Frame\Side::Centre, null, null, null, Tolerance::all(), false)]);
    $survey = (new SurveyAssessor)->assess($frame, Readings::survey(panelReadings(3.0)))->survey;
    expect($survey->point('AL')->verdict->value)->toBe('unsure')
        ->and(array_map(fn ($reason) => $reason->value, $survey->point('AL')->reasons))->toBe([Geodex\Core\Survey\Reason::NoChart->value])
        ->and($survey->point('BR')->measured->z)->toEqualWithDelta(0.0, 1e-9)
        ->and($survey->point('M')->measured)->toBeNull()
        ->and($survey->point('M')->verdict->value)->toBe('unmeasured');
});

it('says nothing of square where the four are not two pairs of mates', function () {
    $points = array_map(fn (Point $point): Point => new Point($point->id, $point->name, $point->side, $point->id[0] === 'A' ? null : $point->mate, null, null, $point->tolerance, $point->base), uncharted()->points);
    expect((new SurveyAssessor)->assess(new Frame($points), Readings::survey(panelReadings(8.0)))->fit->reasons)->toHaveCount(1);
});

it('takes as square what is within the widest tolerance of its corners', function (float $rack, string $said) {
    $points = array_map(fn (Point $point): Point => new Point($point->id, $point->name, $point->side, $point->mate, null, null, Tolerance::of(2.0, 9.0, 2.0), $point->base), uncharted()->points);
    $readings = array_map(fn (Reading $one): Reading => new Reading($one->id, $one->kind, $one->value, 0.05), panelReadings($rack));
    expect(Said::mm((new SurveyAssessor)->assess(new Frame($points), Readings::survey($readings))->fit->reasons[1]))->toStartWith($said);
})->with([[4.0, 'Square'], [8.0, 'Not square']]);

it('does not mind a height that was struck', function () {
    $height = new Reading('h', Geodex\Core\Survey\Reading\HeightReading::between(['AL'], null), 300.0, 1.0, 'Read off the wrong staff');
    $plain = (new SurveyAssessor)->assess(uncharted(), Readings::survey(panelReadings(8.0)));
    $struck = (new SurveyAssessor)->assess(uncharted(), Readings::survey([$height, ...panelReadings(8.0)]));
    expect($struck->against)->toBe(Held::Plane)
        ->and(array_map(Said::mm(...), $struck->fit->reasons))->toBe(array_map(Said::mm(...), $plain->fit->reasons));
});
