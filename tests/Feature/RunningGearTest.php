<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Role;
use App\Models\Worksheet;
use Geodex\Core\Calculators\RunningGear\GearPage;
use Illuminate\Http\UploadedFile;

beforeEach(function () {
    $this->actingAs($this->user = $this->person());
    $this->job = $this->demoJob($this->user);
    $this->at = "/jobs/{$this->job->id}/gear";
    $this->stretch = fn (string $length) => $this->putJson("/jobs/{$this->job->id}/plan", ['unit' => 'mm', 'operations' => [['id' => 'op1', 'kind' => 'stretch', 'at' => '1350', 'length' => $length]]])->assertOk();
    $this->turning = fn (array $values = [], string $unit = 'mm') => $this->postJson($this->at, ['tool' => 'turning', 'title' => 'Kerb', 'unit' => $unit, 'values' => ['kingpinTrack' => '1480', 'innerAngle' => '36', 'wheelbases' => '3300, 3940', ...$values]]);
});

it('has a page for each kind of work, with what the job knows already', function (string $page) {
    $this->get("$this->at/$page")->assertOk()->assertInertia(fn ($shown) => $shown->component('jobs/gear')->where('gear.page', $page)->has('gear.tools', count(GearPage::from($page)->tools())));
})->with(array_map(fn (GearPage $page): string => $page->value, GearPage::cases()));

it('knows no other page', function () {
    $this->get("$this->at/wings")->assertNotFound();
});

it('starts with the wheelbase before and after the plan', function () {
    ($this->stretch)('640');
    $this->get("$this->at/steering")->assertInertia(fn ($page) => $page->where('gear.tools.3.proposed.wheelbases', [3300, 3940]));
    $this->get("$this->at/weights")->assertInertia(fn ($page) => $page->where('gear.tools.1.proposed.newWheelbase', 3940)->where('gear.tools.1.proposed.ratings.rear', 4200));
});

describe('a sheet', function () {
    beforeEach(fn () => ($this->stretch)('640'));

    it('is kept with what comes of it', function () {
        $sheet = ($this->turning)()->assertOk()->json('tools.3.sheets.0');
        expect($sheet['title'])->toBe('Kerb')->and($sheet['result']['wheelbases'][1]['circle'])->toBeGreaterThan($sheet['result']['wheelbases'][0]['circle'])->and($sheet['stale'])->toBe([])->and($sheet['by'])->toBe($this->user->name);
    });

    it('takes inches, and keeps millimetres', function () {
        expect(($this->turning)(['kingpinTrack' => '58 1/4', 'wheelbases' => "11', 12' 6\""], 'in')->assertOk()->json('tools.3.sheets.0.values.wheelbases'))->toEqual([3352.8, 3810]);
    });

    it('goes stale when the plan changes, saying of what, and is worked out again when that is taken over', function () {
        $id = ($this->turning)()->assertOk()->json('tools.3.sheets.0.id');
        ($this->stretch)('300');
        $this->get("$this->at/steering")->assertInertia(fn ($page) => $page->where('gear.tools.3.sheets.0.stale', ['Wheelbases']));
        $fresh = $this->postJson("$this->at/$id/take-over")->assertOk()->json('tools.3.sheets.0');
        expect($fresh['stale'])->toBe([])->and($fresh['values']['wheelbases'])->toEqual([3300, 3600]);
    });

    it('that a person set otherwise is his own, and not stale', function () {
        ($this->turning)(['wheelbases' => '3000'])->assertOk();
        ($this->stretch)('300');
        $this->get("$this->at/steering")->assertInertia(fn ($page) => $page->where('gear.tools.3.sheets.0.stale', []));
    });

    it('is changed and removed', function () {
        $id = ($this->turning)()->json('tools.3.sheets.0.id');
        $this->putJson("$this->at/$id", ['tool' => 'turning', 'title' => '', 'unit' => 'mm', 'values' => ['kingpinTrack' => '1480', 'innerAngle' => '30', 'wheelbases' => '3940']])->assertOk()->assertJsonPath('tools.3.sheets.0.title', 'Turning circle');
        $this->deleteJson("$this->at/$id")->assertOk()->assertJsonPath('tools.3.sheets', []);
    });

    it('that cannot be worked out is not kept, and says which number is wrong', function () {
        ($this->turning)(['innerAngle' => '95'])->assertUnprocessable()->assertJsonPath('problems.0.path', 'innerAngle');
        ($this->turning)(['wheelbases' => 'long'])->assertUnprocessable();
        $this->postJson($this->at, ['tool' => 'insert', 'unit' => 'mm', 'values' => []])->assertUnprocessable();
        $this->postJson($this->at, ['tool' => 'linkage', 'unit' => 'mm', 'values' => ['wheels' => ['left' => '3300, -740, 360', 'right' => '3300, 740, 360']]])->assertUnprocessable();
        expect(Worksheet::count())->toBe(0);
    });

    it('goes out with the job file, and comes back', function () {
        ($this->turning)()->assertOk();
        $file = $this->get("/jobs/{$this->job->id}/file")->assertOk()->getContent();
        $this->post('/jobs/from-file', ['file' => UploadedFile::fake()->createWithContent('job.json', $file)])->assertRedirect();
        $copy = Job::query()->latest('id')->first();
        expect($copy->worksheets()->first()->given)->toEqual($this->job->worksheets()->first()->given)->and($copy->worksheets()->first()->title)->toBe('Kerb');
    });

    it('is seen by an inspector and changed by nobody of another shop', function () {
        $id = ($this->turning)()->json('tools.3.sheets.0.id');
        $this->actingAs($this->person(Role::Inspector));
        $this->get("$this->at/steering")->assertOk();
        $this->deleteJson("$this->at/$id")->assertForbidden();
        $this->actingAs($this->person(workshop: 'Another yard'));
        $this->get("$this->at/steering")->assertForbidden();
        $this->postJson("$this->at/$id/take-over")->assertForbidden();
    });

    it('of another job is not found', function () {
        $id = ($this->turning)()->json('tools.3.sheets.0.id');
        $other = $this->demoJob($this->user);
        $this->deleteJson("/jobs/{$other->id}/gear/$id")->assertNotFound();
        $this->putJson("/jobs/{$other->id}/gear/$id", ['tool' => 'turning', 'unit' => 'mm', 'values' => ['kingpinTrack' => '1480', 'innerAngle' => '30', 'wheelbases' => '3940']])->assertNotFound();
    });
});

it('stands old against new on one page', function () {
    ($this->stretch)('640');
    $this->postJson($this->at, ['tool' => 'rack', 'unit' => 'mm', 'values' => ['inner' => '130, 350, 200', 'outer' => '130, 690, 190', 'upper' => '0, 660, 400', 'lower' => '0, 700, 150', 'wheelbase' => '3940', 'travel' => '60, -60']])->assertOk();
    $this->get("$this->at/old-new")->assertOk()->assertInertia(fn ($page) => $page->component('jobs/old-new')->where('gear.isPlanned', true)
        ->where('gear.vehicle.0', fn ($row): bool => $row['before'] == 3300 && $row['after'] == 3940)
        ->where('gear.sheets.0', fn ($sheet): bool => $sheet['before'] !== null && $sheet['before']['before']['steering'][0]['ackermann'] != $sheet['result']['before']['steering'][0]['ackermann'])
        ->has('gear.tools.rack'));
});

it('says nothing of a shaft whose joint the plan cuts out', function () {
    $this->putJson("/jobs/{$this->job->id}/plan", ['unit' => 'mm', 'operations' => [['id' => 'op1', 'kind' => 'shorten', 'at' => '1000', 'length' => '600']]])->assertOk();
    $this->get("$this->at/shafts")->assertOk();
});
