<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Role;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

beforeEach(function () {
    $this->actingAs($this->user = $this->person());
    $this->job = $this->demoJob($this->user);
    $this->at = "/jobs/{$this->job->id}/frame";
    $this->keep = fn (string $list, array $rows, string $unit = 'mm', array $headers = []) => $this->putJson($this->at, ['unit' => $unit, 'list' => $list, 'rows' => $rows], $headers);
    $this->rows = fn (string $list): array => $this->job->refresh()->frame[$list] ?? [];
});

describe('the frame of a job', function () {
    it('is shown with its lists, what they ask for, and where the drawing has its parts', function () {
        $this->get($this->at)->assertOk()->assertInertia(fn ($page) => $page->component('jobs/chassis')
            ->where('chassis.lists.0.list', 'axles')->where('chassis.lists.0.rows.1.rating', 4200)
            ->where('chassis.lists.1.rows.0.from', '120 mm ahead of AL')
            ->where('chassis.body.rails.0', fn ($rail): bool => $rail['side'] === 'left' && $rail['knots'][0][0] === -760 && $rail['knots'][0][1] === -430)
            ->where('chassis.body.fixtures.0.spans', true)->has('chassis.quick', 8));
    });

    it('goes along to every stage, for the same drawing', function (string $stage) {
        $this->get("/jobs/{$this->job->id}/$stage")->assertOk()->assertInertia(fn ($page) => $page->has('job.body.rails', 4)->has('job.body.lines', 7));
    })->with(['plan', 'reference', 'surveys/before', 'surveys/before/findings']);

    it('is kept list by list, stations from a point in their words', function () {
        ($this->keep)('features', [['id' => 'X1', 'kind' => 'crossmember', 'station' => '350 behind CL', 'length' => '80'], ['id' => 'O1', 'kind' => 'hole', 'station' => '1200', 'diameter' => '14', 'side' => 'left']])
            ->assertOk()->assertJsonPath('body.fixtures.0.front', 490)->assertJsonPath('body.fixtures.1.name', 'hole O1');
        expect(($this->rows)('features')[0])->toMatchArray(['id' => 'X1', 'kind' => 'crossmember', 'station' => '350 mm behind CL', 'length' => 80, 'side' => 'both'])
            ->and(($this->rows)('rails'))->toHaveCount(2);
    });

    it('takes inches, and keeps millimetres', function () {
        ($this->keep)('masses', [['id' => 'M1', 'name' => 'cab', 'mass' => '640', 'station' => '10', 'to' => '40 1/2']], 'in')->assertOk();
        expect(($this->rows)('masses'))->toEqual([['id' => 'M1', 'name' => 'cab', 'mass' => 640, 'station' => 254, 'to' => 1028.7, 'when' => 'always']]);
    });

    it('moves with the chart where it is given from a point', function () {
        $before = $this->getJson("$this->at/section?station=-300&side=left")->json('section.depth');
        DB::table('points')->where('job_id', $this->job->id)->whereIn('code', ['BL', 'BR'])->update(['chart_x_mm' => -200]);
        // The taper ends 60 behind BL, so that it is now longer.
        expect($this->getJson("$this->at/section?station=-300&side=left")->json('section.depth'))->toBeLessThan($before);
    });

    it('refuses a row with its place, and keeps the list as it was', function (string $list, array $row, string $path, string $says) {
        $before = ($this->rows)($list);
        ($this->keep)($list, [$row])->assertUnprocessable()->assertJsonPath('problems.0.path', $path)->assertJsonPath('problems.0.message', fn (string $message): bool => str_contains(mb_strtolower($message), mb_strtolower($says)));
        expect(($this->rows)($list))->toBe($before);
    })->with([
        'a rail backwards' => ['rails', ['id' => 'R1', 'from' => '100', 'to' => '50', 'section' => ['kind' => 'channel', 'depth' => '200', 'width' => '70', 'thickness' => '6']], 'rows.rails[0].to', 'a rail runs rearward'],
        'a wall of nothing' => ['rails', ['id' => 'R1', 'from' => '0', 'to' => '50', 'section' => ['kind' => 'channel', 'depth' => '200', 'width' => '70', 'thickness' => '0']], 'rows.rails[0].section.thickness', 'more than 0'],
        'an unknown point' => ['features', ['id' => 'F', 'kind' => 'weld', 'station' => '10 behind QQ'], 'rows.features[0].station', 'point or axle “QQ”'],
        'a hole without a size' => ['features', ['id' => 'F', 'kind' => 'hole', 'station' => '10'], 'rows.features[0].diameter', 'how large is the hole'],
        'a line of one place' => ['lines', ['id' => 'L', 'name' => 'pipe', 'path' => [['station' => '10']]], 'rows.lines[0].path', 'takes from 2 to 60'],
        'a mass of nothing' => ['masses', ['id' => 'M', 'name' => 'air', 'mass' => '0', 'station' => '1'], 'rows.masses[0].mass', 'more than 0'],
        'a name with a blank' => ['axles', ['id' => 'rear axle', 'station' => '1'], 'rows.axles[0].id', 'letters, digits'],
    ]);

    it('refuses two rails in one place', function () {
        $rail = ['section' => ['kind' => 'channel', 'depth' => '200', 'width' => '70', 'thickness' => '6']];
        ($this->keep)('rails', [['id' => 'A', 'from' => '0', 'to' => '500', ...$rail], ['id' => 'B', 'from' => '400', 'to' => '900', ...$rail]])->assertUnprocessable()->assertJsonPath('problems.0.path', 'rows.rails[1]');
    });

    it('takes five hundred features, and no more', function () {
        $rows = array_map(fn (int $i): array => ['id' => "f$i", 'kind' => 'bolt', 'station' => (string) $i, 'diameter' => '10'], range(1, 500));
        ($this->keep)('features', $rows)->assertOk();
        ($this->keep)('features', [...$rows, ['id' => 'f501', 'kind' => 'bolt', 'station' => '1']])->assertUnprocessable();
        expect(($this->rows)('features'))->toHaveCount(500);
    });

    it('is not overwritten in silence', function () {
        $read = $this->getJson($this->at, ['X-Inertia' => 'true', 'X-Requested-With' => 'XMLHttpRequest']);
        $revision = ($this->keep)('axles', ($this->rows)('axles'))->json('revision');
        ($this->keep)('masses', [['id' => 'M1', 'name' => 'theirs', 'mass' => '10', 'station' => '1']])->assertOk();
        ($this->keep)('masses', [['id' => 'M1', 'name' => 'mine', 'mass' => '20', 'station' => '1']], 'mm', ['X-Revision' => $revision])->assertConflict();
        expect(($this->rows)('masses')[0]['name'])->toBe('theirs')
            ->and($read->status())->toBeLessThan(500);
    });

    it('is looked at and not changed by an inspector, and not seen by another shop', function () {
        $this->actingAs($this->person(Role::Inspector));
        $this->get($this->at)->assertOk();
        ($this->keep)('features', [])->assertForbidden();
        $this->postJson("$this->at/quick", [])->assertForbidden();
        $this->actingAs($this->person(workshop: 'Another yard'));
        $this->get($this->at)->assertForbidden();
        $this->getJson("$this->at/section?station=0&side=left")->assertForbidden();
        $this->get("$this->at/features.csv")->assertForbidden();
    });
});

describe('a section', function () {
    it('is cut at any station of either side, worn as it was measured', function () {
        $left = $this->getJson("$this->at/section?station=4400&side=left")->assertOk()->json('section');
        $right = $this->getJson("$this->at/section?station=4400&side=right")->json('section');
        expect($left['lost'])->toEqualWithDelta(0.9, 1e-9)->and($right['lost'])->toEqualWithDelta(0.3, 1e-9)->and($left['modulus'])->toBeLessThan($right['modulus'])->and($left['known'])->toBe('from the maker\'s book')
            ->and(max(array_column($left['outlines'][0], 0)))->toBeGreaterThan(60.0)->and(min(array_column($right['outlines'][0], 0)))->toBeLessThan(-60.0);
    });

    it('is none where no rail is', function () {
        $this->getJson("$this->at/section?station=9999&side=left")->assertOk()->assertExactJson(['section' => null]);
        $this->getJson("$this->at/section?station=abc&side=up")->assertOk();
    });
});

describe('eight numbers', function () {
    it('make a plain ladder truck', function () {
        $this->job->update(['frame' => []]);
        $this->postJson("$this->at/quick", ['unit' => 'mm', 'wheelbase' => '3300', 'ahead' => '700', 'behind' => '2 m', 'over' => '840', 'depth' => '200', 'flange' => '70', 'wall' => '6', 'spring' => '1300'])
            ->assertOk()->assertJsonPath('lists.1.rows.0.to', 5300)->assertJsonPath('lists.2.rows', fn (array $rows): bool => count($rows) > 7);
    });

    it('say which of them is missing', function () {
        $this->postJson("$this->at/quick", ['unit' => 'mm', 'wheelbase' => '3300'])->assertUnprocessable()->assertJsonPath('problems.0.path', 'ahead');
    });
});

describe('a table', function () {
    it('goes out and comes in again the same', function (string $list) {
        $before = ($this->rows)($list);
        $csv = $this->get("$this->at/$list.csv")->assertOk()->assertHeader('Content-Type', 'text/csv; charset=UTF-8')->getContent();
        $this->job->update(['frame' => [...$this->job->frame, $list => []]]);
        $this->post("$this->at/$list.csv", ['file' => UploadedFile::fake()->createWithContent("$list.csv", $csv)])->assertRedirect($this->at)->assertSessionHasNoErrors();
        expect(($this->rows)($list))->toEqual($before);
    })->with(['axles', 'rails', 'features', 'lines', 'masses', 'walls']);

    it('names the faulty row and takes none', function () {
        $csv = "id,kind,station\nA,weld,100\nB,wing,200\n";
        $this->post("$this->at/features.csv", ['file' => UploadedFile::fake()->createWithContent('f.csv', $csv)], ['Accept' => 'application/json'])->assertUnprocessable()->assertJsonPath('problems.0.path', 'rows.features[1].kind');
        expect(($this->rows)('features'))->toHaveCount(18);
    });

    it('is known by its list alone', function () {
        $this->get("$this->at/wings.csv")->assertNotFound();
    });
});

describe('the plan of a frame in metal', function () {
    it('cuts at a station from a point, and keeps its words', function () {
        $plan = $this->putJson("/jobs/{$this->job->id}/plan", ['unit' => 'mm', 'operations' => [['id' => 'op1', 'kind' => 'stretch', 'at' => '300 behind FL', 'length' => '640', 'kerf' => '3', 'gap' => '2']]])->assertOk();
        expect($plan->json('cuts.0.cut'))->toEqual(1900)->and($plan->json('operations.0.values.at'))->toBe('300 mm behind FL')
            ->and(sentence($plan->json('cuts.0.sum')))->toBe('640.0 mm put in + 3.0 mm kerf of the rail cut − 4.0 mm two root gaps + 1.1 mm two joints draw in = 640.1 mm')
            ->and(collect($plan->json('carried'))->firstWhere('feature', 'fuel line'))->toMatchArray(['change' => 640, 'outBeforeHeat' => true])
            ->and($plan->json('bodyAfter.rails.1.knots.0.0'))->toEqual(-760);
    });

    it('moves an axle with its hangers, and names what can be moved', function () {
        $plan = $this->putJson("/jobs/{$this->job->id}/plan", ['unit' => 'mm', 'operations' => [['id' => 'op1', 'kind' => 'move-axle', 'axle' => 'rear', 'by' => '300']]])->assertOk();
        expect($plan->json('wheelbaseAfter'))->toEqual(3600)
            ->and($plan->json('named.features.X3'))->toBe('bearing crossmember')
            ->and(collect($plan->json('bodyAfter.fixtures'))->firstWhere('id', 'H4')['front'])->toEqual(4280);
        $this->putJson("/jobs/{$this->job->id}/plan", ['unit' => 'mm', 'operations' => [['id' => 'op1', 'kind' => 'remove-feature', 'feature' => 'nix']]])->assertUnprocessable()->assertJsonPath('message', fn (string $says): bool => str_contains($says, 'no feature “nix”'));
    });

    it('goes through the job file and back', function () {
        $this->putJson("/jobs/{$this->job->id}/plan", ['unit' => 'mm', 'operations' => [
            ['id' => 'op1', 'kind' => 'replace', 'at' => '300 behind FL', 'length' => '200', 'insert' => '640'],
            ['id' => 'op2', 'kind' => 'add-feature', 'new' => ['kind' => 'body-mount', 'station' => '60 behind GL', 'length' => '90']],
            ['id' => 'op3', 'kind' => 'box', 'from' => '2900', 'to' => '3200', 'thickness' => '6'],
        ]])->assertOk();
        $file = $this->get("/jobs/{$this->job->id}/file")->assertOk()->getContent();
        $this->post('/jobs/from-file', ['file' => UploadedFile::fake()->createWithContent('a.job.json', $file)])->assertSessionHasNoErrors();
        $copy = Job::query()->latest('id')->firstOrFail();
        expect($copy->frame)->toEqual($this->job->refresh()->frame)
            ->and($copy->operations->pluck('parameters', 'code')->all())->toEqual($this->job->operations()->get()->pluck('parameters', 'code')->all());
    });
});

describe('a chart that changes under the frame', function () {
    it('takes the ground from under what was measured from it, and from nothing else', function () {
        $this->putJson("/jobs/{$this->job->id}/plan", ['unit' => 'mm', 'operations' => [['id' => 'op1', 'kind' => 'stretch', 'at' => '300 behind FL', 'length' => '640'], ['id' => 'op2', 'kind' => 'shorten', 'at' => '2900', 'length' => '100']]])->assertOk();
        DB::table('points')->where('job_id', $this->job->id)->where('code', 'FL')->update(['chart_x_mm' => null, 'chart_y_mm' => null, 'chart_z_mm' => null]);
        $this->get($this->at)->assertOk()->assertInertia(fn ($page) => $page->where('chassis.adrift', fn ($faults): bool => count($faults) === 3 && str_contains(implode(' ', collect($faults)->all()), 'frame.features[8].station: “FL” has no station yet'))->has('chassis.body.fixtures', 16));
        $this->get("/jobs/{$this->job->id}/plan")->assertOk()->assertInertia(fn ($page) => $page->has('plan.operations', 2)->has('plan.cuts', 1)->has('plan.adrift', 3));
        $this->get("/jobs/{$this->job->id}/surveys/before")->assertOk();
        // Another list can still be changed, and the row that lost its place be given another.
        ($this->keep)('masses', [['id' => 'M1', 'name' => 'cab', 'mass' => '640', 'station' => '10']])->assertOk()->assertJsonCount(3, 'adrift');
        ($this->keep)('features', [['id' => 'X3', 'kind' => 'crossmember', 'station' => '1660']])->assertOk()->assertJsonCount(1, 'adrift');
    });
});
