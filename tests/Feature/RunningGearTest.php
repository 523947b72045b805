<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Role;
use App\Models\Worksheet;
use App\Report\GearPapers;
use App\Report\PaperValues;
use Geodex\Core\Calculators\Calculators;
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
    $this->get("$this->at/weights")->assertInertia(fn ($page) => $page->where('gear.tools.2.proposed.newWheelbase', 3940)->where('gear.tools.2.proposed.ratings.rear', 4200));
});

describe('a sheet', function () {
    beforeEach(fn () => ($this->stretch)('640'));

    it('is kept with what comes of it', function () {
        $sheet = ($this->turning)()->assertOk()->json('tools.3.sheets.0');
        expect($sheet['title'])->toBe('Kerb')
            ->and($sheet['result']['wheelbases'][1]['circle'])->toBeGreaterThan($sheet['result']['wheelbases'][0]['circle'])
            ->and($sheet['stale'])->toBe([])
            ->and($sheet['by'])->toBe($this->user->name);
    });

    it('takes inches, and keeps millimetres', function () {
        expect(($this->turning)(['kingpinTrack' => '58 1/4', 'wheelbases' => "11', 12' 6\""], 'in')->assertOk()->json('tools.3.sheets.0.values.wheelbases'))->toEqual([3352.8, 3810]);
    });

    it('goes stale when the plan changes, saying of what, and is worked out again when that is taken over', function () {
        $id = ($this->turning)()->assertOk()->json('tools.3.sheets.0.id');
        ($this->stretch)('300');
        $this->get("$this->at/steering")->assertInertia(fn ($page) => $page->where('gear.tools.3.sheets.0.stale', ['Wheelbases']));
        $fresh = $this->postJson("$this->at/$id/take-over")->assertOk()->json('tools.3.sheets.0');
        expect($fresh['stale'])->toBe([])
            ->and($fresh['values']['wheelbases'])->toEqual([3300, 3600]);
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

    it('that two change at once is not overwritten: the second is shown both', function () {
        $sheet = ($this->turning)()->json('tools.3.sheets.0');
        $change = fn (string $angle, ?string $revision) => $this->putJson("$this->at/{$sheet['id']}", ['tool' => 'turning', 'title' => 'Kerb', 'unit' => 'mm', 'values' => ['kingpinTrack' => '1480', 'innerAngle' => $angle, 'wheelbases' => '3300, 3940']], $revision === null ? [] : ['X-Revision' => $revision]);
        $change('30', $sheet['revision'])->assertOk();
        $refused = $change('33', $sheet['revision'])->assertConflict();
        expect($refused->json('differences'))->toBe([['what' => 'given inner Angle', 'theirs' => '30', 'mine' => '33']])
            ->and($sheet['values']['innerAngle'])->toEqual(36);
        $change('33', $refused->json('revision'))->assertOk()->assertJsonPath('tools.3.sheets.0.values.innerAngle', 33);
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
        expect($copy->worksheets()->first()->given)->toEqual($this->job->worksheets()->first()->given)
            ->and($copy->worksheets()->first()->title)->toBe('Kerb');
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
        ->where('gear.sheets.0', fn ($sheet): bool => $sheet['isChanged'] && collect($sheet['rows'])->firstWhere('what', 'Before, Steering 1, Ackermann')['changes']));
});

it('says nothing of a shaft whose joint the plan cuts out', function () {
    $this->putJson("/jobs/{$this->job->id}/plan", ['unit' => 'mm', 'operations' => [['id' => 'op1', 'kind' => 'shorten', 'at' => '1000', 'length' => '600']]])->assertOk();
    $this->get("$this->at/shafts")->assertOk();
});

describe('on paper', function () {
    beforeEach(function () {
        ($this->stretch)('640');
        $this->paper = fn (): string => (string) preg_replace('/\s+/', ' ', html_entity_decode((string) $this->get("$this->at/papers/document")->assertOk()->getContent()));
    });

    it('stands every sheet with what was entered, what comes of it and how it was before', function () {
        ($this->turning)()->assertOk();
        expect(($this->paper)())->toContain('Old against new', 'Wheelbase ●', '3300.0', '3940.0', 'Driveshaft', 'joint to joint', 'Kerb', 'Turning circle, by', 'What comes of it', 'What was entered', '<td>Wheelbases</td><td>3300.0 mm, 3940.0 mm</td>', '36°', 'not given', 'Nothing here is an approval');
    });

    it('says of a sheet that it is out of date, or cannot be worked out', function () {
        ($this->turning)()->assertOk();
        ($this->stretch)('300');
        expect(($this->paper)())->toContain('Out of date:');
        Worksheet::query()->update(['given' => ['kingpinTrack' => -1]]);
        expect(($this->paper)())->toContain('Not worked out:');
    });

    it('has tables for what is many, and words for states', function () {
        $reads = fn (float $bend): string => implode(', ', array_map(fn (int $i): string => sprintf('%.3f', $bend * cos(deg2rad(45 * $i))), range(0, 7)));
        $this->postJson($this->at, ['tool' => 'run-out', 'unit' => 'mm', 'values' => ['stations' => array_map(fn (float $bend, int $x): array => ['x' => (string) $x, 'start' => '0', 'step' => '45', 'values' => $reads($bend)], [0.01, 0.9, 0.02], [50, 700, 1350]), 'outer' => '76.2', 'mass' => '12', 'speed' => '3000']])->assertOk();
        expect(($this->paper)())->toContain('out of line', '■ out', '○ within', 'Kinks', 'outer side at', 'Tack and shrink first: at', '700.0', 'Unbalance: force at speed', 'Stations, 2');
    });

    it('tells what differs of a sheet before the plan and after it, row by row', function () {
        $this->postJson($this->at, ['tool' => 'rack', 'unit' => 'mm', 'values' => ['inner' => '130, 350, 200', 'outer' => '130, 690, 190', 'upper' => '0, 660, 400', 'lower' => '0, 700, 150', 'wheelbase' => '3940', 'travel' => '60, -60']])->assertOk();
        expect(($this->paper)())->toMatch('/ackermann[^<]*<\/td><td class="n">[^<–]+<\/td><td class="n">[^<–]+<\/td>/i');
    });

    it('is in inches where the job is in inches', function () {
        $this->job->units = 'in';
        $values = PaperValues::of($this->job);
        expect($values->given(Calculators::named('turning')::fields(), ['wheelbases' => [3300.0, 3937.0], 'innerAngle' => 36.0]))->toMatchArray(['Wheelbases' => '129 29/32 in, 155 in', 'Lock of the inner wheel' => '36°', 'Steering arms' => 'not given']);
    });

    it('is a PDF with its own fonts and the state of plan and sheets', function () {
        $state = fn (): string => app(GearPapers::class)->state($this->job->refresh());
        $before = $state();
        ($this->turning)()->assertOk();
        expect((string) $this->get("$this->at/papers.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent())->toStartWith('%PDF')->toContain('Barlow')
            ->and($state())->not->toBe($before);
        $this->get("$this->at/papers")->assertOk()->assertInertia(fn ($page) => $page->component('jobs/gear-papers'));
    });

    it('shows a title as it was typed, and no markup of it', function () {
        $this->postJson($this->at, ['tool' => 'turning', 'title' => '<img src=x onerror=alert(1)>', 'unit' => 'mm', 'values' => ['kingpinTrack' => '1480', 'innerAngle' => '36', 'wheelbases' => '3940']])->assertOk();
        expect((string) $this->get("$this->at/papers/document")->getContent())->not->toContain('<img src=x')->toContain('&lt;img src=x');
    });

    it('is kept from another shop', function () {
        $this->actingAs($this->person(workshop: 'Another yard'));
        foreach (['papers', 'papers/document', 'papers.pdf'] as $page) {
            $this->get("$this->at/$page")->assertForbidden();
        }
    });
});

it('takes sheets from a file in whatever shape they come, without falling over', function () {
    $file = json_decode((string) $this->get("/jobs/{$this->job->id}/file")->assertOk()->getContent(), true);
    $file['runningGear'] = ['sheets' => [['tool' => 'turning', 'title' => str_repeat('long ', 20), 'given' => ['wheelbases' => [['deep']]], 'facts' => ['wheelbases' => 'none']], ['tool' => 'wings', 'title' => '', 'given' => ['length' => 1]]]];
    $send = fn (array $file) => $this->post('/jobs/from-file', ['file' => UploadedFile::fake()->createWithContent('job.json', (string) json_encode($file))])->assertRedirect();
    $send($file);
    $copy = Job::query()->latest('id')->first();
    expect($copy->worksheets()->count())->toBe(1);
    foreach (['steering', 'old-new', 'papers/document'] as $page) {
        $this->get("/jobs/{$copy->id}/gear/$page")->assertOk();
    }
    $jobs = Job::count();
    foreach ([7, ['tool' => 'turning', 'title' => ['no']], ['tool' => 'turning', 'given' => 'nothing']] as $sheet) {
        $file['runningGear'] = ['sheets' => [$sheet]];
        $send($file);
    }
    expect(Job::count())->toBe($jobs);
});
