<?php

declare(strict_types=1);

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\LinearAlgebra\EnvelopeSolver;
use Geodex\Core\Survey\CannotComputeSurvey;
use Geodex\Core\Survey\Internal\Adjustment;
use Geodex\Core\Survey\Internal\DistanceLayout;
use Geodex\Core\Survey\Internal\FoldFinder;
use Geodex\Core\Survey\Internal\Network;
use Geodex\Core\Survey\Internal\NetworkAdjuster;
use Geodex\Core\Survey\Internal\StartBuilder;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Tests\Support\Kept;
use Geodex\Core\Tests\Support\Readings;

/**
 * A ladder whose rows step up and down, with what is read of it.
 *
 * @return array{Frame, array<string, Vector3>, list<Reading>}
 */
function steppedLadder(string $name): array
{
    $frame = new Frame(array_map(fn (Point $point, int $i): Point => $point->at($point->reference->plus(Vector3::of(0, 0, 55 * (intdiv($i, 2) % 3) + 18 * ($i % 2)))), Readings::ladder(5)->points, range(0, 9)));
    $at = Readings::truth($frame);
    $trams = Readings::tour($at, Readings::noise(21, 0.5), false);
    $of = fn (string ...$calls): array => array_map(fn (string $call): Reading => Readings::true($call, $at, 0.3), $calls);

    return [$frame, $at, match ($name) {
        'lengths' => $trams,
        'lengths and all heights' => [...$trams, ...$of(...array_map(fn (string $id): string => "height $id", array_keys($at)))],
        'lengths and some heights' => [...$trams, ...$of('height AL', 'height BR', 'height ER', 'rise CL CR', 'rise CL DL')],
        'lengths and the bench' => [...$trams, ...$of('height AL', 'offset CR', 'station EL', 'offset AL')],
        'few lengths' => [...array_slice($trams, 0, 24), ...$of('height AL', 'height AR', 'height BL')],
        'lengths in plan' => [...$of('plan AL DR', 'plan AR DL', 'plan BL ER'), ...$trams],
        'half the frame' => array_values(array_filter($trams, fn (Reading $one): bool => array_intersect($one->kind->points(), ['DL', 'DR', 'EL', 'ER']) === [])),
        'an angle and a tilted tram' => [...$trams, ...$of('angle AL BL BR'), Readings::true('tram AL DR', $at, 0.2, [100.0, 260.0], 'tilted')],
        default => throw new LogicException($name),
    }];
}

it('lays out, adjusts and folds as kept', function (string $name) {
    [$frame, $at, $readings] = steppedLadder($name);
    $network = new Network($readings, $at);
    $adjuster = new NetworkAdjuster(new EnvelopeSolver);
    $far = array_map(fn (Vector3 $place): Vector3 => Vector3::of($place->x * 1.02 + 15, $place->y - 25, $place->z * 0.9 + 40), $at);
    $adjusted = $adjuster->adjust($network, $far);
    $sum = array_sum(array_map(fn (float $w): float => $w * $w, $adjusted->misclosures));
    $start = new StartBuilder($adjuster);
    $bare = new Frame(array_map(fn (Point $point): Point => $point->at(null), $frame->points));
    $tried = function (callable $make): array|string {
        try {
            return $make();
        } catch (CannotComputeSurvey $refused) {
            return $refused->getMessage();
        }
    };
    Kept::same('layout-'.str_replace(' ', '-', $name), [
        'points' => $network->pointIds,
        'layouts' => (new DistanceLayout)->layouts($frame, $network->pointIds, $readings),
        'adjusted' => $adjusted,
        'roughly' => $adjuster->roughly($network, $far, 2, 1e-6),
        'folds' => array_map(fn (array $fold): array => [$fold[0], $fold[1]->at, $fold[2]], (new FoldFinder($adjuster))->find($frame, $network, $adjusted->at, $sum)),
        'start' => $start->build($frame, $readings),
        'built' => [$start->isBuilt($frame, $readings), $start->isBuilt($bare, $readings)],
        'uncharted' => $tried(fn (): array => $start->complete($bare, $readings, [])),
        'partly charted' => $tried(fn (): array => $start->complete($frame, $readings, array_slice($at, 0, 5))),
        'in plane' => $tried(fn (): array => $start->inPlane($bare, $readings)),
    ]);
})->with(['lengths', 'lengths and all heights', 'lengths and some heights', 'lengths and the bench', 'few lengths', 'lengths in plan', 'half the frame', 'an angle and a tilted tram']);

it('creeps to the end where the straight step does not settle, as kept', function (int $seed) {
    [, $at, $readings] = steppedLadder('lengths');
    $shuffled = $readings;
    for ($i = 0; $i < 6; $i++) {
        $k = ($seed * 7 + 5 * $i) % count($readings);
        $shuffled[$k] = new Reading($readings[$k]->id, $readings[$k]->kind, $readings[$k]->value * (0.55 + 0.1 * (($seed + $i) % 8)), 1.0);
    }
    try {
        $adjusted = (new NetworkAdjuster(new EnvelopeSolver))->adjust(new Network($shuffled, $at), $at);
    } catch (CannotComputeSurvey $refused) {
        $adjusted = new Adjustment([], [], 0);
    }
    Kept::same("adjustment-$seed", [$adjusted->iterations, array_sum(array_map(fn (float $w): float => $w * $w, $adjusted->misclosures))]);
})->with([1, 2, 3, 4]);
