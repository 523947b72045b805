<?php

declare(strict_types=1);

use App\Models\Instrument;
use App\Models\PracticeRun;
use App\Models\Role;
use Illuminate\Support\Facades\Route;

/** Every field that a form or an outbox sends. */
const FIELDS = [
    'id', 'call', 'unit', 'units', 'supersedes', 'instrument', 'points', 'source', 'survey', 'name', 'kind', 'file', 'title', 'vehicle', 'reason', 'reading', 'code', 'stage',
    'operations', 'length', 'width', 'pitch', 'travel', 'tolerance', 'clockwiseRaises', 'way', 'frontLeft', 'frontRight', 'rearLeft', 'rearRight', 'front', 'rear', 'left', 'right',
    'diagonalA', 'diagonalB', 'sigma', 'reach', 'simulated', 'seed', 'slop', 'misreads', 'damage', 'known', 'readings', 'level', 'statements', 'findings', 'wrong', 'mistakes',
    'inch_denominator', 'tram_reach_mm', 'driveline_limits', 'frontStation', 'rearStation', 'frontLeftHeight', 'tube', 'slip', 'existing', 'states', 'limits', 'joints',
];

const NONSENSE = [
    'nothing' => null, 'an empty text' => '', 'a long text' => 'x y z', 'a number' => -1e30, 'a list' => [1, [2, [3]]], 'a shape' => ['id' => ['x' => 1], 'points' => 'y', 'unit' => 5], 'a truth' => true,
    'a script' => '"><script>alert(1)</script>', 'other digits' => '٣٤٥ mm', 'a null byte' => "a\u{0}b",
];

beforeEach(function () {
    $this->user = $this->person();
    $this->actingAs($this->user);
    $this->job = $this->demoJob($this->user);
    $this->tool = Instrument::create(['workshop_id' => $this->user->workshop_id, 'name' => 'Tape', 'kind' => 'tape']);
    $this->run = PracticeRun::create(['user_id' => $this->user->id, 'seed' => 3, 'level' => 'apprentice', 'readings' => []]);
});

it('breaks on no form filled with nonsense, and says what is wrong', function (mixed $nonsense) {
    $body = array_fill_keys(FIELDS, is_string($nonsense) && strlen($nonsense) === 5 ? str_repeat($nonsense, 2000) : $nonsense);
    $with = ['{job}' => $this->job->id, '{survey}' => 'before', '{reading}' => 'r37', '{instrument}' => $this->tool->id, '{run}' => $this->run->id, '{round}' => 1];
    $owner = $this->person(Role::Owner);
    foreach (Route::getRoutes() as $route) {
        $method = array_values(array_intersect($route->methods(), ['POST', 'PUT', 'DELETE']))[0] ?? null;
        if ($method === null || in_array($route->getName(), ['logout', 'login.store'], true) || $route->uri() === '/' || str_starts_with($route->uri(), 'instrument/')) {
            continue;
        }
        $this->actingAs($route->getName() === 'workshop.save' ? $owner : $this->user);
        $answer = $this->json($method, '/'.strtr($route->uri(), $with), $body);
        expect($answer->status())->toBeLessThan(500, "$method {$route->uri()}: ".($answer->exception?->getMessage() ?? ''));
    }
    foreach (['reference', 'surveys/before/state', 'surveys/before', 'bench', 'surveys/before/movement/before'] as $page) {
        expect($this->get("/jobs/{$this->job->id}/$page?".http_build_query(['first' => $nonsense, 'second' => $nonsense, 'present' => $nonsense, 'since' => $nonsense]))->status())->toBeLessThan(500, $page);
    }
    $this->get("/jobs/{$this->job->id}/surveys/before")->assertOk();
})->with(array_map(fn (mixed $one): array => [$one], NONSENSE));
