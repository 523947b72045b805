<?php

declare(strict_types=1);

use Geodex\Core\Findings\Pattern;
use Geodex\Core\Findings\PullStep;
use Geodex\Core\Findings\Section;
use Geodex\Core\Findings\SurveyAssessor;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Simulation\Damage;
use Geodex\Core\Simulation\FrameBender;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Said;

/** An unsymmetrical ladder of seven rows, the middle five base, bent and surveyed sharply. */
function bentCentre(array $damages): array
{
    $frame = new Frame(array_map(fn (Point $p): Point => $p->at($p->reference->plus(Vector3::of($p->id[1] === 'R' ? 12 : 0, 0, $p->id[1] === 'R' ? 5 : 0)), null, in_array($p->id[0], ['B', 'C', 'D', 'E', 'F'], true)), Readings::ladder(7, 0)->points));
    $bent = (new FrameBender)->bend($frame, $damages);
    $readings = array_map(fn (Reading $r): Reading => new Reading($r->id, $r->kind, $r->value, 0.1), Readings::tour($bent->truth));

    return [$frame, $bent->truth, (new SurveyAssessor)->assess($frame, Readings::survey($readings))];
}

/** @return array<string, Vector3> */
function madeOn(array $at, PullStep $step): array
{
    foreach ($step->parts as $part) {
        foreach ($part->points as $id) {
            $at[$id] = $at[$id]->plus($part->way->by($part->amount));
        }
    }

    return $at;
}

it('names each end and the middle by what it has to do', function (Damage $damage, string $direction) {
    [, , $assessment] = bentCentre([$damage]);
    $step = array_values(array_filter($assessment->pulls, fn (PullStep $one): bool => $one->section === Section::Centre && $one->pattern === $damage->pattern))[0];
    expect($step->direction)->toBe($direction);
})->with([
    'right side rising rearward' => [new Damage(Pattern::Twist, Section::Centre, 24.0), 'row BL, BR: right side up, left side down; row FL, FR: right side down, left side up, a quarter each'],
    'right side falling rearward' => [new Damage(Pattern::Twist, Section::Centre, -24.0), 'row BL, BR: right side down, left side up; row FL, FR: right side up, left side down, a quarter each'],
    'standing high in the middle' => [new Damage(Pattern::Sag, Section::Centre, 18.0), 'the middle down against both ends'],
    'hanging low in the middle' => [new Damage(Pattern::Sag, Section::Centre, -18.0), 'the middle up against both ends'],
    'right rail rearward' => [new Damage(Pattern::Diamond, Section::Centre, 12.0), 'the right rail forward and the left rail rearward, half each'],
    'left rail rearward' => [new Damage(Pattern::Diamond, Section::Centre, -12.0), 'the left rail forward and the right rail rearward, half each'],
]);

it('has every watched reading stand at its number once that pull is made, and no earlier', function (array $damages) {
    [, $truth, $assessment] = bentCentre($damages);
    expect($assessment->pulls)->not->toBe([]);
    // The model of the frame as it was measured; each step is made on it in turn.
    $at = array_map(fn ($point) => $point->measured, array_column($assessment->survey->points, null, 'id'));
    foreach ($assessment->pulls as $step) {
        $after = madeOn($at, $step);
        foreach ($step->checks as $check) {
            [$from, $to] = explode(' ', $check->call);
            $read = fn (array $where): float => $check->kind === 'rise' ? $where[$to]->z - $where[$from]->z : $where[$to]->minus($where[$from])->norm();
            expect($read($at))->toEqualWithDelta($check->now, 1e-6)
                ->and($read($after))->toEqualWithDelta($check->target, 1e-6)
                ->and(abs($check->target - $check->now))->toBeGreaterThan(0.3);
        }
        $at = $after;
    }
})->with([
    'a rear end three ways out' => [[new Damage(Pattern::Sidesway, Section::Rear, 12.0), new Damage(Pattern::Sag, Section::Rear, -11.0), new Damage(Pattern::Twist, Section::Rear, 10.0)]],
    'a diamond and a short rail' => [[new Damage(Pattern::Diamond, Section::Centre, 14.0), new Damage(Pattern::ShortRail, Section::Front, 9.0, 'left')]],
]);

it('watches no reading from an anchor that is out itself', function () {
    [, , $assessment] = bentCentre([new Damage(Pattern::Sidesway, Section::Rear, 14.0)]);
    $verdicts = array_column($assessment->survey->points, 'verdict', 'id');
    foreach ($assessment->pulls as $step) {
        foreach ($step->checks as $check) {
            expect($verdicts[explode(' ', $check->call)[0]]->value)->not->toBe('out');
        }
    }
});

it('holds a pull back while a question bears on it', function () {
    $frame = Readings::ladder(5, 3);
    $truth = Readings::truth($frame);
    $truth['EL'] = $truth['EL']->plus(Vector3::of(0, 16, 0));
    $truth['ER'] = $truth['ER']->plus(Vector3::of(0, 16, 0));
    $near = array_values(array_filter(Readings::tour($truth), fn (Reading $r): bool => count($r->kind->points()) === 1 || abs(ord($r->kind->points()[0]) - ord($r->kind->points()[1])) <= 1));
    $spoilt = array_map(fn (Reading $r): Reading => $r->id === 'tram DL ER' ? new Reading($r->id, $r->kind, $r->value + 25.4, $r->sigma) : $r, $near);
    $held = (new SurveyAssessor)->assess($frame, Readings::survey($spoilt));
    $sure = (new SurveyAssessor)->assess($frame, Readings::survey(array_map(fn (Reading $r): Reading => new Reading($r->id, $r->kind, $r->value, 0.2), $near)));
    expect(array_filter($held->pulls, fn (PullStep $step): bool => $step->pattern === Pattern::Sidesway))->toBe([])->and($held->held)->not->toBe([])
        ->and(Said::mm($held->held[0]->until))->toContain('is read')->and($sure->held)->toBe([])->and($sure->pulls)->not->toBe([]);
});
