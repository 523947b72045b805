<?php

declare(strict_types=1);

use Illuminate\Http\UploadedFile;

beforeEach(function () {
    $this->actingAs($this->user = $this->person());
    $this->job = $this->demoJob($this->user);
    $this->at = "/jobs/{$this->job->id}/plan";
    $this->plan = fn (array ...$operations) => $this->putJson($this->at, ['unit' => 'mm', 'operations' => $operations])->assertOk();
});

describe('where to cut', function () {
    it('names every reason, and ranks what is left', function () {
        $this->get("$this->at/cut")->assertOk()->assertInertia(fn ($page) => $page->component('jobs/cut')
            ->where('cut.windows.0', fn ($window): bool => abs($window['from'] - 1275) < 1 && abs($window['to'] - 1420) < 1 && str_contains(sentence(collect($window['text'])->all()), 'the rail bears'))
            ->where('cut.forbidden', fn ($all): bool => collect($all)->contains(fn ($one): bool => $one['rule'] === 'hangerClearance' && str_contains(sentence(collect($one['why'])->all()), 'rear spring, front hanger')))
            ->where('cut.rankedBy', 'by what the rail bears there, least first')->where('cut.trouble', null));
    });

    it('follows the values of the shop', function () {
        $this->job->workshop->values()->create(['name' => 'hangerClearance', 'value' => 1.0]);
        $this->get("$this->at/cut")->assertInertia(fn ($page) => $page->where('cut.forbidden', fn ($all): bool => collect($all)->contains(fn ($one): bool => str_contains(sentence(collect($one['why'])->all()), 'this shop\'s own'))));
    });

    it('says what to enter where there is no rail', function () {
        $this->job->update(['frame' => []]);
        $this->get("$this->at/cut")->assertOk()->assertInertia(fn ($page) => $page->where('cut.span', null)->where('cut.windows', []));
    });

    it('shows the cuts that are planned', function () {
        ($this->plan)(['id' => 'op1', 'kind' => 'stretch', 'at' => '1350', 'length' => '640']);
        $this->get("$this->at/cut")->assertInertia(fn ($page) => $page->where('cut.cuts', [1350]));
    });
});

describe('both halves on posts', function () {
    it('are told what each post carries, and whether a half tips', function () {
        $halves = $this->postJson("$this->at/stand", ['unit' => 'mm', 'values' => ['cut' => '1350']])->assertOk()->json('halves');
        expect(array_column($halves, 'name'))->toBe(['front', 'rear'])->and(array_sum(array_column($halves, 'mass')))->toEqualWithDelta(2700, 1e-6)
            ->and($halves[1]['cases'])->toHaveCount(3)->and($halves[1]['cases'][0]['front'] + $halves[1]['cases'][0]['rear'])->toEqualWithDelta($halves[1]['mass'], 1e-6)->and($halves[1]['used'])->toBeLessThan(1.0);
    });

    it('stand where a person says, from a point too, and tip where that is wrong', function () {
        $rear = $this->postJson("$this->at/stand", ['unit' => 'mm', 'values' => ['cut' => '1350', 'rearA' => '100 behind FL', 'rearB' => '2100']])->assertOk()->json('halves.1');
        expect($rear['supports'])->toEqual([1700, 2100])->and($rear['tips'])->toBeTrue();
    });

    it('say what is missing, and what cannot be', function () {
        $this->postJson("$this->at/stand", ['unit' => 'mm', 'values' => []])->assertUnprocessable()->assertJsonPath('problems.0.path', 'cut');
        $this->postJson("$this->at/stand", ['unit' => 'mm', 'values' => ['cut' => '1350', 'wall' => '-3']])->assertUnprocessable()->assertJsonPath('problems.0.path', 'wall');
        $this->job->update(['frame' => [...$this->job->frame, 'masses' => []]]);
        $this->postJson("$this->at/stand", ['unit' => 'mm', 'values' => ['cut' => '1350']])->assertOk()->assertJsonPath('halves.0.trouble', fn (string $says): bool => str_contains($says, 'give engine, cab and body'));
    });
});

describe('the loose half across a gap', function () {
    beforeEach(function () {
        ($this->plan)(['id' => 'op1', 'kind' => 'stretch', 'at' => '1350', 'length' => '640']);
        $this->get("$this->at/cut")->assertInertia(function ($page) {
            $this->planned = collect($page->toArray()['props']['cut']['spread'][0]['readings'])->pluck('planned', 'field')->all();
        });
        $this->read = fn (array $change = []) => $this->postJson("$this->at/spread/op1", ['unit' => 'mm', 'values' => array_map(strval(...), [...$this->planned, ...$change])]);
    });

    it('is told round after round, with the moves in order, and is set in the end', function () {
        $first = ($this->read)(['riseLeft' => $this->planned['riseLeft'] + 5, 'riseRight' => $this->planned['riseRight'] + 5, 'riseFar' => $this->planned['riseFar'] + 5])->assertOk();
        expect($first->json('0.rounds.0.shift.2'))->toEqualWithDelta(5.0, 1e-3)
            ->and($first->json('0.rounds.0.isSet'))->toBeFalse()
            ->and(array_values(array_unique(array_column($first->json('0.rounds.0.moves'), 'move'))))->toBe(['turn', 'heights', 'sideways', 'gap']);
        expect(($this->read)()->assertOk()->json('0.rounds.1.isSet'))->toBeTrue();
        expect($this->deleteJson("$this->at/spread/op1")->assertOk()->json('0.rounds'))->toHaveCount(1);
    });

    it('is kept in the job file, and comes back with it', function () {
        ($this->read)()->assertOk();
        $kept = $this->get("/jobs/{$this->job->id}/file")->assertOk()->getContent();
        $document = json_decode($kept, true);
        expect($document['plan']['spread'][0]['cut'])->toBe('op1')
            ->and($document['plan']['spread'][0]['readings']['tramLeft'])->toEqualWithDelta($this->planned['tramLeft'], 1e-9);
        $this->post('/jobs/from-file', ['file' => UploadedFile::fake()->createWithContent('job.json', $kept)])->assertRedirect();
        expect(App\Models\Job::query()->latest('id')->first()->plan_spread)->toEqual($this->job->refresh()->plan_spread);
    });

    it('keeps nothing that cannot be, of no cut that is not planned, and by nobody who may not work', function () {
        ($this->read)(['tramLeft' => '-3'])->assertUnprocessable()->assertJsonPath('problems.0.path', 'tramLeft');
        ($this->read)(['riseFar' => '90000'])->assertUnprocessable();
        $this->postJson("$this->at/spread/op9", ['unit' => 'mm', 'values' => array_map(strval(...), $this->planned)])->assertNotFound();
        expect($this->job->refresh()->plan_spread)->toBeNull();
        $this->actingAs($this->person(App\Models\Role::Inspector));
        ($this->read)()->assertForbidden();
    });
});

it('packs the feet of posts on an uneven floor', function () {
    $halves = $this->postJson("$this->at/stand", ['unit' => 'mm', 'values' => ['cut' => '1350', 'rearFloor' => '1200, 1212, 1207, 1200']])->assertOk()->json('halves');
    expect($halves[1]['shims'])->toEqual([0, 12, 7, 0])->and($halves[0]['shims'])->toBeNull();
    $this->postJson("$this->at/stand", ['unit' => 'mm', 'values' => ['cut' => '1350', 'rearFloor' => '1200, 1212']])->assertUnprocessable();
});

describe('the loads', function () {
    it('are told case by case, before and after, against what the axles may carry', function () {
        ($this->plan)(['id' => 'op1', 'kind' => 'stretch', 'at' => '1350', 'length' => '640']);
        $this->get("$this->at/loads")->assertOk()->assertInertia(fn ($page) => $page->component('jobs/loads')
            ->where('loads.before.cases', fn ($cases): bool => collect($cases)->pluck('kind')->all() === ['empty', 'laden', 'load-forward', 'load-rearward', 'braking', 'jacked-front', 'jacked-rear'])
            ->where('loads.before.cases.1.axles.1.rating', 4200)
            ->where('loads.after.cases.1.axles', fn ($axles): bool => abs($axles[0]['carries'] + $axles[1]['carries'] - 4520) < 1e-6)
            ->where('loads.after.worst.0', fn ($worst): bool => $worst['stress'] > 0 && $worst['margin'] > 0 && $worst['known'] === 'from the maker\'s book')
            ->where('loads.brakes', true)
            ->where('loads.after.twist', fn ($twist): bool => $twist['degrees'] > 0 && $twist['lifts'] === 'front')
            ->where('loads.factor', 2.5));
    });

    it('are told for something that moves along, and refused where it moves nowhere', function () {
        $answer = $this->postJson("$this->at/loads", ['unit' => 'mm', 'values' => ['mass' => '900', 'from' => '100 behind FL', 'to' => '6000']])->assertOk();
        expect($answer->json('over'))->toBe('empty')
            ->and($answer->json('axles.1.greatest'))->toBeGreaterThan($answer->json('axles.1.least'))
            ->and($answer->json('trouble'))->toBeNull();
        $this->postJson("$this->at/loads", ['unit' => 'mm', 'values' => ['mass' => '900', 'from' => '1000', 'to' => '400']])->assertStatus(422);
        $this->postJson("$this->at/loads", ['unit' => 'mm', 'values' => ['mass' => '-3', 'from' => '1000', 'to' => 'far']])->assertStatus(422);
    });

    it('are told for a winch, and for what hangs beside a rail', function () {
        $winch = $this->postJson("$this->at/winch", ['unit' => 'mm', 'values' => ['pull' => '35', 'station' => 'AL']])->assertOk();
        expect($winch->json('axles.0.greatest'))->toBeGreaterThan($winch->json('axles.0.least'))
            ->and($winch->json('railHeight'))->toEqual(640)
            ->and($winch->json('worst.stress'))->toBeGreaterThan(0);
        $beside = $this->postJson("$this->at/beside", ['unit' => 'in', 'values' => ['mass' => '130', 'station' => '2000 mm', 'outside' => '8']])->assertOk();
        expect($beside->json('asIs.twist'))->toBeGreaterThan(50 * $beside->json('boxed.twist'))
            ->and($beside->json('trouble'))->toBeNull();
        $this->postJson("$this->at/winch", ['unit' => 'mm', 'values' => ['pull' => '-1', 'station' => 'AL']])->assertUnprocessable()->assertJsonPath('problems.0.path', 'pull');
    });

    it('of a winch and beside a rail say what to enter first', function () {
        $this->job->update(['frame' => [...$this->job->frame, 'features' => [], 'axles' => [['id' => 'front', 'station' => 0], ['id' => 'rear', 'station' => 3300]]]]);
        $this->postJson("$this->at/winch", ['unit' => 'mm', 'values' => ['pull' => '35', 'station' => '0']])->assertOk()->assertJsonPath('trouble', fn (string $says): bool => str_contains($says, 'above the ground is not given'));
        $this->postJson("$this->at/beside", ['unit' => 'mm', 'values' => ['mass' => '130', 'station' => '2000']])->assertOk()->assertJsonPath('trouble', fn (string $says): bool => str_contains($says, 'crossmember before it'));
    });

    it('say what to enter where a mass or an axle is missing', function (string $list, string $says) {
        $this->job->update(['frame' => [...$this->job->frame, $list => []]]);
        $this->get("$this->at/loads")->assertOk()->assertInertia(fn ($page) => $page->where('loads.before', null)->where('loads.trouble.message', fn (string $message): bool => str_contains($message, $says)));
    })->with([['masses', 'No mass is entered'], ['axles', 'two axles at least']]);

    it('take a load that lies off the frame as it is', function () {
        $this->job->update(['frame' => [...$this->job->frame, 'masses' => [['id' => 'M', 'name' => 'crane', 'mass' => 900, 'station' => 9000, 'when' => 'always']]]]);
        $this->get("$this->at/loads")->assertOk()->assertInertia(fn ($page) => $page->where('loads.before.cases.0.axles.0.carries', fn ($kg): bool => $kg < 0));
    });
});

describe('mounts of a frame that changes', function () {
    beforeEach(function () {
        $mounts = array_map(fn (int $i): array => ['id' => "BM$i", 'kind' => 'body-mount', 'name' => "mount $i", 'station' => 800 + 1000 * $i], range(0, 4));
        $this->job->update(['frame' => [...$this->job->frame, 'features' => [...$this->job->frame['features'], ...$mounts]]]);
    });

    it('are held by their bolts, under their share of the body where nothing else is said', function () {
        $told = $this->postJson("$this->at/bolts", ['unit' => 'mm', 'values' => ['mass' => '400', 'factor' => '2', 'columns' => '2', 'rows' => '2']])->assertOk();
        expect($told->json('used'))->toBeGreaterThan(0)->toBeLessThan(1)
            ->and($told->json('mass'))->toEqual(400);
        expect($this->postJson("$this->at/bolts", ['unit' => 'mm', 'values' => ['mount' => 'mount 2']])->assertOk()->json('mass'))->toBeGreaterThan(50);
        $this->postJson("$this->at/bolts", ['unit' => 'mm', 'values' => ['mount' => 'nothing of that name']])->assertUnprocessable()->assertJsonPath('problems.0.path', 'mount');
    });

    it('meet those of a body that is cut with it, or are told by how much they do not', function () {
        $this->postJson("$this->at/body-cut", ['unit' => 'mm', 'values' => ['at' => '1350']])->assertUnprocessable()->assertJsonPath('problems.0.path', 'by');
        ($this->plan)(['id' => 'op1', 'kind' => 'stretch', 'at' => '1350', 'length' => '640']);
        expect(collect($this->postJson("$this->at/body-cut", ['unit' => 'mm', 'values' => ['at' => '1350']])->assertOk()->json('mounts'))->every('meets'))->toBeTrue();
        $late = $this->postJson("$this->at/body-cut", ['unit' => 'mm', 'values' => ['at' => '4000']])->assertOk();
        expect($late->json('canMeet'))->toBeTrue()
            ->and(collect($late->json('mounts'))->where('meets', false)->pluck('off')->unique()->all())->toEqual([-640]);
    });
});

describe('what the plan does', function () {
    it('is told before and after, with what comes along', function () {
        ($this->plan)(['id' => 'op1', 'kind' => 'stretch', 'at' => '1350', 'length' => '640']);
        $this->get("$this->at/after")->assertOk()->assertInertia(fn ($page) => $page->component('jobs/after')
            ->where('after.rows.0', fn ($row): bool => $row['before'] == 3300 && $row['after'] == 3940 && $row['changes'])
            ->where('after.carried', fn ($items): bool => ($loom = collect($items)->firstWhere('feature', 'rear wiring loom')) !== null && abs($loom['loss'] - 2 * 0.0175 * 0.64 * 8 / 1.5) < 1e-9 && $loom['outBeforeHeat']));
    });

    it('is nothing while nothing is planned', function () {
        $this->get("$this->at/after")->assertOk()->assertInertia(fn ($page) => $page->where('after.isPlanned', false)->where('after.rows.0.changes', false));
    });
});

it('keeps every page from another shop, and shows it to an inspector', function (string $page) {
    $this->actingAs($this->person(App\Models\Role::Inspector));
    $this->get("$this->at/$page")->assertOk();
    $this->actingAs($this->person(workshop: 'Another yard'));
    $this->get("$this->at/$page")->assertForbidden();
})->with(['cut', 'loads', 'after']);

describe('variants of the plan', function () {
    beforeEach(function () {
        ($this->plan)(['id' => 'op1', 'kind' => 'stretch', 'at' => '1350', 'length' => '640']);
        $this->choose = fn (string $letter, array $headers = []) => $this->postJson("$this->at/variant", ['variant' => $letter], $headers);
    });

    it('begin as a copy, and are kept beside each other', function () {
        ($this->choose)('B')->assertOk()->assertJsonPath('variant', 'B')->assertJsonPath('variants', ['A', 'B'])->assertJsonPath('operations.0.values.length', 640);
        ($this->plan)(['id' => 'op1', 'kind' => 'move-axle', 'axle' => 'rear', 'by' => '500']);
        ($this->choose)('A')->assertOk()->assertJsonPath('operations.0.kind', 'stretch')->assertJsonPath('wheelbaseAfter', 3940);
        ($this->choose)('B')->assertOk()->assertJsonPath('operations.0.kind', 'move-axle')->assertJsonPath('wheelbaseAfter', 3800);
        ($this->choose)('B')->assertOk()->assertJsonPath('variants', ['A', 'B']);
    });

    it('stand side by side, with what a rail bears in each', function () {
        ($this->choose)('B');
        ($this->plan)(['id' => 'op1', 'kind' => 'move-axle', 'axle' => 'rear', 'by' => '500']);
        $this->get("$this->at/after")->assertInertia(fn ($page) => $page->has('after.variants', 2)
            ->where('after.variants.0', fn ($one): bool => $one['letter'] === 'A' && ! $one['inForce'] && $one['rows'][0]['after'] == 3940 && $one['crossing'] === 6 && $one['worst']['stress'] > 0)
            ->where('after.variants.1', fn ($one): bool => $one['letter'] === 'B' && $one['inForce'] && $one['rows'][0]['after'] == 3800 && $one['crossing'] === 0));
    });

    it('go through the job file and back', function () {
        ($this->choose)('C');
        $file = $this->get("/jobs/{$this->job->id}/file")->getContent();
        $this->post('/jobs/from-file', ['file' => Illuminate\Http\UploadedFile::fake()->createWithContent('a.job.json', $file)])->assertSessionHasNoErrors();
        $copy = App\Models\Job::query()->latest('id')->firstOrFail();
        expect($copy->plan_variant)->toBe('C')
            ->and($copy->plan_others)->toEqual($this->job->refresh()->plan_others)
            ->and(array_keys($copy->plan_others))->toBe(['A']);
    });

    it('are dropped one by one, and never the one in force', function () {
        ($this->choose)('B');
        $this->deleteJson("$this->at/variant/B")->assertOk()->assertJsonPath('variants', ['A', 'B']);
        $this->deleteJson("$this->at/variant/A")->assertOk()->assertJsonPath('variants', ['B']);
    });

    it('are three at most, and not put in force over somebody else\'s change', function () {
        ($this->choose)('D')->assertUnprocessable();
        $revision = $this->putJson($this->at, ['unit' => 'mm', 'operations' => []])->json('revision');
        ($this->plan)(['id' => 'op1', 'kind' => 'stretch', 'at' => '1350', 'length' => '300']);
        ($this->choose)('B', ['X-Revision' => $revision])->assertConflict();
        expect($this->job->refresh()->plan_variant)->toBe('A');
    });
});

describe('the joint', function () {
    it('is compared at the first cut that is planned, and elsewhere on wish', function () {
        $this->get("$this->at/splice")->assertOk()->assertInertia(fn ($page) => $page->component('jobs/splice')->where('splice.site', null)->where('splice.options', []));
        ($this->plan)(['id' => 'op1', 'kind' => 'stretch', 'at' => '1350', 'length' => '640']);
        $this->get("$this->at/splice")->assertInertia(fn ($page) => $page->where('splice.site.station', 1350)->has('splice.options', 11)->where('splice.site.insert', 640)->where('splice.options.0.places', fn ($places): bool => isset($places['joint'], $places['insert']))->where('splice.options.0.holds', true));
        $this->postJson("$this->at/splice", ['unit' => 'mm', 'values' => ['at' => '300 behind FL', 'length' => '400', 'sleeve' => '6']])->assertOk()->assertJsonPath('site.station', 1900)
            ->assertJsonPath('options', fn (array $options): bool => collect($options)->firstWhere('name', 'sleeve-plugs')['parts'][0]['thickness'] == 6);
    });

    it('says what is missing or cannot be', function () {
        $this->postJson("$this->at/splice", ['unit' => 'mm', 'values' => ['length' => '10']])->assertUnprocessable()->assertJsonPath('problems', fn (array $all): bool => array_column($all, 'path') === ['at', 'length']);
        $this->postJson("$this->at/splice", ['unit' => 'mm', 'values' => ['at' => '9000']])->assertOk()->assertJsonPath('trouble.message', fn (string $says): bool => str_contains($says, 'No rail is entered at 9000 mm'));
        $this->job->update(['frame' => [...$this->job->frame, 'masses' => []]]);
        $this->postJson("$this->at/splice", ['unit' => 'mm', 'values' => ['at' => '1350']])->assertOk()->assertJsonPath('trouble.message', fn (string $says): bool => str_contains($says, 'No mass is entered'));
    });
});

describe('the sheets for the bench', function () {
    it('say how the cut is found again, sawn, proved and joined, and what comes along', function () {
        ($this->plan)(['id' => 'op1', 'kind' => 'stretch', 'at' => '1350', 'length' => '640', 'kerf' => '3', 'gap' => '2'], ['id' => 'mount5', 'kind' => 'add-feature', 'new' => ['kind' => 'body-mount', 'station' => '2200', 'length' => '90']]);
        $sheets = preg_replace('/\s+/', ' ', (string) $this->get("$this->at/papers/document")->assertOk()->getContent());
        expect($sheets)->toContain('Cut sheet op1: Stretch: length put in 640.0', 'First cut, station 1350.0', '230.0 mm behind EL', '250.0 mm ahead of FL', 'Insert to saw: 640.1', '640.0 mm put in + 3.0 mm kerf of the rail cut', 'must read after', '840.0',
            'Both halves on posts', 'Splice sheet, joint at 1350.0', 'Boxed across the joint', 'Fillet at', 'Marking out', 'body mount mount5', 'What comes along', 'rear wiring loom', 'Before and after', '3940.0', 'Axle loads, kg', 'Nothing here is an approval');
    });

    it('say that nothing is planned, and print all the same', function () {
        expect((string) $this->get("$this->at/papers/document")->assertOk()->getContent())->toContain('No change is planned');
        expect((string) $this->get("$this->at/papers.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf')->getContent())->toStartWith('%PDF');
    });

    it('carry the fonts of the application, their pages and what state of the plan they show', function () {
        ($this->plan)(['id' => 'op1', 'kind' => 'stretch', 'at' => '1350', 'length' => '640']);
        $pdf = (string) $this->get("$this->at/papers.pdf")->assertOk()->getContent();
        expect($pdf)->toContain('Barlow')->toMatch('/\/Count [3-9]/');
        $state = app(App\Report\PlanPapers::class)->state($this->job->refresh());
        ($this->plan)(['id' => 'op1', 'kind' => 'stretch', 'at' => '1350', 'length' => '641']);
        expect(app(App\Report\PlanPapers::class)->state($this->job->refresh()))->not->toBe($state)
            ->and($state)->toStartWith('plan A ');
    });

    it('show names as they are typed, and no markup of theirs', function () {
        $this->job->update(['frame' => [...$this->job->frame, 'features' => [['id' => 'X1', 'kind' => 'bracket', 'name' => '<img src=x onerror=alert(1)>', 'side' => 'both', 'station' => 1300.0, 'length' => 10.0, 'face' => 'web', 'up' => 0.0]]]]);
        ($this->plan)(['id' => 'op1', 'kind' => 'stretch', 'at' => '1350', 'length' => '640']);
        expect((string) $this->get("$this->at/papers/document")->getContent())->not->toContain('<img src=x')->toContain('&lt;img src=x');
    });

    it('are kept from another shop', function () {
        $this->actingAs($this->person(workshop: 'Another yard'));
        foreach (['papers', 'papers/document', 'papers.pdf'] as $page) {
            $this->get("$this->at/$page")->assertForbidden();
        }
    });
});

it('knows where a change lies that is counted from a point, so that the drawing shows it there', function () {
    ($this->plan)(['id' => 'A3', 'kind' => 'move-feature', 'feature' => 'B1', 'to' => '150 behind FL']);
    $this->get($this->at)->assertOk()->assertInertia(fn ($page) => $page->where('plan.stations', ['A3' => ['to' => 1750]]));
    ($this->plan)(['id' => 'op1', 'kind' => 'move-axle', 'axle' => 'rear', 'by' => '60']);
    $this->get($this->at)->assertOk()->assertInertia(fn ($page) => $page->where('plan.stations', []));
});

describe('mounts', function () {
    it('are found by tape on either side, where they were and where they will be', function () {
        ($this->plan)(['id' => 'op1', 'kind' => 'stretch', 'at' => '1350', 'length' => '640']);
        $this->get("$this->at/mounts")->assertOk()->assertInertia(fn ($page) => $page->component('jobs/mounts')
            ->where('mounts.mounts', fn ($all): bool => ($x3 = collect($all)->firstWhere('id', 'X3')) !== null && $x3['before'] == 1660 && $x3['after'] == 2300 && collect($x3['left'])->firstWhere('hook', 'FL')['distance'] == 60 && collect($x3['right'])->firstWhere('hook', 'FR')['distance'] == 60));
    });

    it('are spaced along a body, and brackets fitted', function () {
        ($this->plan)(['id' => 'op1', 'kind' => 'stretch', 'at' => '1350', 'length' => '640']);
        $spaced = $this->postJson("$this->at/mounts", ['unit' => 'mm', 'values' => ['from' => '1900', 'to' => '5800']])->assertOk()->json();
        expect($spaced['added'])->toBeGreaterThan(2)
            ->and($spaced['mounts'][0])->toMatchArray(['station' => 1900, 'stays' => true])
            ->and($spaced['trouble'])->toBeNull();
        $this->postJson("$this->at/brackets", ['unit' => 'mm', 'values' => ['brackets' => [['id' => 'A', 'station' => '2300', 'foot' => '80']], 'maxShift' => '200', 'maxMove' => '0']])->assertOk()->assertJsonPath('brackets.0.placed', true)->assertJsonPath('shift', fn ($mm): bool => abs($mm) >= 90);
    });

    it('say what is missing', function () {
        $this->postJson("$this->at/mounts", ['unit' => 'mm', 'values' => []])->assertOk()->assertJsonPath('trouble', fn (string $says): bool => str_contains($says, 'fewer than two body mounts'));
        $this->postJson("$this->at/brackets", ['unit' => 'mm', 'values' => []])->assertUnprocessable()->assertJsonPath('problems.0.path', 'brackets');
        $this->postJson("$this->at/brackets", ['unit' => 'mm', 'values' => ['brackets' => [['id' => 'A', 'station' => 'x', 'foot' => '-1']]]])->assertUnprocessable()->assertJsonPath('problems', fn (array $all): bool => array_column($all, 'path') === ['brackets[0].station', 'brackets[0].foot']);
    });
});

describe('what comes along', function () {
    beforeEach(function () {
        ($this->plan)(['id' => 'op1', 'kind' => 'stretch', 'at' => '1350', 'length' => '640']);
        $this->tick = fn (string $feature, bool $done = true) => $this->postJson("$this->at/tick", ['feature' => $feature, 'done' => $done]);
        $this->stage = fn (): string => collect($this->get($this->at)->viewData('page')['props']['job']->stages)->firstWhere('key', 'plan')->state;
    });

    it('is ticked one by one, and the plan is complete when all of it is', function () {
        expect(($this->stage)())->toBe('open');
        foreach (array_keys($this->job->refresh()->plan_along['crossing']) as $feature) {
            ($this->tick)($feature)->assertOk();
        }
        expect(($this->stage)())->toBe('done')
            ->and(collect($this->get("$this->at/after")->viewData('page')['props']['after']->carried)->where('isTicked', true))->toHaveCount(6);
        ($this->tick)('exhaust', false)->assertOk();
        expect(($this->stage)())->toBe('open');
    });

    it('loses its tick when it changes by another length, and no other does', function () {
        ($this->tick)('exhaust');
        ($this->tick)('fuel line');
        ($this->plan)(['id' => 'op1', 'kind' => 'stretch', 'at' => '1350', 'length' => '640']);
        expect($this->job->refresh()->plan_along['ticked'])->toBe(['exhaust', 'fuel line']);
        ($this->plan)(['id' => 'op1', 'kind' => 'stretch', 'at' => '2900', 'length' => '640']);
        // The fuel line ends at 2750 and crosses no more.
        expect($this->job->refresh()->plan_along['ticked'])->toBe(['exhaust']);
        ($this->plan)(['id' => 'op1', 'kind' => 'stretch', 'at' => '2900', 'length' => '300']);
        expect($this->job->refresh()->plan_along['ticked'])->toBe([]);
    });

    it('takes no tick for what does not cross, nor from an inspector', function () {
        ($this->tick)('fuel filler hose')->assertUnprocessable();
        $this->actingAs($this->person(App\Models\Role::Inspector));
        ($this->tick)('exhaust')->assertForbidden();
    });
});
