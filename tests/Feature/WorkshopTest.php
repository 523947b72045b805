<?php

declare(strict_types=1);

use App\Models\Role;

/** What the pages of the run sheet and the hand-over take. */
const RUN = ['clientId' => 'r0123456789', 'kind' => 'note', 'text' => 'x', 'first' => 'survey', 'then' => 'safe', 'what' => 'Mudguards', 'place' => 'Inside', 'answers' => [], 'more' => [], 'checks' => [], 'marks' => []];

it('keeps workshops apart: one cannot see, read, change or export the other', function (string $method, string $path) {
    $job = $this->demoJob($this->person());
    $stranger = $this->person(Role::Owner, 'Quay Frames');
    $this->actingAs($stranger)->json($method, "/jobs/{$job->id}$path", ['id' => 'r-x', 'call' => 'AL AR 860', 'unit' => 'mm', 'reason' => 'because', 'operations' => [], 'fields' => ['speed' => '1'], 'code' => 'tack', 'stage' => 'tack', ...RUN])->assertForbidden();
})->with([
    ['GET', ''],
    ['GET', '/file'],
    ['GET', '/surveys/before'],
    ['GET', '/surveys/before/state'],
    ['GET', '/surveys/before/findings'],
    ['POST', '/surveys'],
    ['POST', '/surveys/before/readings'],
    ['POST', '/surveys/before/undo'],
    ['POST', '/surveys/before/readings/r1/strike'],
    ['POST', '/surveys/before/readings/r1/restore'],
    ['GET', '/plan'], ['PUT', '/plan'], ['GET', '/plan/target.csv'], ['GET', '/driveline'], ['PUT', '/driveline'],
    ['GET', '/surveys/before/hand-over'],
    ['GET', '/surveys/before/hand-over/document'],
    ['GET', '/surveys/before/hand-over.pdf'],
    ['GET', '/surveys/before/hand-over.zip'],
    ['PUT', '/hand-over'],
    ['GET', '/run'],
    ['GET', '/run/state'],
    ['POST', '/run/log'],
    ['POST', '/run/order'],
    ['DELETE', '/run/order'],
    ['GET', '/run/welds'],
    ['PUT', '/run/welds'],
    ['GET', '/run/strip'],
    ['POST', '/run/strip'],
    ['DELETE', '/run/strip'],
    ['POST', '/run/coatings'],
    ['DELETE', '/run/coatings'],
    ['GET', '/run/book'],
]);

it('lists only the jobs of one\'s own workshop', function () {
    $this->demoJob($this->person());
    $this->actingAs($this->person(Role::Owner, 'Quay Frames'))->get('/jobs')->assertInertia(fn ($page) => $page->component('jobs/index')->has('jobs', 0));
});

it('lets an inspector look and doubt, but not measure or plan', function () {
    $job = $this->demoJob($this->person());
    $this->actingAs($this->person(Role::Inspector));
    $this->get("/jobs/{$job->id}/surveys/before")->assertOk()->assertInertia(fn ($page) => $page->where('job.can.work', false)->where('job.can.strike', true));
    $this->postJson("/jobs/{$job->id}/surveys/before/readings", ['id' => 'r-x', 'call' => 'AL AR 860', 'unit' => 'mm'])->assertForbidden();
    $this->putJson("/jobs/{$job->id}/plan", ['unit' => 'mm', 'operations' => []])->assertForbidden();
    $this->postJson("/jobs/{$job->id}/surveys/before/readings/r1/strike", ['reason' => 'Wrong hole'])->assertOk();
    $this->post('/jobs/from-file', [])->assertSessionHasErrors('file');
});

it('lets the owner alone set what holds for the shop', function () {
    $values = ['maxJointAngle' => '5', 'minJointAngle' => '0.5', 'tramReach' => '8ft', 'buildScatter' => ''];
    $settings = ['inchDenominator' => 16, 'hidesExpected' => true, 'unit' => 'mm', 'values' => $values];
    $this->actingAs($this->person())->put('/workshop', $settings)->assertForbidden();
    $owner = $this->person(Role::Owner);
    $this->actingAs($owner)->get('/workshop')->assertOk();
    $this->put('/workshop', $settings)->assertSessionHasNoErrors();
    $workshop = $owner->workshop->refresh();
    expect($workshop->inch_denominator)->toBe(16)->and($workshop->hides_expected)->toBeTrue()
        // What is as usual is not kept as the shop's own.
        ->and($workshop->values()->pluck('value', 'name')->all())->toBe(['maxJointAngle' => 5.0, 'tramReach' => 2438.4]);
    $refused = fn (array $change): array => $this->putJson('/workshop', [...$settings, 'values' => [...$values, ...$change]])->assertUnprocessable()->json('problems.*.message');
    expect($refused(['buildScatter' => '40']))->toBe(['Build scatter of a sound frame, one sigma has to be from 0.1 to 10 mm, not 40.'])
        ->and($refused(['tramReach' => '3 mm']))->toBe(['Reach of the tram bar has to be from 300 to 10000 mm, not 3.'])
        ->and($refused(['tramReach' => 'long'])[0])->toContain('“long” is not a length')
        ->and($refused(['tramLength' => '3'])[0])->toContain('unknown key');
    $this->put('/workshop', [...$settings, 'inchDenominator' => 10])->assertSessionHasErrors('inchDenominator');
});

it('says what differs from the usual, and who changed it', function () {
    $owner = $this->person(Role::Owner);
    $set = fn (array $values) => $this->actingAs($owner)->putJson('/workshop', ['inchDenominator' => 32, 'hidesExpected' => false, 'unit' => 'mm', 'values' => $values])->assertOk();
    $shown = collect($set(['cutClearOfPoint' => '90'])->json('values'))->keyBy('field.name');
    expect($shown['cutClearOfPoint'])->toMatchArray(['own' => 90, 'usual' => 75, 'group' => 'Cutting'])
        ->and($shown['cutClearOfPoint']['changed'])->toStartWith($owner->name.', ')
        ->and($shown['tramReach'])->toMatchArray(['own' => null, 'usual' => 2500, 'changed' => '']);
    // Results say whose value they rest on.
    $job = $this->demoJob($owner);
    $plan = $this->putJson("/jobs/{$job->id}/plan", ['unit' => 'mm', 'operations' => [['id' => 'op1', 'kind' => 'stretch', 'at' => '1050', 'length' => '300']]])->assertOk();
    expect(implode(' ', array_map(sentence(...), $plan->json('warnings'))))->toContain("within 90 mm of EL, ER; keep cuts clear of holes and mounts (this shop's own, usually 75 mm)");
    expect(collect($set(['cutClearOfPoint' => ''])->json('values'))->keyBy('field.name')['cutClearOfPoint']['own'])->toBeNull();
});
