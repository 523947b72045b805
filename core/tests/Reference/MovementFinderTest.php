<?php

declare(strict_types=1);

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Reference\Movement\Movement;
use Geodex\Core\Reference\Movement\MovementFinder;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Survey\SurveyStage;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Said;

/** @return array<string, Movement> between two surveys of the ladder, with these points moved between them */
function movements(array $moved, int $seed, ?Frame $frame = null): array
{
    $ladder = Readings::ladder(5);
    $at = Readings::truth($ladder);
    $after = $at;
    foreach ($moved as $id => $shift) {
        $after[$id] = $at[$id]->plus($shift);
    }
    $found = (new MovementFinder)->find(
        $frame ?? $ladder,
        new Survey('before', SurveyStage::Before, Readings::tour($at, Readings::noise($seed, 0.7))),
        new Survey('tack', SurveyStage::Tack, Readings::tour($after, Readings::noise($seed + 1, 0.7))),
    );

    return array_combine(array_map(fn (Movement $m): string => $m->point, $found), $found);
}

it('says how far each point moved, which way, and how sure that is', function () {
    $moved = movements(['ER' => Vector3::of(0, 0, -9)], 3);
    expect($moved['ER']->moved[2])->toBeTrue()->and($moved['ER']->shift->z)->toEqualWithDelta(-9.0, 3.5)
        ->and(Said::mm($moved['ER']->text))->toMatch('/^ER moved .*\d\.\d ± \d\.\d mm down.* since before\.$/');
});

it('calls nothing moved that did not, but for the one in twenty that 95 % leaves (seeds 1 to 20)', function () {
    $moved = $all = 0;
    for ($seed = 1; $seed <= 20; $seed++) {
        foreach (movements([], 2 * $seed) as $movement) {
            $moved += count(array_filter($movement->moved));
            $all += 3;
        }
    }
    expect($moved / $all)->toBeLessThan(0.08);
})->group('slow');

it('needs no chart', function () {
    $bare = new Frame(array_map(fn (Point $point): Point => $point->at(null), Readings::ladder(5)->points));
    $moved = movements(['ER' => Vector3::of(0, 12, 0)], 5, $bare);
    expect($moved['ER']->shift->y)->toEqualWithDelta(12.0, 5.0)
        ->and(Said::mm($moved['AL']->text))->toContain('has not moved since before');
});

it('is turned round when the surveys are', function () {
    $ladder = Readings::ladder(5);
    $at = Readings::truth($ladder);
    $after = [...$at, 'EL' => $at['EL']->plus(Vector3::of(4, 0, 0))];
    [$a, $b] = [new Survey('a', SurveyStage::Before, Readings::tour($at)), new Survey('b', SurveyStage::After, Readings::tour($after))];
    foreach ((new MovementFinder)->find($ladder, $a, $b) as $i => $there) {
        $back = (new MovementFinder)->find($ladder, $b, $a)[$i];
        expect($there->shift->plus($back->shift)->norm())->toBeLessThan(0.02);
    }
});

/**
 * Between two surveys without any error, of which each reads only some points.
 *
 * @param  array<string, Vector3>  $moved
 * @param  array{list<string>, list<string>}  $unread  points that the earlier and the later survey leave out
 * @return array<string, Movement>
 */
function sharpMovements(Frame $frame, array $moved, array $unread = [[], []], float $sigma = 0.2): array
{
    $at = Readings::truth(Readings::ladder(5));
    $survey = fn (string $id, array $places, array $out): Survey => new Survey($id, SurveyStage::Before, array_values(array_map(
        fn ($one) => new Geodex\Core\Survey\Reading\Reading($one->id, $one->kind, $one->value, $sigma),
        array_filter(Readings::tour($places), fn ($one): bool => array_intersect($one->kind->points(), $out) === []),
    )));
    $after = $at;
    foreach ($moved as $id => $by) {
        $after[$id] = $at[$id]->plus($by);
    }
    $found = (new MovementFinder)->find($frame, $survey('first', $at, $unread[0]), $survey('second', $after, $unread[1]));

    return array_combine(array_map(fn (Movement $one): string => $one->point, $found), $found);
}

it('is told of the points that both surveys read, and goes on past the others', function () {
    expect(array_keys(sharpMovements(Readings::ladder(5), [], [['BR'], ['DL']])))->toBe(['AL', 'AR', 'BL', 'CL', 'CR', 'DR', 'EL', 'ER']);
});

it('is held against the base points that were read, from three on, and against all points where there are fewer', function (int $base, float $rear) {
    // All of the rear half went twelve millimetres back: against the base points in front that is what moved, against all of them half of it.
    $frame = new Frame(array_map(fn (Point $point, int $i): Point => $point->at($point->reference, null, $i < $base), Readings::ladder(5)->points, range(0, 9)));
    $moved = array_fill_keys(['DL', 'DR', 'EL', 'ER'], Vector3::of(12, 0, 0));
    expect(sharpMovements($frame, $moved)['ER']->shift->x)->toEqualWithDelta($rear, 0.2);
})->with([[4, 12.0], [3, 12.0], [2, 7.2], [0, 7.2]]);

it('counts only base points that the earlier survey read', function () {
    $frame = new Frame(array_map(fn (Point $point, int $i): Point => $point->at($point->reference, null, $i < 4), Readings::ladder(5)->points, range(0, 9)));
    $moved = array_fill_keys(['DL', 'DR', 'EL', 'ER'], Vector3::of(12, 0, 0));
    expect(sharpMovements($frame, $moved, [['AL'], []])['ER']->shift->x)->toEqualWithDelta(12.0, 0.2);
});
