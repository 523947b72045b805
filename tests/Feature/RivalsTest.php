<?php

declare(strict_types=1);

use Illuminate\Support\Facades\DB;

/** A frame of four rows whose last point hangs on three lengths and a height, one of them wrong by 20 mm. */
function weakJob(): string
{
    $points = $readings = $at = [];
    foreach (['A', 'B', 'C', 'D'] as $i => $row) {
        foreach (['L' => -400, 'R' => 400] as $side => $y) {
            $at[$row.$side] = [700.0 * $i, (float) $y, 500.0 - 20 * ($i % 2)];
            $points[] = ['id' => $row.$side, 'side' => $side === 'L' ? 'left' : 'right', 'mate' => $row.($side === 'L' ? 'R' : 'L'), 'reference' => $at[$row.$side], 'base' => $i < 3];
            $readings[] = ['id' => "h$row$side", 'kind' => 'height', 'point' => $row.$side, 'value' => $at[$row.$side][2]];
        }
    }
    foreach (array_keys($at) as $i => $from) {
        foreach (array_slice(array_keys($at), $i + 1) as $to) {
            $near = abs(ord($from) - ord($to)) <= 2;
            if ($near && ($to !== 'DR' || in_array($from, ['CL', 'CR', 'DL'], true))) {
                $length = sqrt(array_sum(array_map(fn ($p, $q) => ($p - $q) ** 2, $at[$from], $at[$to])));
                $readings[] = ['id' => "t$from$to", 'kind' => 'tram', 'from' => $from, 'to' => $to, 'value' => $length + ("$from$to" === 'CLDR' ? 20 : 0)];
            }
        }
    }

    return json_encode(['format' => 'geodex-job', 'version' => 1, 'title' => 'Weak', 'units' => 'mm', 'points' => $points, 'surveys' => [['id' => 'before', 'readings' => $readings]]], JSON_THROW_ON_ERROR);
}

beforeEach(function () {
    $this->user = $this->person();
    $this->actingAs($this->user);
});

it('names both explanations of a contradiction and the reading that decides, and is decided by it', function () {
    $job = $this->jobFrom($this->user, weakJob());
    $state = fn () => $this->getJson("/jobs/{$job->id}/surveys/before/state")->assertOk();
    $rival = $state()->json('rivals.0');
    expect([$rival['suspect'], $rival['other']])->toContain('tCLDR')->and(abs($rival['ifSuspectWrong'] - $rival['ifOtherWrong']))->toBeGreaterThan(4.0);
    // On the true frame every reading is what the chart says; one deciding reading may leave another pair to decide.
    $at = $job->points->mapWithKeys(fn ($p): array => [$p->code => [$p->chart_x_mm, $p->chart_y_mm, $p->chart_z_mm]]);
    for ($n = 1; $rival !== null && $n < 4; $n++) {
        $true = count($rival['points']) === 1 ? $at[$rival['points'][0]][2] : sqrt(array_sum(array_map(fn ($p, $q) => ($p - $q) ** 2, $at[$rival['points'][0]], $at[$rival['points'][1]])));
        $this->postJson("/jobs/{$job->id}/surveys/before/readings", ['id' => "c-$n", 'call' => $rival['call'].' '.round($true, 1), 'unit' => 'mm'])->assertOk();
        $rival = $state()->json('rivals.0');
    }
    $doubtful = collect($state()->json('readings'))->where('state', 'doubtful')->pluck('id')->all();
    expect(array_values($doubtful))->toBe(['tCLDR'])->and($rival)->toBeNull();
});

it('lists jobs without computing what has not changed', function () {
    $job = $this->jobFrom($this->user, weakJob());
    $this->get('/jobs')->assertInertia(fn ($page) => $page->where('jobs.0.next', fn (string $next): bool => str_contains($next, 'does not fit')));
    DB::enableQueryLog();
    $this->get('/jobs')->assertOk();
    expect(collect(DB::getQueryLog())->pluck('query')->filter(fn (string $query): bool => str_contains($query, 'from `readings` where `readings`.`survey_id`'))->all())->toBe([]);
    $this->postJson("/jobs/{$job->id}/surveys/before/readings/tCLDR/strike", ['reason' => 'Misread']);
    $this->get('/jobs')->assertInertia(fn ($page) => $page->where('jobs.0.next', fn (string $next): bool => ! str_contains($next, 'does not fit')));
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
