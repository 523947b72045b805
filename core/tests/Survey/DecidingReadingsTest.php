<?php

declare(strict_types=1);

use Geodex\Core\Findings\SurveyAssessor;
use Geodex\Core\Survey\Explanation\Explanation;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\ReasonToRead;
use Geodex\Core\Tests\Support\Readings;

/** The starting tour of a ladder with one mistake. */
function tourWith(string $id, float $error): array
{
    $truth = Readings::truth(Readings::ladder(5, 3));
    $near = array_values(array_filter(Readings::tour($truth, Readings::noise(12, 0.4)), fn (Reading $r): bool => count($r->kind->points()) === 1 || abs(ord($r->kind->points()[0]) - ord($r->kind->points()[1])) <= 1));

    return [$truth, array_map(fn (Reading $r): Reading => $r->id === $id ? new Reading($r->id, $r->kind, $r->value + $error, $r->sigma) : $r, $near)];
}

it('puts the reading on which the explanations differ before every other, and says what each result would mean', function () {
    [, $readings] = tourWith('tram CL DR', 25.4);
    $next = (new SurveyAssessor)->assess(Readings::ladder(5, 3), Readings::survey($readings))->next;
    expect($next[0]->because)->toBe(ReasonToRead::Deciding)
        ->and(count($next[0]->outcomes))->toBeGreaterThan(1);
    $values = array_map(fn ($outcome): float => $outcome->value, $next[0]->outcomes);
    for ($i = 1; $i < count($values); $i++) {
        expect($values[$i] - $values[$i - 1])->toBeGreaterThan(4.0);
    }
    expect(array_merge(...array_map(fn ($outcome): array => $outcome->wrong, $next[0]->outcomes)))->toContain(['tram CL DR']);
});

it('comes to the true mistake alone by the readings it asks for', function (string $id, float $error) {
    [$truth, $readings] = tourWith($id, $error);
    for ($n = 0; $n < 6; $n++) {
        $assessment = (new SurveyAssessor)->assess(Readings::ladder(5, 3), Readings::survey($readings));
        if (! $assessment->survey->isAmbiguous()) {
            break;
        }
        $next = $assessment->next[0];
        $readings[] = Readings::true($next->kind.' '.implode(' ', $next->points), $truth, id: "n$n");
    }
    expect(array_map(fn (Explanation $one): array => $one->suspects(), $assessment->survey->explanations))->toBe([[$id]]);
})->with([['tram CL DR', 25.4], ['tram DL EL', -40.0], ['tram AL BR', 30.0], ['tram DR ER', 25.4]]);

it('is silent where there is one explanation', function () {
    [, $readings] = tourWith('none', 0.0);
    foreach ((new SurveyAssessor)->assess(Readings::ladder(5, 3), Readings::survey($readings))->next as $next) {
        expect($next->because)->not->toBe(ReasonToRead::Deciding)->and($next->outcomes)->toBe([]);
    }
});
