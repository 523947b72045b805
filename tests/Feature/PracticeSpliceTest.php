<?php

declare(strict_types=1);

use App\Models\PracticeSplice;

beforeEach(function () {
    $this->actingAs($this->user = $this->person());
    $this->post('/practice/splices', ['level' => 'journeyman', 'seed' => '7'])->assertRedirect();
    $this->splice = PracticeSplice::query()->latest('id')->firstOrFail();
    $this->at = "/practice/splices/{$this->splice->id}";
    $this->act = fn (array $act) => $this->postJson("$this->at/acts", $act);
});

it('starts with its steps in no order, and tells nothing that nobody sees', function () {
    $splice = $this->get($this->at)->assertOk()->inertiaProps('splice');
    $ids = array_column($splice['steps'], 'id');
    expect($ids)->toContain('op1-tack')
        ->and($splice['drewIn'])->toBeNull()
        ->and($splice['twist'])->toBeNull()
        ->and($splice['score'])->toBeNull()
        ->and(array_search('survey', $ids, true) === 0 && array_search('safe', $ids, true) === 1)->toBeFalse();
});

it('keeps what was done, and reads with an error of its own', function () {
    ($this->act)(['kind' => 'do', 'step' => 'survey'])->assertOk();
    ($this->act)(['kind' => 'heights', 'step' => 'posts'])->assertOk();
    $again = ($this->act)(['kind' => 'heights', 'step' => 'posts'])->assertOk()->json();
    expect($again['readings'])->toHaveCount(2)
        ->and($again['readings'][0]['read'])->not->toBe($again['readings'][1]['read'])
        ->and(collect($again['steps'])->firstWhere('id', 'survey')['state'])->toBe('done');
    expect($this->get($this->at)->inertiaProps('splice.readings'))->toEqual($again['readings']);
});

it('says in which order the pieces were welded', function () {
    ($this->act)(['kind' => 'weld', 'amount' => 3])->assertOk();
    $pieces = ($this->act)(['kind' => 'weld', 'amount' => 0])->assertOk()->json('pieces');
    expect($pieces[3]['order'])->toBe(1)
        ->and($pieces[0]['order'])->toBe(2)
        ->and($pieces[1]['order'])->toBeNull();
});

it('is finished once, with its score and what nobody saw', function () {
    ($this->act)(['kind' => 'do', 'step' => 'op1-coat'])->assertOk();
    $told = $this->postJson("$this->at/finish")->assertOk()->json();
    expect($told['score'])->toBeBetween(0, 40)
        ->and($told['drewIn'])->toBeGreaterThan(0.0)
        ->and(collect($told['lines'])->where('right', false)->count())->toBeGreaterThan(2);
    ($this->act)(['kind' => 'do', 'step' => 'survey'])->assertForbidden();
    $this->postJson("$this->at/finish")->assertForbidden();
    expect($this->get('/practice')->assertOk()->inertiaProps('splices.0.score'))->toBe($told['score']);
});

it('does nothing that cannot be done', function (array $act) {
    ($this->act)($act)->assertStatus(422);
    expect($this->splice->refresh()->actions)->toBe([]);
})->with([
    [[]],
    [['kind' => 'explode']],
    [['kind' => 'move', 'amount' => 'a lot']],
    [['kind' => 'do', 'step' => ['x']]],
]);

it('is nobody else’s', function () {
    $other = $this->user->workshop->users()->create(['name' => 'Kim', 'email' => 'kim@slate-yard.example', 'password' => 'long-enough-42', 'role' => App\Models\Role::Technician]);
    $this->actingAs($other)->get($this->at)->assertForbidden();
    ($this->act)(['kind' => 'do', 'step' => 'survey'])->assertForbidden();
});
