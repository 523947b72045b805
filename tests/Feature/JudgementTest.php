<?php

declare(strict_types=1);

use App\Models\DatumDecision;
use Illuminate\Support\Facades\DB;

/** A frame of four rows whose last point hangs on three lengths and a height, one of them wrong by 20 mm. */
function weakJob(string $extra = ''): string
{
    $points = $readings = $at = [];
    foreach (['A', 'B', 'C', 'D'] as $i => $row) {
        foreach (['L' => -400, 'R' => 400] as $side => $y) {
            $at[$row.$side] = [700.0 * $i, (float) $y, 500.0 - 20 * ($i % 2)];
            $points[] = ['id' => $row.$side, 'side' => $side === 'L' ? 'left' : 'right', 'mate' => $row.($side === 'L' ? 'R' : 'L'), 'reference' => $at[$row.$side], 'base' => $i < 3];
        }
    }
    if ($extra !== '') {
        // The chart of one base point is wrong by 20 mm.
        $points = array_map(fn (array $point): array => $point['id'] === $extra ? [...$point, 'reference' => [$point['reference'][0], $point['reference'][1], $point['reference'][2] + 20]] : $point, $points);
    }
    foreach ($at as $id => [, , $z]) {
        $readings[] = ['id' => "h$id", 'kind' => 'height', 'point' => $id, 'value' => $z];
    }
    foreach (array_keys($at) as $i => $from) {
        foreach (array_slice(array_keys($at), $i + 1) as $to) {
            $near = abs(ord($from) - ord($to)) <= 2;
            if ($near && ($extra !== '' || $to !== 'DR' || in_array($from, ['CL', 'CR', 'DL'], true))) {
                $length = sqrt(array_sum(array_map(fn ($p, $q) => ($p - $q) ** 2, $at[$from], $at[$to])));
                $readings[] = ['id' => "t$from$to", 'kind' => 'tram', 'from' => $from, 'to' => $to, 'value' => $length + ($extra === '' && "$from$to" === 'CLDR' ? 20 : 0)];
            }
        }
    }

    return json_encode(['format' => 'geodex-job', 'version' => 1, 'title' => 'Weak', 'units' => 'mm', 'points' => $points, 'surveys' => [['id' => 'before', 'readings' => $readings]]], JSON_THROW_ON_ERROR);
}

beforeEach(function () {
    $this->user = $this->person();
    $this->actingAs($this->user);
});

describe('explanations', function () {
    it('are told with the reading that decides, and shrink to one named suspect when it is in', function () {
        $job = $this->jobFrom($this->user, weakJob());
        $state = fn () => $this->getJson("/jobs/{$job->id}/surveys/before/state")->assertOk();
        $first = $state();
        $wrong = collect($first->json('explanations'))->map(fn (array $one): array => array_column($one['mistakes'], 'reading'));
        expect($wrong)->toContain(['tCLDR'])->and(count($wrong))->toBeGreaterThan(1)->and($first->json('next.0.because'))->toBe('deciding')
            ->and(collect($first->json('readings'))->where('state', 'questioned')->pluck('id'))->toContain('tCLDR')
            ->and(collect($first->json('points'))->firstWhere('id', 'DR')['reason'])->toBe('more than one explanation')
            ->and($first->json('pulls'))->toBe([]);
        // On the true frame every reading is what the chart says.
        $at = $job->points->mapWithKeys(fn ($p): array => [$p->code => [$p->chart_x_mm, $p->chart_y_mm, $p->chart_z_mm]]);
        for ($n = 1; count($state()->json('explanations')) > 1 && $n < 5; $n++) {
            $next = $state()->json('next.0');
            $true = match ($next['kind']) {
                'height' => $at[$next['points'][0]][2],
                'offset' => $at[$next['points'][0]][1],
                'rise' => $at[$next['points'][1]][2] - $at[$next['points'][0]][2],
                default => sqrt(array_sum(array_map(fn ($p, $q) => ($p - $q) ** 2, $at[$next['points'][0]], $at[$next['points'][1]]))),
            };
            $this->postJson("/jobs/{$job->id}/surveys/before/readings", ['id' => "c-$n", 'call' => $next['call'].' '.round($true, 1), 'unit' => 'mm'])->assertOk();
        }
        expect(collect($state()->json('readings'))->where('state', 'doubtful')->pluck('id')->values()->all())->toBe(['tCLDR'])
            ->and($state()->json('explanations'))->toHaveCount(1);
    });

    it('stand in the report with the pulls that are held back', function () {
        $job = $this->jobFrom($this->user, weakJob());
        $report = $this->get("/jobs/{$job->id}/surveys/before/hand-over/document")->assertOk();
        $report->assertSee('The readings can be explained in')->assertSee('20.0 mm too much')->assertSee('The datum is carried by AL, AR, BL, BR, CL, CR.');
    });
});

describe('the datum', function () {
    it('names a base point that the others contradict, and lets a person decide with a reason in the log', function () {
        $job = $this->jobFrom($this->user, weakJob('BR'));
        $state = fn () => $this->getJson("/jobs/{$job->id}/surveys/before/state")->assertOk();
        expect($state()->json('doubtfulBase.0.point'))->toBe('BR')->and($state()->json('doubtfulBase.0.off.2'))->toEqualWithDelta(-20.0, 0.1)
            ->and($state()->json('base'))->not->toContain('BR')->and(collect($state()->json('points'))->firstWhere('id', 'BR')['datum'])->toBe('doubtful');
        $this->postJson("/jobs/{$job->id}/surveys/before/datum", ['point' => 'BR', 'choice' => 'in', 'reason' => ''])->assertUnprocessable()->assertJsonValidationErrors('reason');
        $kept = $this->postJson("/jobs/{$job->id}/surveys/before/datum", ['point' => 'BR', 'choice' => 'in', 'reason' => 'Sheet read again'])->assertOk();
        expect($kept->json('survey.base'))->toContain('BR')
            ->and($kept->json('survey.decisions.0'))->toMatchArray(['point' => 'BR', 'choice' => 'in', 'reason' => 'Sheet read again']);
        $out = $this->postJson("/jobs/{$job->id}/surveys/before/datum", ['point' => 'AL', 'choice' => 'out', 'reason' => 'Horn is bent'])->assertOk();
        expect($out->json('survey.base'))->not->toContain('AL')->and(DatumDecision::count())->toBe(2)
            ->and(collect($out->json('survey.points'))->firstWhere('id', 'AL')['datum'])->toBe('left-out');
        $copy = $this->jobFrom($this->user, (string) $this->get("/jobs/{$job->id}/file")->getContent());
        expect($copy->surveys()->first()->datumDecisions()->pluck('choice')->all())->toBe(['in', 'out']);
    });

    it('is not for who only looks, and not of another shop', function () {
        $job = $this->jobFrom($this->user, weakJob());
        $this->actingAs($this->person(App\Models\Role::Inspector));
        $this->postJson("/jobs/{$job->id}/surveys/before/datum", ['point' => 'AL', 'choice' => 'out', 'reason' => 'No'])->assertForbidden();
        $this->actingAs($this->person(workshop: 'Other shop'));
        $this->postJson("/jobs/{$job->id}/surveys/before/datum", ['point' => 'AL', 'choice' => 'out', 'reason' => 'No'])->assertForbidden();
    });
});

it('lists jobs without computing what has not changed', function () {
    $job = $this->jobFrom($this->user, weakJob());
    $this->get('/jobs')->assertInertia(fn ($page) => $page->where('jobs.0.next', fn (string $next): bool => str_contains($next, 'One of several readings is wrong')));
    DB::enableQueryLog();
    $this->get('/jobs')->assertOk();
    expect(collect(DB::getQueryLog())->pluck('query')->filter(fn (string $query): bool => str_contains($query, 'from `readings` where `readings`.`survey_id`'))->all())->toBe([]);
    $this->postJson("/jobs/{$job->id}/surveys/before/readings/tCLDR/strike", ['reason' => 'Misread']);
    $this->get('/jobs')->assertInertia(fn ($page) => $page->where('jobs.0.next', fn (string $next): bool => ! str_contains($next, 'is wrong')));
});

it('makes a job without a file, whose chart is typed in next', function () {
    $this->post('/jobs', ['title' => '', 'units' => 'mm'])->assertSessionHasErrors('title');
    $this->post('/jobs', ['title' => 'By hand', 'units' => 'in'])->assertRedirect();
    $job = App\Models\Job::where('title', 'By hand')->firstOrFail();
    $this->get("/jobs/{$job->id}/reference")->assertInertia(fn ($page) => $page->has('reference.rows', 0)->where('job.units', 'in'));
    $this->get("/jobs/{$job->id}/surveys/before")->assertOk();
    $this->get("/jobs/{$job->id}/surveys/before/findings")->assertOk();
    $this->get("/jobs/{$job->id}/plan")->assertOk();
    $this->get("/jobs/{$job->id}/bench")->assertOk();
    $this->get('/jobs')->assertInertia(fn ($page) => $page->where('jobs.0.next', 'Enter the chart')->where('jobs.0.nextHref', route('reference', $job->id)));
});
