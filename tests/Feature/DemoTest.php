<?php

declare(strict_types=1);

use App\Models\Instrument;
use App\Models\Job;
use App\Models\Survey;
use App\Models\User;
use Database\Seeders\DemoSeeder;

beforeEach(function () {
    $this->seed(DemoSeeder::class);
    $this->user = User::where('email', 'technician@slate-yard.example')->firstOrFail();
    $this->actingAs($this->user);
    $this->state = fn (string $title, string $survey): array => $this->getJson('/jobs/'.Job::where('title', $title)->value('id')."/surveys/$survey/state")->assertOk()->json();
});

it('has the three jobs of the made-up workshop, each with what it needs next', function () {
    $this->get('/jobs')->assertOk()->assertInertia(fn ($page) => $page->has('jobs', 3));
    expect(Job::orderBy('id')->pluck('title')->all())->toBe(['Mobile library', 'Beach tender', 'Bent trailer tug'])
        ->and(Job::orderBy('id')->pluck('units')->all())->toBe(['mm', 'in', 'mm'])
        ->and(Survey::where('stage', 'sister')->count())->toBe(1);
});

it('shows on the beach tender a misread tape, an edge taken for a centre, and a front that is bent', function () {
    $state = ($this->state)('Beach tender', 'before');
    $causes = collect($state['readings'])->where('state', 'doubtful')->map(fn (array $r): string => $r['causes'][0]['kind'])->sort()->values()->all();
    expect($causes)->toBe(['edge', 'inch'])->and($state['fit']['state'])->toBe('straighten')
        ->and(collect($state['findings'])->where('significant', true)->map(fn (array $f): string => "{$f['section']} {$f['pattern']}")->unique()->values()->all())->toContain('front sidesway', 'front short-rail')
        ->and(collect($state['pulls'])->pluck('section')->unique()->values()->all())->toBe(['front']);
});

it('shows on the beach tender what straightening moved', function () {
    $job = Job::where('title', 'Beach tender')->firstOrFail();
    $this->get("/jobs/{$job->id}/surveys/tack/movement/before")->assertInertia(fn ($page) => $page
        ->where('movement.trouble', null)
        ->where('movement.texts', fn ($texts): bool => collect($texts)->contains(fn (array $text): bool => str_starts_with(sentence($text), 'AL moved') && str_contains(sentence($text), 'to the left'))));
});

it('shows on the beach tender a bench that got level and square round by round', function () {
    $job = Job::where('title', 'Beach tender')->firstOrFail();
    $this->get("/jobs/{$job->id}/bench")->assertInertia(fn ($page) => $page
        ->where('bench.rounds', fn ($rounds): bool => collect($rounds)->where('kind', 'level')->pluck('good')->all() === [false, false, true]
            && collect($rounds)->where('kind', 'square')->pluck('good')->all() === [false, true]));
    // The figures kept with a round are those that core works out of it.
    foreach ($job->benchRounds as $round) {
        $worked = App\Actions\Bench\BenchWork::of($job, $round->kind, $round->input);
        expect($worked->worst)->toEqualWithDelta($round->worst_mm, 0.05)
            ->and($worked->good)->toBe($round->good);
    }
});

it('shows on the beach tender, after the work, that one of two readings is wrong, and which reading tells', function () {
    $state = ($this->state)('Beach tender', 'after');
    expect(collect($state['explanations'])->map(fn (array $one): array => array_column($one['mistakes'], 'reading'))->all())->toBe([['a9'], ['a6']])
        ->and(collect($state['readings'])->where('state', 'questioned')->pluck('id')->sort()->values()->all())->toBe(['a6', 'a9'])
        ->and($state['next'][0]['because'])->toBe('deciding')->and($state['next'][0]['outcomes'])->toHaveCount(2)->and($state['pulls'])->toBe([])->and($state['held'])->not->toBe([]);
});

it('holds the trailer tug against its mirror image, and against its sister once she is in force', function () {
    $job = Job::where('title', 'Bent trailer tug')->firstOrFail();
    $mirror = ($this->state)('Bent trailer tug', 'before');
    expect($mirror['against'])->toBe('mirror')->and(collect($mirror['readings'])->where('state', 'doubtful')->pluck('causes.0.kind')->all())->toBe(['round'])
        ->and(collect($mirror['points'])->where('verdict', 'out')->pluck('id')->sort()->values()->all())->toBe(['AL', 'AR']);
    $this->post("/jobs/{$job->id}/reference/use", ['source' => $job->sources()->value('code')])->assertRedirect();
    $sister = ($this->state)('Bent trailer tug', 'before');
    $out = collect($sister['points'])->where('verdict', 'out')->pluck('id')->all();
    expect($sister['against'])->toBe('chart')->and($out)->toContain('AR')->not->toContain('AL');
    // Half of what moved shows on either side of a mirror; the sister shows all of it on the side that moved.
    $x = fn (array $state): float => collect($state['points'])->firstWhere('id', 'AR')['deviation'][0];
    expect($x($sister) / $x($mirror))->toBeGreaterThan(1.7)->toBeLessThan(2.4);
});

it('has tools: one checked, one that is due, and a stand-in that reads', function () {
    expect(Instrument::count())->toBe(4)->and(Instrument::firstWhere('name', 'Long tram bar')->needsCheck())->toBeFalse()
        ->and(Instrument::firstWhere('name', 'Tape 5 m')->needsCheck())->toBeTrue();
    $job = Job::where('title', 'Mobile library')->firstOrFail();
    $this->postJson("/jobs/{$job->id}/surveys/before/ask", ['instrument' => Instrument::firstWhere('name', 'Stand-in tram')->id, 'id' => 's-1', 'call' => 'JL JR'])->assertOk()->assertJsonPath('stored', 's-1');
});

it('goes out as files and comes in again the same, every part of it', function (string $title) {
    $job = Job::where('title', $title)->firstOrFail();
    $file = fn (int $id): array => json_decode((string) $this->get("/jobs/$id/file")->assertOk()->getContent(), true);
    $first = $file($job->id);
    $copy = $this->jobFrom($this->user, json_encode($first, JSON_THROW_ON_ERROR));
    $second = $file($copy->id);
    foreach ([&$first, &$second] as &$document) {
        // Who took a copy in, and when, is its own.
        foreach ($document['surveys'] as &$survey) {
            $survey['readings'] = array_map(fn (array $r): array => array_diff_key($r, ['by' => 0, 'at' => 0]), $survey['readings']);
        }
        if (isset($document['run']['log'])) {
            $document['run']['log'] = array_map(fn (array $r): array => array_diff_key($r, ['by' => 0, 'at' => 0]), $document['run']['log']);
        }
        if (isset($document['bench']['rounds'])) {
            $document['bench']['rounds'] = array_map(fn (array $r): array => array_diff_key($r, ['by' => 0, 'at' => 0]), $document['bench']['rounds']);
        }
    }
    expect($second)->toEqual($first);
})->with(['Mobile library', 'Beach tender', 'Bent trailer tug']);
