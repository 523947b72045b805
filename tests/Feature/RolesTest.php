<?php

declare(strict_types=1);

use App\Models\Role;

/** What each role may do in its own workshop; the status that each answer has. */
dataset('what roles may do', [
    'see the jobs' => ['get', '/jobs', [], [200, 200, 200]],
    'see a survey' => ['get', '/jobs/{job}/surveys/before', [], [200, 200, 200]],
    'see its state' => ['getJson', '/jobs/{job}/surveys/before/state', [], [200, 200, 200]],
    'see findings' => ['get', '/jobs/{job}/surveys/before/findings', [], [200, 200, 200]],
    'see the plan' => ['get', '/jobs/{job}/plan', [], [200, 200, 200]],
    'take the target' => ['get', '/jobs/{job}/plan/target.csv', [], [200, 200, 200]],
    'see the shaft' => ['get', '/jobs/{job}/driveline', [], [200, 200, 200]],
    'see the report' => ['get', '/jobs/{job}/surveys/before/hand-over', [], [200, 200, 200]],
    'see the run sheet' => ['get', '/jobs/{job}/run', [], [200, 200, 200]],
    'see whether it changed' => ['getJson', '/jobs/{job}/run/state', [], [200, 200, 200]],
    'see the welds' => ['get', '/jobs/{job}/run/welds', [], [200, 200, 200]],
    'see the strip list' => ['get', '/jobs/{job}/run/strip', [], [200, 200, 200]],
    'see what the work taught' => ['get', '/jobs/{job}/run/book', [], [200, 200, 200]],
    'write into the log' => ['postJson', '/jobs/{job}/run/log', ['clientId' => 'r0123456789', 'kind' => 'note', 'text' => 'x'], [200, 403, 200]],
    'move a step' => ['postJson', '/jobs/{job}/run/order', ['first' => 'survey', 'then' => 'safe'], [200, 403, 200]],
    'let the rules decide' => ['deleteJson', '/jobs/{job}/run/order', ['first' => 'survey', 'then' => 'safe'], [200, 403, 200]],
    'put something on the strip list' => ['postJson', '/jobs/{job}/run/strip', ['what' => 'Mudguards'], [200, 403, 200]],
    'take something off it' => ['deleteJson', '/jobs/{job}/run/strip', ['what' => 'Mudguards'], [200, 403, 200]],
    'map a coat' => ['postJson', '/jobs/{job}/run/coatings', ['place' => 'Inside', 'what' => 'wax'], [200, 403, 200]],
    'fill in the hand-over' => ['putJson', '/jobs/{job}/hand-over', ['answers' => [], 'more' => [], 'checks' => [], 'marks' => []], [200, 403, 200]],
    'take it all as one file' => ['get', '/jobs/{job}/surveys/before/hand-over.zip', [], [200, 200, 200]],
    'take the job file' => ['get', '/jobs/{job}/file', [], [200, 200, 200]],
    'enter a reading' => ['postJson', '/jobs/{job}/surveys/before/readings', ['id' => 'r-new', 'call' => 'JL JR 830', 'unit' => 'mm'], [200, 403, 200]],
    'undo' => ['postJson', '/jobs/{job}/surveys/before/undo', [], [200, 403, 200]],
    'strike' => ['postJson', '/jobs/{job}/surveys/before/readings/r37/strike', ['reason' => 'Misread'], [200, 200, 200]],
    'put back' => ['postJson', '/jobs/{job}/surveys/before/readings/r37/restore', [], [200, 200, 200]],
    'start a survey' => ['postJson', '/jobs/{job}/surveys', ['code' => 'tack', 'stage' => 'tack'], [302, 403, 302]],
    'plan' => ['putJson', '/jobs/{job}/plan', ['unit' => 'mm', 'operations' => []], [200, 403, 200]],
    'see the shop settings' => ['get', '/workshop', [], [403, 403, 200]],
    'change the shop settings' => ['putJson', '/workshop', ['inchDenominator' => 99], [422, 422, 422]],
]);

it('holds each role to what it may do', function (string $method, string $path, array $body, array $statuses) {
    foreach ([Role::Technician, Role::Inspector, Role::Owner] as $i => $role) {
        $user = $this->person($role);
        $job = $this->demoJob($user);
        $this->actingAs($user);
        $url = str_replace('{job}', (string) $job->id, $path);
        $response = $body === [] ? $this->{$method}($url) : $this->{$method}($url, $body);
        expect($response->getStatusCode())->toBe($statuses[$i], "{$role->value} on $path");
    }
})->with('what roles may do');

it('tells the screen what its person may do', function (Role $role, bool $work, bool $strike) {
    $user = $this->person($role);
    $job = $this->demoJob($user);
    $this->actingAs($user)->get("/jobs/{$job->id}/surveys/before")->assertInertia(fn ($page) => $page
        ->where('job.can.work', $work)
        ->where('job.can.strike', $strike)
        ->where('user.role', $role->value)
        ->where('user.canSetUpWorkshop', $role === Role::Owner));
})->with([
    'technician' => [Role::Technician, true, true],
    'inspector' => [Role::Inspector, false, true],
    'owner' => [Role::Owner, true, true],
]);

it('lets an inspector make no job', function () {
    $this->actingAs($this->person(Role::Inspector))
        ->get('/jobs')
        ->assertInertia(fn ($page) => $page->where('canCreate', false));
});
