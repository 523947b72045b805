<?php

declare(strict_types=1);

use App\Models\Reading;
use Illuminate\Http\UploadedFile;

beforeEach(function () {
    $this->user = $this->person();
    $this->actingAs($this->user);
    $this->job = $this->demoJob($this->user);
    $this->state = fn () => $this->getJson("/jobs/{$this->job->id}/surveys/before/state")->assertOk();
});

it('says what probably went wrong with a reading, and the smallest mistake that would show', function () {
    $readings = collect(($this->state)()->json('readings'))->keyBy('id');
    expect($readings['r37']['causes'][0]['kind'])->toBe('inch')->and(sentence($readings['r37']['causes'][0]['text']))->toContain('one-inch mark')
        ->and($readings['r1']['detectable'] ?? 9.9)->toBeGreaterThan(4.9);
});

it('says how many readings are still to go, and in which order to walk', function () {
    $state = ($this->state)();
    expect($state->json('progress.toGo'))->toBeGreaterThan(5)->and($state->json('tour.readings'))->toHaveCount($state->json('progress.toGo'))
        ->and($state->json('tour.metres'))->toBeGreaterThan(1.0)->and($state->json('fit.state'))->toBe('undecided')->and($state->json('against'))->toBe('chart');
});

it('no longer suggests a reading that is blocked, until it is freed', function () {
    $first = ($this->state)()->json('next.0');
    $path = "/jobs/{$this->job->id}/surveys/before/blocked";
    $blocked = $this->postJson($path, ['kind' => $first['kind'], 'points' => $first['points']])->assertOk();
    expect($blocked->json('survey.next.0.call'))->not->toBe($first['call'])
        ->and($blocked->json('survey.blocked'))->toHaveCount(1);
    $freed = $this->deleteJson($path, ['reading' => $blocked->json('survey.blocked.0')])->assertOk();
    expect($freed->json('survey.next.0.call'))->toBe($first['call'])
        ->and($freed->json('survey.revision'))->toBe(2);
    $this->postJson($path, ['kind' => 'guess', 'points' => ['AL']])->assertUnprocessable();
});

it('pools what was read twice', function () {
    foreach (['829.5', '833.9'] as $i => $value) {
        $this->postJson("/jobs/{$this->job->id}/surveys/before/readings", ['id' => "c-$i", 'call' => "JL JR $value", 'unit' => 'mm']);
    }
    $repeat = collect(($this->state)()->json('repeats'))->first(fn (array $one): bool => $one['readings'] === ['c-0', 'c-1']);
    expect($repeat['mean'])->toBe(831.7)->and($repeat['agree'])->toBeFalse();
});

it('hears edges and turns them into centres', function () {
    $answer = $this->postJson("/jobs/{$this->job->id}/surveys/before/readings", ['id' => 'c-1', 'call' => 'JL JR 816 near', 'unit' => 'mm'])->assertOk();
    expect(Reading::firstWhere('client_id', 'c-1'))->edge->toBe('near')->value_mm->toBe(816.0);
    expect(collect($answer->json('survey.readings'))->firstWhere('id', 'c-1'))->toMatchArray(['edge' => 'near']);
});

describe('readings as a table', function () {
    it('go out and come in again once', function () {
        $csv = (string) $this->get("/jobs/{$this->job->id}/surveys/before/readings.csv")->assertOk()->getContent();
        expect($csv)->toStartWith('id,kind,from,to,value,unit')
            ->and(substr_count($csv, "\n"))->toBe(63);
        $this->post("/jobs/{$this->job->id}/surveys", ['code' => 'copy', 'stage' => 'before']);
        foreach ([1, 2] as $again) {
            $this->post("/jobs/{$this->job->id}/surveys/copy/readings.csv", ['file' => UploadedFile::fake()->createWithContent('r.csv', $csv)])->assertRedirect("/jobs/{$this->job->id}/surveys/copy");
        }
        $copy = $this->job->surveys()->where('code', 'copy')->first();
        expect($copy->readings)->toHaveCount(62)
            ->and($copy->readings[0]->value_mm)->toBe($this->surveyOf($this->job)->readings[0]->value_mm);
    });

    it('are taken in whole or not at all, with every bad row named', function () {
        $take = fn (string $csv) => $this->post("/jobs/{$this->job->id}/surveys/before/readings.csv", ['file' => UploadedFile::fake()->createWithContent('r.csv', $csv)]);
        $take("kind;from;to;value;unit\ntram;JL;JR;32 21/32;in\ntram;JL;ZZ;12;mm\nguess;JL;JR;12;mm\nheight;JL;;twelve;mm")->assertSessionHasErrors(['problem.0', 'problem.1', 'problem.2']);
        expect(Reading::whereNotNull('user_id')->count())->toBe(62);
        $take("from;to;value;unit\nJL;JR;32 21/32;in")->assertSessionHasNoErrors();
        expect(Reading::orderByDesc('id')->first()->value_mm)->toBe(829.46875);
        $take('no table at all')->assertSessionHasErrors('problem.0');
    });
});

it('says what moved since an earlier survey', function () {
    $this->post("/jobs/{$this->job->id}/surveys", ['code' => 'tack', 'stage' => 'tack']);
    $tack = $this->job->surveys()->where('code', 'tack')->first();
    $this->get("/jobs/{$this->job->id}/surveys/tack/movement/before")->assertInertia(fn ($page) => $page->component('jobs/movement')->where('movement.trouble.code', 'survey.empty'));
    foreach ($this->surveyOf($this->job)->readings as $reading) {
        $points = $reading->pointKeys();
        $sagged = $reading->kind === 'height' && $points === [$this->job->points->firstWhere('code', 'HL')->id] ? -20 : 0;
        Reading::create([...collect($reading->getAttributes())->except(['id', 'created_at', 'user_id'])->all(), 'survey_id' => $tack->id, 'value_mm' => $reading->value_mm === null ? null : $reading->value_mm + $sagged])->between($points);
    }
    $this->get("/jobs/{$this->job->id}/surveys/tack/movement/before")->assertInertia(fn ($page) => $page->where('movement.trouble', null)->has('movement.points', 24));
    $this->get("/jobs/{$this->job->id}/surveys/tack/movement/nowhere")->assertNotFound();
});
