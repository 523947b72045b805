<?php

declare(strict_types=1);

use App\Models\Role;

it('keeps workshops apart: one cannot see, read, change or export the other', function (string $method, string $path) {
    $job = $this->demoJob($this->person());
    $stranger = $this->person(Role::Owner, 'Quay Frames');
    $this->actingAs($stranger)->json($method, "/jobs/{$job->id}$path", ['id' => 'r-x', 'call' => 'AL AR 860', 'unit' => 'mm', 'reason' => 'because', 'operations' => [], 'fields' => ['speed' => '1'], 'code' => 'tack', 'stage' => 'tack'])->assertForbidden();
})->with([
    ['GET', ''], ['GET', '/file'], ['GET', '/surveys/before'], ['GET', '/surveys/before/state'], ['GET', '/surveys/before/findings'],
    ['POST', '/surveys'], ['POST', '/surveys/before/readings'], ['POST', '/surveys/before/undo'], ['POST', '/surveys/before/readings/r1/strike'], ['POST', '/surveys/before/readings/r1/restore'],
    ['GET', '/plan'], ['PUT', '/plan'], ['GET', '/plan/target.csv'], ['GET', '/driveline'], ['PUT', '/driveline'],
    ['GET', '/surveys/before/report'], ['GET', '/surveys/before/report/document'], ['GET', '/surveys/before/report.pdf'],
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
    $limits = ['greatestJointAngle' => 5, 'leastJointAngle' => 0.5, 'greatestDifference' => 1, 'greatestResidual' => 3, 'greatestSpeedShare' => 0.7];
    $settings = ['inchDenominator' => 16, 'tramReach' => '8ft', 'buildScatter' => '1.5', 'hidesExpected' => true, 'limits' => $limits];
    $this->actingAs($this->person())->put('/workshop', $settings)->assertForbidden();
    $owner = $this->person(Role::Owner);
    $this->actingAs($owner)->get('/workshop')->assertOk();
    $this->put('/workshop', $settings)->assertSessionHasNoErrors();
    $workshop = $owner->workshop->refresh();
    expect($workshop->inch_denominator)->toBe(16)->and($workshop->tram_reach_mm)->toBe(2438.4)->and($workshop->driveline_limits['greatestJointAngle'])->toEqual(5);
    $this->put('/workshop', [...$settings, 'buildScatter' => '40'])->assertSessionHasErrors(['buildScatter' => 'Frames are built to between 0.1 mm and 10 mm.']);
    $this->put('/workshop', [...$settings, 'tramReach' => 'long'])->assertSessionHasErrors('tramReach');
    $this->put('/workshop', [...$settings, 'tramReach' => '3 mm'])->assertSessionHasErrors(['tramReach' => 'A tram bar reaches between 300 mm and 10 m.']);
    $this->put('/workshop', [...$settings, 'inchDenominator' => 10])->assertSessionHasErrors('inchDenominator');
});
