<?php

declare(strict_types=1);

use Geodex\Core\Findings\Finding;
use Geodex\Core\Findings\FindingsReader;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Said;

/**
 * Findings on a ladder of six rows, the first four base, bent by $bend.
 *
 * @param  callable(string, Vector3): Vector3  $bend
 * @return array<string, Finding> by "section pattern side"
 */
function findingsOf(callable $bend, int $base = 4): array
{
    $frame = Readings::ladder(6, $base);
    $truth = Readings::truth($frame);
    foreach ($truth as $id => $place) {
        $truth[$id] = $bend($id, $place);
    }
    $readings = Readings::tour($truth);
    foreach ($truth as $id => $_) {
        $readings[] = Readings::true("offset $id", $truth);
    }
    $result = (new SurveyComputer)->compute($frame, Readings::survey($readings));
    $found = [];
    foreach ((new FindingsReader)->read($frame, $result) as $finding) {
        $found[trim("{$finding->section->value} {$finding->pattern->value} {$finding->side}")] = $finding;
    }

    return $found;
}

describe('a bend that was made', function () {
    it('is read with its amount and sign', function (callable $bend, string $pattern, float $amount, string $text) {
        $finding = findingsOf($bend)[$pattern];
        expect($finding->amount)->toEqualWithDelta($amount, 1e-4)
            ->and($finding->significant)->toBeTrue()
            ->and(Said::mm($finding->text))->toContain($text);
    })->with([
        'rear to the right' => [fn (string $id, Vector3 $p) => $id[0] === 'F' ? $p->plus(Vector3::of(0, 9, 0)) : $p, 'rear sidesway', 9.0, 'The rear stands to the right by 9.0'],
        'rear low' => [fn (string $id, Vector3 $p) => $id[0] === 'F' ? $p->plus(Vector3::of(0, 0, -8)) : $p, 'rear sag', -8.0, 'The rear hangs low by 8.0'],
        'left rail short' => [fn (string $id, Vector3 $p) => $id === 'FL' ? $p->plus(Vector3::of(-7, 0, 0)) : $p, 'rear short-rail left', 7.0, 'The left rail is short at the rear by 7.0'],
        'right rail long' => [fn (string $id, Vector3 $p) => $id === 'FR' ? $p->plus(Vector3::of(7, 0, 0)) : $p, 'rear short-rail right', -7.0, 'The right rail is long'],
        'rear twisted' => [fn (string $id, Vector3 $p) => $id[0] === 'F' ? $p->plus(Vector3::of(0, 0, $id === 'FR' ? 6 : -6)) : $p, 'rear twist', 12.0, 'The rear is twisted, right side high'],
    ]);

    it('in the centre shows as twist, diamond or sag', function (callable $bend, string $pattern, int $sign) {
        $finding = findingsOf($bend, 6)[$pattern];
        expect($finding->significant)->toBeTrue()
            ->and($finding->amount * $sign)->toBeGreaterThan(5.0);
    })->with([
        'twist rising rearward on the right' => [fn (string $id, Vector3 $p) => $p->plus(Vector3::of(0, 0, ($id[1] === 'R' ? 1 : -1) * $p->x / 600)), 'centre twist', 1],
        'right rail rearward' => [fn (string $id, Vector3 $p) => $p->plus(Vector3::of($id[1] === 'R' ? 5 : -5, 0, 0)), 'centre diamond', 1],
        'middle low' => [fn (string $id, Vector3 $p) => $p->plus(Vector3::of(0, 0, in_array($id[0], ['C', 'D'], true) ? -9 : 0)), 'centre sag', -1],
    ]);

    it('in front is read towards the centre', function () {
        $frame = Readings::ladder(5);
        $points = array_map(fn ($p) => new Geodex\Core\Frame\Point($p->id, $p->name, $p->side, $p->mate, null, $p->reference, $p->tolerance, ! in_array($p->id[0], ['A', 'B'], true)), $frame->points);
        $frame = new Geodex\Core\Frame\Frame($points);
        $truth = Readings::truth($frame);
        $truth['AL'] = $truth['AL']->plus(Vector3::of(6, 0, 0));
        $findings = (new FindingsReader)->read($frame, (new SurveyComputer)->compute($frame, Readings::survey(Readings::tour($truth))));
        $short = array_values(array_filter($findings, fn (Finding $f): bool => $f->pattern->value === 'short-rail' && $f->side === 'left'))[0];
        expect($short->section->value)->toBe('front')
            ->and($short->amount)->toEqualWithDelta(6.0, 1e-4);
    });
});

it('finds nothing significant on a straight frame', function () {
    expect(array_filter(findingsOf(fn (string $id, Vector3 $p) => $p), fn (Finding $f): bool => $f->significant))->toBe([]);
});

it('does not call a turn of the whole frame a diamond', function () {
    $turned = fn (string $id, Vector3 $p) => Vector3::of($p->x - 0.01 * $p->y, $p->y + 0.01 * $p->x, $p->z);
    expect(abs(findingsOf($turned, 6)['centre diamond']->amount))->toBeLessThan(0.1);
});

it('is silent without a pair', function () {
    $frame = Readings::ladder(3);
    $alone = new Geodex\Core\Frame\Frame(array_map(fn ($p) => new Geodex\Core\Frame\Point($p->id, $p->name, $p->side, null, null, $p->reference, $p->tolerance, true), $frame->points));
    $result = (new SurveyComputer)->compute($alone, Readings::survey(Readings::tour(Readings::truth($alone))));
    expect((new FindingsReader)->read($alone, $result))->toBe([]);
});
