<?php

declare(strict_types=1);

use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\Rival\RivalFinder;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Tests\Support\Readings;

/** A ladder whose last point is held by so few lengths that two of them explain a misfit equally well. */
function weaklyHeld(float $error): array
{
    $frame = Readings::ladder(4);
    $at = Readings::truth($frame);
    $keep = ['tram DL DR', 'tram CL DR', 'tram CR DR', 'height DR'];
    $readings = array_values(array_filter(Readings::tour($at), fn (Reading $r): bool => ! in_array('DR', $r->kind->points(), true) || in_array($r->id, $keep, true)));

    return [$frame, $at, array_map(fn (Reading $r): Reading => $r->id === 'tram CL DR' ? new Reading($r->id, $r->kind, $r->value + $error, $r->sigma) : $r, $readings)];
}

it('names the second explanation and the reading that decides between the two', function () {
    [$frame, $at, $readings] = weaklyHeld(20.0);
    $survey = Readings::survey($readings);
    [$rival] = (new RivalFinder)->find($frame, $survey, (new SurveyComputer)->compute($frame, $survey));
    expect([$rival->suspect, $rival->other])->toContain('tram CL DR')->and(abs($rival->ifSuspectWrong - $rival->ifOtherWrong))->toBeGreaterThan(4.0);
    // Taking it settles the matter: the liar is the suspect, and has no rival left.
    $decided = Readings::survey([...$readings, Readings::true("$rival->kind ".implode(' ', $rival->points), $at, id: 'decides')]);
    $result = (new SurveyComputer)->compute($frame, $decided);
    $suspects = array_map(fn ($r): string => $r->id, array_values(array_filter($result->readings, fn ($r): bool => $r->status->value === 'suspect')));
    expect($suspects)->toBe(['tram CL DR']);
});

it('has none where a mistake stands alone', function () {
    $frame = Readings::ladder(6);
    $at = Readings::truth($frame);
    $readings = array_map(fn (Reading $r): Reading => $r->id === 'tram BL CR' ? new Reading($r->id, $r->kind, $r->value + 25.4, $r->sigma) : $r, Readings::tour($at));
    $survey = Readings::survey($readings);
    expect((new RivalFinder)->find($frame, $survey, (new SurveyComputer)->compute($frame, $survey)))->toBe([]);
});
