<?php

declare(strict_types=1);

use App\Models\PracticeRun;

beforeEach(function () {
    $this->user = $this->person();
    $this->actingAs($this->user);
    $this->post('/practice', ['level' => 'apprentice', 'seed' => 42])->assertRedirect();
    $this->run = PracticeRun::firstOrFail();
});

it('shows the chart and never the truth before an answer is given', function () {
    $this->get("/practice/{$this->run->id}")->assertInertia(fn ($page) => $page->component('practice/run')->has('run.points', 10)->where('run.points.0.measured', null)->where('run.score', null)->where('run.findings', []));
});

it('has the helper read what is called, in either spelling, and the same again for the same seed', function () {
    $first = $this->postJson("/practice/{$this->run->id}/readings", ['call' => 'AL BR'])->assertOk();
    expect($first->json('readings.0'))->toMatchArray(['number' => 1, 'kind' => 'tram', 'points' => ['AL', 'BR']]);
    $this->post('/practice', ['level' => 'apprentice', 'seed' => 42]);
    $again = $this->postJson('/practice/'.PracticeRun::latest('id')->first()->id.'/readings', ['call' => 'al br'])->assertOk();
    expect($again->json('readings.0.value'))->toBe($first->json('readings.0.value'));
    $this->postJson("/practice/{$this->run->id}/readings", ['call' => 'AL ZZ'])->assertUnprocessable();
    $this->postJson("/practice/{$this->run->id}/readings", ['call' => ''])->assertUnprocessable();
});

it('shows the truth and the score once answered, and takes no second answer', function () {
    $this->postJson("/practice/{$this->run->id}/readings", ['call' => 'AL BR']);
    $damage = $this->run->exercise()->simulated->damages[0];
    $answer = ['findings' => [['pattern' => $damage->pattern->value, 'section' => $damage->section->value, 'positive' => $damage->amount > 0, 'side' => $damage->side]], 'readings' => []];
    $done = $this->postJson("/practice/{$this->run->id}/answer", $answer)->assertOk();
    expect($done->json('score'))->toBeGreaterThan(60)
        ->and($done->json('findings.0.right'))->toBeTrue()
        ->and($done->json('points.0.measured'))->not->toBeNull();
    $this->postJson("/practice/{$this->run->id}/answer", $answer)->assertForbidden();
    $this->postJson("/practice/{$this->run->id}/readings", ['call' => 'AL BR'])->assertForbidden();
    $this->get('/practice')->assertInertia(fn ($page) => $page->has('runs', 1)->where('runs.0.score', $done->json('score')));
});

it('is a trainee\'s own', function () {
    $this->actingAs($this->person());
    $this->get("/practice/{$this->run->id}")->assertForbidden();
    $this->postJson("/practice/{$this->run->id}/answer", ['findings' => [], 'readings' => []])->assertForbidden();
});

it('refuses what is no level, no seed and no finding', function () {
    $this->post('/practice', ['level' => 'genius'])->assertSessionHasErrors('level');
    $this->post('/practice', ['level' => 'master', 'seed' => 0])->assertSessionHasErrors('seed');
    $this->postJson("/practice/{$this->run->id}/answer", ['findings' => [['pattern' => 'bend', 'section' => 'rear', 'positive' => true]], 'readings' => []])->assertUnprocessable();
});
