<?php

declare(strict_types=1);

use Geodex\Core\Findings\ChartDoubt;
use Geodex\Core\Findings\SurveyAssessor;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Reference\SourceComparer;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Said;

it('calls two sources agreeing up to what careful shops hold, and no further', function (float $off, bool $agree) {
    $first = Readings::truth(Readings::ladder(8));
    $second = [...$first, 'HL' => $first['HL']->plus(Vector3::of(0, $off, 0))];
    $sides = array_map(fn ($region): string => $region->side->value, (new SourceComparer)->compare($first, $second, ['one', 'other'])->regions);
    expect(in_array('open', $sides, true))->toBe(! $agree);
})->with([[2.9, true], [-2.9, true], [6.0, false], [-6.0, false]]);

it('sides with a source only where the readings clearly do', function (float $off, string $side) {
    $frame = Readings::ladder(8, 4);
    $first = Readings::truth($frame);
    $second = [...$first, 'HL' => $first['HL']->plus(Vector3::of(0, $off, 0)), 'HR' => $first['HR']->plus(Vector3::of(0, $off, 0))];
    $measured = (new Geodex\Core\Survey\SurveyComputer)->compute($frame, Readings::survey(Readings::tour($first)));
    $regions = (new SourceComparer)->compare($first, $second, ['one', 'other'], $measured)->regions;
    expect($regions[count($regions) - 1]->side->value)->toBe($side);
})->with(['far apart' => [30.0, 'first'], 'hardly apart' => [6.0, 'open']]);

describe('a figure of the chart', function () {
    /** @return list<ChartDoubt> of a chart in which the station of ER is off by a figure, surveyed with that uncertainty */
    function doubtsWith(float $figure, float $sigma = 0.2): array
    {
        $sound = Readings::ladder(6, 3);
        $chart = new Frame(array_map(fn (Point $p): Point => $p->id === 'ER' ? $p->at($p->reference->plus(Vector3::of($figure, 0, 0))) : $p, $sound->points));
        $readings = array_map(fn (Reading $r): Reading => new Reading($r->id, $r->kind, $r->value, $sigma), [...Readings::tour(Readings::truth($sound))]);

        return (new SurveyAssessor)->assess($chart, Readings::survey($readings))->doubts;
    }

    it('is asked about from a likelihood of three on: twenty millimetres are, ten are not', function (float $figure, bool $asked) {
        expect(doubtsWith($figure) !== [])->toBe($asked);
    })->with([
        [10.0, false],
        [-10.0, false],
        [20.0, true],
        [-20.0, true],
        [25.4, true],
        [-25.4, true],
        [100.0, true],
        [13.0, false],
        [22.0, false],
    ]);

    it('is a question that names what decides, and never takes the verdict back', function () {
        $doubt = doubtsWith(100.0)[0];
        expect(Said::mm($doubt->text))->toStartWith('Is the chart of ER wrong?')->toContain('times likelier than a point bent')->toContain('a sister vehicle or its mate')
            ->and($doubt->kind->value)->toBe('figure')->and($doubt->axis)->toBe(0)->and($doubt->suggested)->toEqualWithDelta(2900.0, 0.5);
    });
});
