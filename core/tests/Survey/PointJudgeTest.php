<?php

declare(strict_types=1);

use Geodex\Core\Findings\SurveyAssessor;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Reading\HeightReading;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\Reason;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\Verdict;
use Geodex\Core\Tests\Support\Readings;

/** A frame with every point at one height, and the lengths of its tour. */
function flatFrame(): array
{
    $frame = Readings::ladder(4, 3);
    $flat = new Frame(array_map(fn (Point $p): Point => $p->at(Vector3::of($p->reference->x, $p->reference->y, 500)), $frame->points));

    return [$flat, array_values(array_filter(Readings::tour(Readings::truth($flat)), fn (Reading $r): bool => $r->kind::name() === 'tram'))];
}

describe('heights that no reading reads', function () {
    it('are loose and undecided also at the points that carry the datum', function () {
        [$flat, $trams] = flatFrame();
        $result = (new SurveyComputer)->compute($flat, Readings::survey($trams));
        foreach ($result->points as $point) {
            expect($point->determined)->toBe([true, true, false])->and($point->axes[2])->toBe(Verdict::Unsure)->and($point->reasons[2])->toBe(Reason::TooFew)
                ->and($point->axes[0])->toBe(Verdict::In);
        }
    });

    it('give no finding of height or twist, and no pull', function () {
        [$flat, $trams] = flatFrame();
        $assessment = (new SurveyAssessor)->assess($flat, Readings::survey($trams));
        expect(array_filter($assessment->findings, fn ($f): bool => in_array($f->pattern->value, ['twist', 'sag'], true)))->toBe([])
            ->and($assessment->pulls)->toBe([]);
    });

    it('are settled where each is read', function () {
        [$flat, $trams] = flatFrame();
        $heights = array_map(fn (Point $p): Reading => new Reading("h $p->id", new HeightReading($p->id), 500.0, 0.4), $flat->points);
        foreach ((new SurveyComputer)->compute($flat, Readings::survey([...$trams, ...$heights]))->points as $point) {
            expect($point->determined)->toBe([true, true, true])
                ->and($point->axes[2])->toBe(Verdict::In);
        }
    });
});
