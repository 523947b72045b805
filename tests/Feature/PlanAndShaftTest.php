<?php

declare(strict_types=1);

beforeEach(function () {
    $this->actingAs($this->user = $this->person());
    $this->job = $this->demoJob($this->user);
    $this->stretch = ['id' => 'op1', 'kind' => 'stretch', 'at' => '2300', 'length' => '640', 'kerf' => '3', 'witness' => '100', 'level' => false];
});

describe('the plan', function () {
    it('is kept as planned, with target, wheelbase, marks and what crosses the cut', function () {
        $plan = $this->putJson("/jobs/{$this->job->id}/plan", ['unit' => 'mm', 'operations' => [$this->stretch]])->assertOk();
        expect($plan->json('wheelbaseBefore'))->toEqual(3300)->and($plan->json('wheelbaseAfter'))->toEqual(3940)
            ->and(collect($plan->json('target'))->firstWhere('id', 'MR')['target'])->toEqual([5880, 415, 500])
            ->and($plan->json('cuts.0'))->toMatchArray(['before' => 200, 'after' => 840, 'piece' => 643])
            ->and(collect($plan->json('carried'))->where('change', '!=', 0)->pluck('feature')->all())->toContain('rear brake line', 'exhaust')->not->toContain('fuel filler hose');
        $this->get("/jobs/{$this->job->id}/plan")->assertInertia(fn ($page) => $page->where('plan.operations.0.values.length', 640));
    });

    it('starts from the survey as measured where a person says so, and from no survey that there is not', function () {
        $chart = $this->putJson("/jobs/{$this->job->id}/plan", ['unit' => 'mm', 'operations' => [$this->stretch]])->assertOk();
        expect($chart->json('startsFrom'))->toBeNull()
            ->and($chart->json('surveys'))->toContain('before');
        $measured = $this->postJson("/jobs/{$this->job->id}/plan/start", ['survey' => 'before'])->assertOk();
        $off = fn (string $id): array => array_map(fn ($a, $b): float => abs($a - $b), collect($measured->json('target'))->firstWhere('id', $id)['target'], collect($chart->json('target'))->firstWhere('id', $id)['target']);
        expect($measured->json('startsFrom'))->toBe('before')->and(max(array_map(fn (array $point): float => max($off($point['id'])), $chart->json('target'))))->toBeGreaterThan(0.5)->toBeLessThan(60.0)
            // The measured rail slopes a little at the cut, and the insert with it.
            ->and($measured->json('wheelbaseAfter'))->toEqualWithDelta(3940, 0.5);
        $document = json_decode((string) $this->get("/jobs/{$this->job->id}/file")->getContent(), true);
        expect($document['plan']['from'])->toBe('before');
        $this->postJson("/jobs/{$this->job->id}/plan/start", ['survey' => 'never'])->assertUnprocessable();
        $this->postJson("/jobs/{$this->job->id}/plan/start", ['survey' => ''])->assertOk()->assertJsonPath('startsFrom', null);
    });

    it('is the chart of a survey that is held against it', function () {
        $this->putJson("/jobs/{$this->job->id}/plan", ['unit' => 'mm', 'operations' => [$this->stretch]])->assertOk();
        $this->job->surveys()->create(['code' => 'done', 'stage' => 'after']);
        $station = fn () => collect($this->get("/jobs/{$this->job->id}/surveys/done")->assertOk()->viewData('page')['props']['survey']->points)->firstWhere('id', 'ML')->chart[0];
        $before = $station();
        $this->post("/jobs/{$this->job->id}/surveys/done/against", ['target' => true])->assertRedirect();
        expect($station() - $before)->toEqual(640.0);
        $this->putJson("/jobs/{$this->job->id}/plan", ['unit' => 'mm', 'operations' => [[...$this->stretch, 'length' => '300']]])->assertOk();
        expect($station() - $before)->toEqual(300.0);
        $this->post("/jobs/{$this->job->id}/surveys/done/against", ['target' => false])->assertRedirect();
        expect($station())->toEqual($before);
    });

    it('tells by how much the ends miss each other as they were measured', function () {
        $plan = $this->putJson("/jobs/{$this->job->id}/plan", ['unit' => 'mm', 'operations' => [[...$this->stretch, 'at' => '1350']]])->assertOk();
        $said = array_map(sentence(...), $plan->json('ends'));
        expect($said)->toHaveCount(2)
            ->and($said[0])->toStartWith('op1, left: ')
            ->and($said[1])->toStartWith('op1, right: ');
    });

    it('takes lengths in inches', function () {
        $plan = $this->putJson("/jobs/{$this->job->id}/plan", ['unit' => 'in', 'operations' => [[...$this->stretch, 'at' => '90 1/2', 'length' => "2'", 'kerf' => '1/8', 'witness' => '4']]])->assertOk();
        expect($plan->json('operations.0.values'))->toMatchArray(['at' => 2298.7, 'length' => 609.6, 'kerf' => 3.175, 'witness' => 101.6]);
    });

    it('is refused with the reason and the old one kept', function (array $change, string $says) {
        $this->putJson("/jobs/{$this->job->id}/plan", ['unit' => 'mm', 'operations' => [$this->stretch]])->assertOk();
        $this->putJson("/jobs/{$this->job->id}/plan", ['unit' => 'mm', 'operations' => [[...$this->stretch, ...$change]]])
            ->assertUnprocessable()->assertJsonPath('message', fn (string $message): bool => str_contains($message, $says));
        expect($this->job->operations()->firstOrFail()->parameters['length'])->toEqual(640);
    })->with([
        'no length' => [['length' => ''], 'Missing: Length put in'],
        'not a length' => [['length' => 'long'], 'not a length'],
        'off the frame' => [['at' => '9000'], 'off the frame'],
        'too much' => [['length' => '9 m'], 'from 1 to 8000 mm'],
    ]);

    it('goes out as a chart in CSV that comes in again', function () {
        $this->putJson("/jobs/{$this->job->id}/plan", ['unit' => 'mm', 'operations' => [$this->stretch]])->assertOk();
        $csv = $this->get("/jobs/{$this->job->id}/plan/target.csv")->assertOk()->getContent();
        expect($csv)->toStartWith('id,name,side,mate,x,y,z,tolerance,base')->toContain('MR,"Rear cross tie, right",right,ML,5880,415,500,3,no');
        $this->post('/jobs/from-chart', ['title' => 'After', 'units' => 'mm', 'file' => Illuminate\Http\UploadedFile::fake()->createWithContent('target.csv', $csv)])->assertSessionHasNoErrors();
    });
});

describe('the shaft', function () {
    it('is recalculated for the planned frame', function () {
        $this->putJson("/jobs/{$this->job->id}/plan", ['unit' => 'mm', 'operations' => [$this->stretch]]);
        $this->get("/jobs/{$this->job->id}/driveline")->assertInertia(fn ($page) => $page
            ->where('driveline.before.tubeToCut', fn ($mm): bool => abs($mm - 0.4) < 0.01)
            ->where('driveline.after.tubeToCut', fn ($mm): bool => abs($mm + 639.18) < 0.05)
            ->where('driveline.after.warnings.0', fn ($warning): bool => str_contains(sentence(collect($warning)->all()), 'critical speed')));
    });

    it('is kept as typed, and says which field is wrong', function () {
        $fields = $this->get("/jobs/{$this->job->id}/driveline")->viewData('page')['props']['driveline']->form->fields;
        $this->putJson("/jobs/{$this->job->id}/driveline", ['fields' => [...$fields, 'tube.outside' => '3 1/2 in', 'tube.wall' => '']])->assertOk()
            ->assertJsonPath('before.criticalSpeed', null)->assertJsonPath('form.fields', fn (array $kept): bool => $kept['tube.outside'] === '3 1/2 in');
        $this->putJson("/jobs/{$this->job->id}/driveline", ['fields' => [...$fields, 'tube.outside' => 'thick']])->assertUnprocessable()->assertJsonPath('problems.0.path', 'driveline.shaft.tube.outside');
        $this->putJson("/jobs/{$this->job->id}/driveline", ['fields' => [...$fields, 'speed' => 'fast']])->assertUnprocessable()->assertJsonPath('problems.0.path', 'driveline.shaft.speed');
        $this->putJson("/jobs/{$this->job->id}/driveline", ['fields' => [...$fields, 'slip.wanted' => '500']])->assertUnprocessable();
    });

    it('can be entered from nothing', function () {
        $this->job->update(['driveline' => null]);
        $this->get("/jobs/{$this->job->id}/driveline")->assertInertia(fn ($page) => $page->where('driveline.before', null)->where('driveline.trouble', null));
        $this->putJson("/jobs/{$this->job->id}/driveline", ['fields' => ['front.joint.0' => '1250']])->assertUnprocessable();
    });
});

describe('the report', function () {
    it('holds everything, on screen and as PDF', function () {
        $this->putJson("/jobs/{$this->job->id}/plan", ['unit' => 'mm', 'operations' => [$this->stretch]]);
        $this->get("/jobs/{$this->job->id}/surveys/before/hand-over")->assertOk();
        $this->get("/jobs/{$this->job->id}/surveys/before/hand-over/document")->assertOk()
            ->assertSee('It is no approval')->assertSee('Reading 37 does not fit')->assertSee('3940.0 mm')->assertSee('rear brake line')->assertSee('Tube to add')->assertSee('Log of readings');
        $pdf = $this->get("/jobs/{$this->job->id}/surveys/before/hand-over.pdf")->assertOk()->assertHeader('Content-Type', 'application/pdf');
        expect(substr((string) $pdf->getContent(), 0, 5))->toBe('%PDF-')
            ->and(strlen((string) $pdf->getContent()))->toBeGreaterThan(20_000);
    });

    it('of a job with nothing read says so', function () {
        $job = $this->jobFrom($this->user, '{"format":"geodex-job","version":1,"title":"Bare","units":"in","points":[]}');
        $this->get("/jobs/{$job->id}/surveys/before/hand-over/document")->assertOk()->assertSee('Not computed')->assertSee('There is no chart to plan on')->assertSee('No driveshaft is entered');
        $this->get("/jobs/{$job->id}/plan")->assertInertia(fn ($page) => $page->where('plan.trouble.code', 'plan.no-chart'));
    });
});
