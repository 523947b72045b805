<?php

declare(strict_types=1);

use App\Models\Reading;
use App\Models\Role;
use App\Models\Survey;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

beforeEach(function () {
    $this->user = $this->person();
    $this->actingAs($this->user);
    $this->job = $this->demoJob($this->user);
    $this->at = "/jobs/{$this->job->id}/surveys/before";
});

it('stores no reading that could not be read again', function (string $call, string $says) {
    $before = Reading::count();
    $this->postJson("$this->at/readings", ['id' => 'x-1', 'call' => $call, 'unit' => 'mm'])->assertStatus(422)->assertJsonPath('message', fn (string $text): bool => str_contains($text, $says));
    expect(Reading::count())->toBe($before);
    $this->get('/jobs')->assertOk();
    $this->getJson("$this->at/state")->assertOk();
})->with([
    'almost no distance' => ['AL BR 0.0000001', 'not as near as'],
    'half a millimetre' => ['p AL BR 0.5', 'not as near as 0.5 mm (limit 1 mm)'],
    'a kilometre' => ['AL BR 1000001', 'nothing on a vehicle is that long'],
    'a pointer of ten metres' => ['AL BR 1204 @10000,250', 'No tram has a pointer of 10000 mm'],
    'a pointer below zero' => ['AL BR 1204 @-5,250', 'No tram has a pointer of -5 mm'],
    'more digits than are kept' => ['AL BR 1204.'.str_repeat('1', 70), 'too long to be a reading'],
]);

it('takes an id without the line break at its end', function () {
    $this->postJson("$this->at/readings", ['id' => "x-1\n", 'call' => 'AL BR 1204', 'unit' => 'mm'])->assertOk();
    expect(Reading::where('client_id', 'x-1')->exists())->toBeTrue()
        ->and(Reading::where('client_id', "x-1\n")->exists())->toBeFalse();
});

describe('a job that cannot be read', function () {
    beforeEach(function () {
        // No way in stores such a thing; a hand in the database does.
        DB::table('readings')->where('client_id', 'r37')->update(['value_mm' => 0.5]);
        Survey::whereKey($this->surveyOf($this->job)->id)->increment('revision');
    });

    it('says so on its pages, and to a screen that asks', function () {
        foreach ([$this->at, "$this->at/findings", "$this->at/hand-over/document"] as $page) {
            $this->get($page)->assertStatus(422)->assertInertia(fn ($inertia) => $inertia->component('jobs/unreadable')->where('title', $this->job->title)->where('because', fn (string $text): bool => str_contains($text, 'Two points of a frame are not as near as')));
        }
        $this->getJson("$this->at/state")->assertStatus(422)->assertJsonPath('code', 'job.unreadable');
    });

    it('is one row of the list that says so, and shuts nobody else out', function () {
        $other = $this->demoJob($this->user);
        $this->get($this->at)->assertStatus(422);
        $this->get('/jobs')->assertOk()->assertInertia(fn ($page) => $page->has('jobs', 2)
            ->where('jobs', fn ($rows): bool => collect($rows)->contains(fn (array $row): bool => $row['id'] === $this->job->id && str_starts_with($row['next'], 'It cannot be read: '))));
        $this->get("/jobs/{$other->id}/surveys/before")->assertOk();
    });

    it('goes out as a file and is laid aside', function () {
        expect($this->get("/jobs/{$this->job->id}/file")->assertOk()->json('title'))->toBe($this->job->title);
        $this->put("/jobs/{$this->job->id}/archive", ['aside' => true])->assertRedirect('/jobs');
        $this->get('/jobs')->assertInertia(fn ($page) => $page->has('jobs', 0)->where('aside', 1));
        $this->get('/jobs?archived=1')->assertInertia(fn ($page) => $page->has('jobs', 1)->where('jobs.0.title', $this->job->title));
        $this->put("/jobs/{$this->job->id}/archive", ['aside' => false])->assertRedirect('/jobs');
        $this->get('/jobs')->assertInertia(fn ($page) => $page->has('jobs', 1)->where('aside', 0));
    });
});

it('lays nothing aside for an inspector or a stranger', function () {
    $this->actingAs($this->person(Role::Inspector))->put("/jobs/{$this->job->id}/archive", ['aside' => true])->assertForbidden();
    $this->actingAs($this->person(workshop: 'Elsewhere'))->put("/jobs/{$this->job->id}/archive", ['aside' => true])->assertForbidden();
    expect($this->job->refresh()->archived_at)->toBeNull();
});

it('refuses more points or readings than a job holds before it parses any of them', function () {
    $points = array_map(fn (int $i): array => ['id' => "P$i"], range(1, 501));
    $file = UploadedFile::fake()->createWithContent('large.job.json', json_encode(['format' => 'geodex-job', 'version' => 1, 'units' => 'mm', 'title' => 'Large', 'points' => $points]));
    $this->post('/jobs/from-file', ['file' => $file])->assertSessionHasErrors(['problem.0' => 'points: 501 points; a job holds at most 500. Split the vehicle into jobs that share three base points.']);
    $reading = fn (int $i): array => ['id' => "r$i", 'kind' => 'tram', 'from' => 'P1', 'to' => 'P2', 'value' => 1000];
    $many = ['format' => 'geodex-job', 'version' => 1, 'units' => 'mm', 'title' => 'Long', 'points' => array_slice($points, 0, 2), 'surveys' => [['id' => 'before', 'stage' => 'before', 'readings' => array_map($reading, range(1, 5001))]]];
    $this->post('/jobs/from-file', ['file' => UploadedFile::fake()->createWithContent('long.job.json', json_encode($many))])->assertSessionHasErrors(['problem.0' => 'surveys[0].readings: 5001 readings; a survey holds at most 5000. Start a second survey.']);
});

describe('one computation', function () {
    it('serves all screens and people until the log changes', function () {
        $first = $this->getJson("$this->at/state")->json();
        DB::enableQueryLog();
        expect($this->actingAs($this->person(Role::Inspector))->getJson("$this->at/state")->json('readings'))->toBe($first['readings']);
        $asked = collect(DB::getQueryLog())->pluck('query');
        expect($asked->filter(fn (string $query): bool => str_contains($query, 'from `readings`'))->all())->toBe([]);
        $this->actingAs($this->user)->postJson("$this->at/readings", ['id' => 'new', 'call' => 'AL BR 1204', 'unit' => 'mm'])->assertOk();
        expect($this->getJson("$this->at/state")->json('readings'))->toHaveCount(count($first['readings']) + 1);
    });

    it('is not asked for again by a screen that has the newest, which costs one query of the survey', function () {
        $revision = $this->getJson("$this->at/state")->json('revision');
        DB::enableQueryLog();
        $this->getJson("$this->at/state?since=$revision&present=")->assertNoContent();
        expect(collect(DB::getQueryLog())->pluck('query')->filter(fn (string $query): bool => str_contains($query, 'surveys'))->count())->toBe(1);
    });

    it('is kept where it fails too, for the list as well', function () {
        $empty = $this->jobFrom($this->user, '{"format":"geodex-job","version":1,"title":"Empty","units":"mm","points":[{"id":"AL"}]}');
        $this->getJson("/jobs/{$empty->id}/surveys/before/state")->assertJsonPath('trouble.code', 'survey.empty');
        expect($this->surveyOf($empty)->facts['trouble'])->toContain('has no reading in use');
    });
});
