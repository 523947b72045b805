<?php

declare(strict_types=1);

use App\Models\Role;
use Illuminate\Http\UploadedFile;

beforeEach(function () {
    $this->actingAs($this->user = $this->person());
    $this->job = $this->demoJob($this->user);
    $this->stretch = fn () => $this->putJson("/jobs/{$this->job->id}/plan", ['unit' => 'mm', 'operations' => [['id' => 'op1', 'kind' => 'stretch', 'at' => '1350', 'length' => '640']]])->assertOk();
    $this->keep = fn (array $more = []) => $this->putJson("/jobs/{$this->job->id}/hand-over", ['answers' => [], 'more' => [], 'checks' => [], 'marks' => [], ...$more]);
    $this->paper = fn (): string => (string) $this->get("/jobs/{$this->job->id}/surveys/before/hand-over/document")->assertOk()->getContent();
    $this->log = fn (array $entry) => $this->post("/jobs/{$this->job->id}/run/log", ['clientId' => (string) Str::uuid(), 'isSeenTo' => '1', ...$entry], ['Accept' => 'application/json'])->assertOk();
});

it('asks what a stretch leaves open, and keeps who answered', function () {
    expect($this->get("/jobs/{$this->job->id}/surveys/before/hand-over")->assertOk()->inertiaProps('handOver.points'))->toBe([]);
    ($this->stretch)();
    $points = ($this->keep)(['answers' => ['balance' => ['answer' => 'yes', 'who' => 'Driveline <shop>']], 'more' => ['Tail lift tested']])->assertOk()->json('points');
    expect(array_column($points, 'id'))->toContain('balance', 'electronics', 'certification', 'own:Tail lift tested')
        ->and(collect($points)->firstWhere('id', 'balance')['isSettled'])->toBeTrue();
    expect(($this->paper)())->toContain('open points have no answer or no name yet')->toContain('■ yes')->toContain('Driveline &lt;shop&gt;')->toContain('Tail lift tested')->toContain('after 100 km')->not->toContain('approved the');
});

it('prints lengths between the marks that stay', function () {
    $marks = array_slice($this->get("/jobs/{$this->job->id}/surveys/before/hand-over")->inertiaProps('handOver.candidates'), 0, 4);
    $lengths = ($this->keep)(['marks' => $marks])->assertOk()->json('lengths');
    expect($lengths)->toHaveCount(6)
        ->and($lengths[0]['length'])->toBeGreaterThan($lengths[5]['length'])
        ->and(($this->paper)())->toContain('Marks that stay');
});

it('has fields to sign by role, and says that nothing is released', function () {
    expect(($this->paper)())->toContain('Taken over')->toContain('Inspected, licensed')->toContain('Nothing on these pages approves or releases the vehicle');
});

it('shows the frame before and after, and what moved', function () {
    ($this->stretch)();
    $this->postJson("/jobs/{$this->job->id}/surveys", ['name' => 'Cold', 'stage' => 'after'])->assertRedirect();
    expect(($this->paper)())->toContain('Before and after')->toContain('Cold');
});

it('holds what differs from the plan, weld runs, bags, coats, sheets and pictures', function () {
    ($this->stretch)();
    ($this->log)(['step' => 'survey', 'kind' => 'otherwise', 'text' => 'Front half only']);
    ($this->log)(['step' => 'op1-root', 'kind' => 'run', 'unit' => 'mm', 'zone' => 'left-front-web', 'run' => ['process' => 'mag', 'voltage' => '20.5', 'current' => '165', 'length' => '60', 'seconds' => '10.9']]);
    ($this->log)(['step' => '', 'kind' => 'picture', 'text' => 'Rear posts', 'file' => UploadedFile::fake()->image('posts.jpg', 640, 480)]);
    $this->postJson("/jobs/{$this->job->id}/run/strip", ['what' => 'Mudguards'])->assertOk();
    $this->postJson("/jobs/{$this->job->id}/run/coatings", ['place' => 'Outside', 'what' => 'zinc primer'])->assertOk();
    $this->postJson("/jobs/{$this->job->id}/gear", ['tool' => 'torque', 'title' => 'Rear hanger', 'unit' => 'mm', 'values' => ['size' => '12', 'class' => '10.9', 'condition' => 'dry']])->assertOk();
    $paper = ($this->paper)();
    expect($paper)->toContain('Where it differs from the plan')->toContain('Front half only')->toContain('Weld runs')->toContain('left rail, front joint, web')->toContain('Mudguards')->toContain('zinc primer')->toContain('Rear hanger')->toContain('data:image/jpeg;base64,')->toContain('Rear posts')->toContain('Each joint draws in')
        ->and($this->get("/jobs/{$this->job->id}/gear/old-new")->inertiaProps('gear.sheets'))->toBe([]);
    $pdf = $this->get("/jobs/{$this->job->id}/surveys/before/hand-over.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf');
    expect(substr((string) $pdf->getContent(), 0, 5))->toBe('%PDF-');
});

it('is taken along as one file, with job file, pictures and voices', function () {
    ($this->log)(['step' => '', 'kind' => 'picture', 'text' => 'Rear posts', 'file' => UploadedFile::fake()->image('posts.jpg', 640, 480)]);
    ($this->log)(['step' => '', 'kind' => 'voice', 'file' => UploadedFile::fake()->createWithContent('voice', "\x1A\x45\xDF\xA3".str_repeat("\0", 64))]);
    $file = $this->get("/jobs/{$this->job->id}/surveys/before/hand-over.zip")->assertOk()->assertHeader('Content-Type', 'application/zip')->baseResponse;
    assert($file instanceof Symfony\Component\HttpFoundation\BinaryFileResponse);
    $zip = new ZipArchive;
    $zip->open($file->getFile()->getPathname());
    $names = array_map(fn (int $i): string => (string) $zip->getNameIndex($i), range(0, $zip->numFiles - 1));
    expect($names)->toHaveCount(4)
        ->and(implode(' ', $names))->toMatch('/\.pdf .*\.job\.json pictures\/[\d-]+\.jpg voices\/[\d-]+\.webm/')
        ->and((string) $zip->getFromIndex(0))->toStartWith('%PDF-')
        ->and(json_decode((string) $zip->getFromIndex(1), true))->toHaveKey('run');
    $zip->close();
    unlink($file->getFile()->getPathname());
});

it('says where the plan was changed after the final survey', function () {
    ($this->stretch)();
    ($this->log)(['step' => 'final', 'kind' => 'done', 'survey' => 'before']);
    $final = $this->job->logEntries()->where('step', 'final')->sole();
    $final->update(['kind' => 'done']);
    $stale = fn (): array => $this->get("/jobs/{$this->job->id}/surveys/before/hand-over")->inertiaProps('handOver.stale');
    expect($stale())->toBe([]);
    $this->putJson("/jobs/{$this->job->id}/plan", ['unit' => 'mm', 'operations' => [['id' => 'op1', 'kind' => 'stretch', 'at' => '1350', 'length' => '700']]])->assertOk();
    expect(implode(' ', $stale()))->toContain('changed after the final survey')
        ->and(($this->paper)())->toContain('Out of date');
});

it('refuses what is no answer, and keeps what was there', function (array $given, string $field) {
    ($this->stretch)();
    ($this->keep)(['more' => ['Tail lift tested']])->assertOk();
    ($this->keep)($given)->assertStatus(422)->assertJsonValidationErrorFor($field);
    expect($this->get("/jobs/{$this->job->id}/surveys/before/hand-over")->inertiaProps('handOver.more'))->toBe(['Tail lift tested']);
})->with([
    [['answers' => ['balance' => ['answer' => 'perhaps', 'who' => 'x']]], 'answers.balance.answer'],
    [['checks' => [['what' => '', 'when' => 'soon']]], 'checks.0.what'],
    [['checks' => [['what' => 'Bolts', 'when' => '']]], 'checks.0.when'],
    [['marks' => 'FL'], 'marks'],
]);

it('is answered by who works on the job, and read by an inspector', function () {
    $this->actingAs($this->person(Role::Inspector));
    $this->get("/jobs/{$this->job->id}/surveys/before/hand-over")->assertOk();
    ($this->keep)()->assertForbidden();
});

it('goes with the job file, with order, bags, welds and coats', function () {
    ($this->stretch)();
    $this->postJson("/jobs/{$this->job->id}/run/order", ['first' => 'survey', 'then' => 'safe'])->assertOk();
    $this->postJson("/jobs/{$this->job->id}/run/strip", ['what' => 'Mudguards'])->assertOk();
    $this->postJson("/jobs/{$this->job->id}/run/coatings", ['place' => 'Outside', 'what' => 'zinc primer'])->assertOk();
    $this->putJson("/jobs/{$this->job->id}/run/welds", ['operation' => 'op1', 'school' => 'opposite', 'isHeld' => false, 'isTurned' => true])->assertOk();
    ($this->keep)(['answers' => ['balance' => ['answer' => 'no', 'who' => 'Kim']], 'marks' => ['FL'], 'checks' => [['what' => 'Bolts', 'when' => 'after 50 km']]])->assertOk();
    ($this->log)(['step' => 'safe', 'kind' => 'begun']);
    $file = (string) $this->get("/jobs/{$this->job->id}/file")->assertOk()->getContent();
    $this->post('/jobs/from-file', ['file' => UploadedFile::fake()->createWithContent('copy.job.json', $file)])->assertRedirect();
    $copy = App\Models\Job::query()->latest('id')->firstOrFail();
    expect($copy->hand_over)->toEqual($this->job->refresh()->hand_over)
        ->and($copy->run_arrows)->toEqual($this->job->run_arrows)
        ->and($copy->strip_list)->toBe(['Mudguards'])
        ->and($copy->coatings)->toEqual($this->job->coatings)
        ->and($copy->weld_choices)->toEqual($this->job->weld_choices)
        ->and($copy->logEntries()->sole()->kind)->toBe('begun');
});
