<?php

declare(strict_types=1);

use App\Models\Job;
use Illuminate\Support\Facades\Route;

/*
 * Some shops call their points 11, 12, 21, 22. What is kept by name has numbers for keys then, and must not be counted anew.
 */

beforeEach(function () {
    $this->user = $this->person();
    $this->actingAs($this->user);
});

/**
 * A job file whose points are called by numbers.
 *
 * @param  array<string, mixed>  $file
 * @return array{array<string, mixed>, array<array-key, string>} and what each was called
 */
function numbered(array $file): array
{
    $names = array_column($file['points'], 'id');
    $number = array_combine($names, array_map(fn (int $i): string => (string) (10 * intdiv($i, 2) + 11 + $i % 2), array_keys($names)));
    // A place may be said by a point, too: “350 behind CL”.
    array_walk_recursive($file, function (mixed &$one) use ($number): void {
        $one = is_string($one) ? (string) preg_replace_callback('/(?<![\w-])[A-Z]+(-?[LR])?(?![\w-])/', fn (array $word): string => $number[$word[0]] ?? $word[0], $one) : $one;
    });

    return [$file, array_map(strval(...), array_flip($number))];
}

/** @return array<string, mixed> */
function caseFile(string $name): array
{
    return json_decode((string) file_get_contents(base_path("core/tests/cases/$name.job.json")), true);
}

/** Positions as the page gets them, by the names in $called. */
function measuredIn(Job $job, array $called = []): array
{
    $survey = test()->surveyOf($job)->code;
    $points = test()->getJson("/jobs/{$job->id}/surveys/$survey/state")->assertOk()->json('points');

    return collect($points)->keyBy(fn (array $point): string => $called[$point['id']] ?? $point['id'])->map(fn (array $point): array => [$point['measured'], $point['verdict']])->all();
}

it('computes the same of a frame whatever its points are called', function (string $case, bool $charted) {
    $file = caseFile($case);
    if (! $charted) {
        $file['points'] = array_map(fn (array $point): array => array_diff_key($point, ['reference' => 1]), $file['points']);
    }
    [$other, $called] = numbered($file);
    $places = measuredIn($this->jobFrom($this->user, json_encode($file)));
    foreach (measuredIn($this->jobFrom($this->user, json_encode($other)), $called) as $id => [$measured, $verdict]) {
        expect($verdict)->toBe($places[$id][1])->and($measured)->toEqualWithDelta($places[$id][0], 1e-4);
    }
})->with([['misread-tape', true], ['misread-tape', false], ['inches-loose', true], ['rear-twist', true]]);

it('shows every page of a job whose points are called by numbers', function () {
    [$file] = numbered($this->get("/jobs/{$this->demoJob($this->user)->id}/file")->json());
    $job = $this->jobFrom($this->user, json_encode($file));
    $survey = $this->surveyOf($job)->code;
    $failing = [];
    foreach (Route::getRoutes()->getRoutes() as $route) {
        $address = strtr($route->uri(), ['{job}' => (string) $job->id, '{survey}' => $survey, '{since}' => $survey, '{list}' => 'holes', '{page}' => 'weights']);
        if (in_array('GET', $route->methods(), true) && str_starts_with($address, 'jobs/') && ! str_contains($address, '{') && ! str_ends_with($address, '.pdf')) {
            $answer = $this->get("/$address");
            $failing[$address] = $answer->getStatusCode() >= 500 ? $answer->exception?->getMessage() : null;
        }
    }
    expect(array_filter($failing))->toBe([])
        ->and(count($failing))->toBeGreaterThan(25)
        ->and($this->get("/jobs/{$job->id}/surveys/$survey")->assertOk()->inertiaProps('problem'))->toBeNull();
});
