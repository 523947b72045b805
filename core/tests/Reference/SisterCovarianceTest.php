<?php

declare(strict_types=1);

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\ReferenceCovariance;
use Geodex\Core\JobFile\JobReader;
use Geodex\Core\Reference\ReferenceFromSurvey;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Units\InvalidQuantity;

/** A frame that carries the positions of a surveyed sister, with all of their covariance or only its diagonal. */
function heldAgainstSister(bool $whole): array
{
    $frame = Readings::ladder(5, 3);
    $truth = Readings::truth($frame);
    $sister = (new ReferenceFromSurvey)->make($frame, Readings::survey(Readings::tour($truth, Readings::noise(21, 0.7))));
    $held = new Frame(array_map(fn (Point $point): Point => $point->at($sister->places[$point->id], $sister->sigmas[$point->id]), $frame->points), [], [], $whole ? $sister->covariance : null);

    return [$sister, (new SurveyComputer)->compute($held, Readings::survey(Readings::tour($truth, Readings::noise(22, 0.7))))];
}

it('joins in as a whole: what two points of the sister are unsure of together cancels in their difference', function () {
    [$sister, $whole] = heldAgainstSister(true);
    [, $diagonal] = heldAgainstSister(false);
    $columns = $whole->covariance->columns;
    $difference = [$columns['EL'] => 1.0, $columns['DL'] => -1.0];
    $matrix = $sister->covariance->matrix();
    $at = fn (string $id): int => 3 * (int) array_search($id, $sister->covariance->points, true);
    $together = $matrix[$at('EL')][$at('EL')] + $matrix[$at('DL')][$at('DL')] - 2 * $matrix[$at('EL')][$at('DL')];
    // The base points carry both datums, so that the sister's own covariance is already laid on them.
    $own = $whole->covariance->matrix[$columns['EL']][$columns['EL']] + $whole->covariance->matrix[$columns['DL']][$columns['DL']] - 2 * $whole->covariance->matrix[$columns['EL']][$columns['DL']];
    expect($whole->covariance->sigma($difference) ** 2)->toEqualWithDelta($own + $together, 1e-4)
        ->and($whole->covariance->sigma($difference))->toBeLessThan($diagonal->covariance->sigma($difference));
});

it('makes a point no surer than its diagonal did', function () {
    [, $whole] = heldAgainstSister(true);
    [, $diagonal] = heldAgainstSister(false);
    foreach ($whole->points as $k => $point) {
        expect($point->sigma->toArray())->toEqualWithDelta($diagonal->points[$k]->sigma->toArray(), 1e-3);
    }
});

it('goes with the job file by its lower half, in mm², and is refused with a row missing', function () {
    [$sister] = heldAgainstSister(true);
    $lower = array_map(fn (array $row, int $i): array => array_slice($row, 0, $i + 1), $sister->covariance->matrix(), array_keys($sister->covariance->matrix()));
    $document = ['format' => 'geodex-job', 'version' => 1, 'title' => 'Sister', 'units' => 'in', 'points' => [], 'referenceCovariance' => ['points' => $sister->covariance->points, 'mm2' => $lower]];
    expect((new JobReader)->fromDocument($document)->frame->referenceCovariance->matrix())->toEqualWithDelta($sister->covariance->matrix(), 1e-9)
        ->and(fn () => ReferenceCovariance::of(['A'], [[1.0, 0.0, 0.0], [0.0, 1.0, 0.0]]))->toThrow(InvalidQuantity::class)
        ->and(fn () => ReferenceCovariance::of(['A'], [[-1.0, 0.0, 0.0], [0.0, 1.0, 0.0], [0.0, 0.0, 1.0]]))->toThrow(InvalidQuantity::class)
        ->and(ReferenceCovariance::of(['A'], [[1.0, 2.0, 3.0], [2.0, 5.0, 6.0], [3.0, 6.0, 9.0]])->onColumns(['B' => 0, 'A' => 3])[3])->toBe([0.0, 0.0, 0.0, 1.0, 2.0, 3.0]);
});

it('makes a sister whose readings can be understood in two ways as unsure as both together', function () {
    $frame = Readings::ladder(5, 3);
    $truth = Readings::truth($frame);
    $near = array_values(array_filter(Readings::tour($truth, Readings::noise(5, 0.5)), fn ($r): bool => count($r->kind->points()) === 1 || abs(ord($r->kind->points()[0]) - ord($r->kind->points()[1])) <= 1));
    $sound = (new ReferenceFromSurvey)->make($frame, Readings::survey($near));
    $doubtful = (new ReferenceFromSurvey)->make($frame, Readings::survey(array_map(fn ($r) => $r->id === 'tram CL DR' ? new Geodex\Core\Survey\Reading\Reading($r->id, $r->kind, $r->value + 25.4, 1.0) : $r, $near)));
    expect($doubtful->sigmas['DR']->norm())->toBeGreaterThan(2 * $sound->sigmas['DR']->norm());
});
