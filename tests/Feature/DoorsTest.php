<?php

declare(strict_types=1);

use App\Models\Instrument;
use App\Models\PracticeRun;
use App\Models\Role;
use Illuminate\Testing\TestResponse;

/** Who gets through which door: [method, path, what is sent, status for technician, inspector, owner, somebody of another shop]. */
dataset('doors', [
    'the bench' => ['get', '/jobs/{job}/bench', [], 200, 200, 200, 403],
    'its size' => ['putJson', '/jobs/{job}/bench', ['unit' => 'mm', 'length' => '6000', 'width' => '1200', 'pitch' => '2', 'travel' => '80', 'tolerance' => '1', 'clockwiseRaises' => true], 200, 403, 200, 403],
    'the reference' => ['get', '/jobs/{job}/reference', [], 200, 200, 200, 403],
    'what is held against' => ['post', '/jobs/{job}/reference/use', ['source' => ''], 302, 403, 302, 403],
    'movement' => ['get', '/jobs/{job}/surveys/before/movement/before', [], 200, 200, 200, 403],
    'the table of readings' => ['get', '/jobs/{job}/surveys/before/readings.csv', [], 200, 200, 200, 403],
    'a blocked reading' => ['postJson', '/jobs/{job}/surveys/before/blocked', ['kind' => 'tram', 'points' => ['AL', 'AR']], 200, 403, 200, 403],
    'a freed one' => ['deleteJson', '/jobs/{job}/surveys/before/blocked', ['reading' => 'tram AL AR'], 200, 403, 200, 403],
    'a reading of an instrument' => ['postJson', '/jobs/{job}/surveys/before/ask', ['instrument' => '{tool}', 'id' => 'w-1', 'call' => 'JL JR'], 200, 403, 200, 403],
    'the tools' => ['get', '/instruments', [], 200, 200, 200, 200],
    'a tool' => ['post', '/instruments', ['unit' => 'mm', 'name' => 'New', 'kind' => 'tape', 'simulated' => false], 302, 403, 302, 302],
    'a check' => ['post', '/instruments/{tool}/check', ['unit' => 'mm', 'known' => '1000', 'readings' => ['1000', '1000.5', '1001']], 302, 403, 302, 403],
    'a token' => ['post', '/instruments/{tool}/token', [], 302, 403, 302, 403],
    'the quick tools' => ['get', '/tools', [], 200, 200, 200, 200],
    'a quick tool' => ['get', '/tools/square-check', [], 200, 200, 200, 200],
    'the practice bay' => ['get', '/practice', [], 200, 200, 200, 200],
    'an exercise' => ['post', '/practice', ['level' => 'apprentice', 'seed' => 3], 302, 302, 302, 302],
    'a new job' => ['post', '/jobs', ['title' => 'New', 'units' => 'mm'], 302, 403, 302, 302],
]);

beforeEach(function () {
    $this->owner = $this->person(Role::Owner);
    $this->job = $this->demoJob($this->owner);
    $this->tool = $this->owner->workshop->instruments()->create(['name' => 'Bar', 'kind' => 'tram-bar']);
});

/** @param  array<string, mixed>  $sent */
function knock(string $method, string $path, array $sent): TestResponse
{
    $names = ['{job}' => (string) test()->job->id, '{tool}' => (string) test()->tool->id];
    $sent = array_map(fn (mixed $value): mixed => is_string($value) ? strtr($value, $names) : $value, $sent);
    $path = strtr($path, $names);

    return $method === 'get' ? test()->get($path) : test()->{$method}($path, $sent);
}

it('opens for those who may', function (string $method, string $path, array $sent, int $technician, int $inspector, int $owner, int $stranger) {
    foreach ([[Role::Technician, 'Slate Yard Chassis', $technician], [Role::Inspector, 'Slate Yard Chassis', $inspector], [Role::Owner, 'Slate Yard Chassis', $owner], [Role::Technician, 'Another yard', $stranger]] as [$role, $shop, $status]) {
        $this->actingAs($this->person($role, $shop));
        Instrument::where('name', 'New')->delete();
        knock($method, $path, $sent)->assertStatus($status);
    }
})->with('doors');

it('stays shut without a login', function (string $method, string $path, array $sent) {
    $answer = knock($method, $path, $sent);
    expect($answer->status())->toBeIn([302, 401]);
    if ($answer->status() === 302) {
        $answer->assertRedirect('/login');
    }
    expect(PracticeRun::count())->toBe(0)->and(Instrument::count())->toBe(1);
})->with('doors');

it('knows no survey, round, source or exercise that is not there', function () {
    $this->actingAs($this->owner);
    $this->get("/jobs/{$this->job->id}/surveys/nowhere/movement/before")->assertNotFound();
    $this->get("/jobs/{$this->job->id}/surveys/nowhere/readings.csv")->assertNotFound();
    $this->post("/jobs/{$this->job->id}/bench/rounds/999/carry")->assertNotFound();
    $this->post("/jobs/{$this->job->id}/reference/use", ['source' => 'nothing'])->assertNotFound();
    $this->get('/practice/999')->assertNotFound();
    $this->postJson("/jobs/{$this->job->id}/surveys/before/ask", ['instrument' => 999, 'id' => 'w-1', 'call' => 'JL JR'])->assertNotFound();
});

it('carries no round of another job', function () {
    $this->actingAs($this->owner);
    $other = $this->demoJob($this->owner);
    $round = $other->benchRounds()->create(['kind' => 'set', 'input' => ['frontLeftPoint' => 'AL', 'frontLeft' => 400], 'worst_mm' => 0, 'good' => true]);
    $this->post("/jobs/{$this->job->id}/bench/rounds/{$round->id}/carry")->assertNotFound();
});

it('shows a script in any new name as text', function () {
    $this->actingAs($this->owner);
    $script = '<script>alert(1)</script>';
    $this->post('/instruments', ['unit' => 'mm', 'name' => $script, 'kind' => 'tape', 'simulated' => false])->assertRedirect();
    $this->get('/instruments')->assertOk()->assertDontSee($script, false);
    $this->job->sources()->create(['code' => 'x', 'name' => $script, 'kind' => 'chart', 'points' => [['id' => 'AL', 'at' => [0, 0, 0]]], 'remarks' => [$script], 'in_force' => true]);
    $this->get("/jobs/{$this->job->id}/reference")->assertOk()->assertDontSee($script, false);
    $this->get("/jobs/{$this->job->id}/surveys/before/hand-over/document")->assertOk()->assertDontSee($script, false)->assertSee('&lt;script&gt;', false);
});
