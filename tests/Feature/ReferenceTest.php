<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Role;
use Illuminate\Http\UploadedFile;

beforeEach(function () {
    $this->user = $this->person();
    $this->actingAs($this->user);
    $this->job = $this->demoJob($this->user);
});

/** The chart of the job as a table, with these stations moved. */
function chartCsv(Job $job, array $moved = []): string
{
    $rows = $job->points->map(fn ($p): string => implode(',', [$p->code, $p->side, $p->mate_code, $p->chart_x_mm + ($moved[$p->code] ?? 0), $p->chart_y_mm, $p->chart_z_mm]));

    return "id,side,mate,x,y,z\n".$rows->implode("\n");
}

function uploadSource(string $contents, string $kind, string $name = 'Other chart'): Illuminate\Testing\TestResponse
{
    return test()->post('/jobs/'.test()->job->id.'/reference/files', ['file' => UploadedFile::fake()->createWithContent('x.csv', $contents), 'kind' => $kind, 'unit' => 'mm', 'name' => $name]);
}

function typedChart(array $rows, string $unit = 'mm'): Illuminate\Testing\TestResponse
{
    return test()->putJson('/jobs/'.test()->job->id.'/reference/chart', ['unit' => $unit, 'points' => $rows]);
}

/** @return list<array<string, mixed>> the chart as the screen sends it */
function chartRows(Job $job): array
{
    return array_values($job->points->map(fn ($p): array => ['id' => $p->code, 'name' => $p->name, 'side' => $p->side, 'mate' => $p->mate_code, 'x' => (string) $p->chart_x_mm, 'y' => (string) $p->chart_y_mm, 'z' => (string) $p->chart_z_mm, 'hole' => '14', 'tolerance' => '3', 'base' => $p->is_base])->all());
}

it('adds a chart, and uses it while the old one is kept', function () {
    uploadSource(chartCsv($this->job, ['LL' => 18, 'LR' => 18]), 'chart')->assertRedirect("/jobs/{$this->job->id}/reference");
    $this->get("/jobs/{$this->job->id}/reference")->assertInertia(fn ($page) => $page->has('reference.sources', 1)->where('reference.inForce', 'the chart that came with the job'));
    $this->post("/jobs/{$this->job->id}/reference/use", ['source' => 'other-chart'])->assertRedirect();
    $this->get("/jobs/{$this->job->id}/reference")->assertInertia(fn ($page) => $page->has('reference.sources', 2)->where('reference.inForce', 'Other chart'));
    $before = $this->job->points->firstWhere('code', 'LL')->chart_x_mm;
    expect($this->job->points()->where('code', 'LL')->first()->chart_x_mm)->toBe($before + 18);
    $this->post("/jobs/{$this->job->id}/reference/use", ['source' => 'job-chart'])->assertRedirect();
    expect($this->job->points()->where('code', 'LL')->first()->chart_x_mm)->toBe($before);
});

it('compares two sources and says where they differ', function () {
    uploadSource(chartCsv($this->job, ['KL' => 18, 'KR' => 18, 'LL' => 18, 'LR' => 18]), 'chart');
    $this->get("/jobs/{$this->job->id}/reference?first=-&second=other-chart")->assertInertia(fn ($page) => $page
        ->where('comparison.text', fn ($text): bool => str_contains(sentence(collect($text)->all()), 'ows K to L: they differ by up to 18.0 mm'))
        ->where('comparison.regions.0.side', 'agree')->has('comparison.differences', 24));
});

it('holds a frame without a chart against its mirror image', function () {
    $this->post("/jobs/{$this->job->id}/reference/use", ['source' => ''])->assertRedirect();
    $this->get("/jobs/{$this->job->id}/reference")->assertInertia(fn ($page) => $page->where('reference.inForce', 'the frame’s own mirror image'));
    $state = $this->getJson("/jobs/{$this->job->id}/surveys/before/state")->assertOk();
    expect($state->json('against'))->toBe('mirror')->and($state->json('trouble'))->toBeNull();
});

it('makes a reference of a sister vehicle and lets its uncertainty count', function () {
    $sister = $this->demoJob($this->user);
    $survey = $sister->surveys()->first();
    $this->post("/jobs/{$this->job->id}/reference/surveys", ['survey' => $survey->id, 'name' => 'Sister in bay 2'])->assertRedirect("/jobs/{$this->job->id}/reference");
    $source = $this->job->sources()->first();
    expect($source->kind)->toBe('sister')
        ->and($source->points[0]['sigma'][1])->toBeGreaterThan(0.0)
        ->and(implode(' ', $source->remarks))->toContain('Does not have: JL');
    $this->post("/jobs/{$this->job->id}/reference/use", ['source' => $source->code]);
    expect($this->job->points()->where('code', 'EL')->first()->chart_sigma_y_mm)->toBeGreaterThan(0.0);
    $this->actingAs($this->person(Role::Owner, 'Another yard'));
    $this->post("/jobs/{$this->job->id}/reference/surveys", ['survey' => $survey->id, 'name' => 'x'])->assertForbidden();
});

it('makes coordinates of a point-to-point chart and says what stays free', function () {
    $at = $this->job->points->mapWithKeys(fn ($p): array => [$p->code => [$p->chart_x_mm, $p->chart_y_mm, $p->chart_z_mm]]);
    $rows = ['from,to,length,kind'];
    $letters = ['A', 'B', 'C', 'D'];
    foreach ($letters as $i => $a) {
        foreach (['L', 'R'] as $s) {
            $rows[] = "$a$s,,{$at[$a.$s][2]},height";
            foreach (array_slice($letters, $i, 3) as $b) {
                foreach (['L', 'R'] as $t) {
                    if ("$a$s" < "$b$t" && "$a$s$b$t" !== 'CLDR' && "$a$s$b$t" !== 'BLDR' && "$a$s$b$t" !== 'BRDR') {
                        $rows[] = "$a$s,$b$t,".sqrt(array_sum(array_map(fn ($p, $q) => ($p - $q) ** 2, $at[$a.$s], $at[$b.$t]))).',tram';
                    }
                }
            }
        }
    }
    $rows = array_filter($rows, fn ($row): bool => ! str_starts_with($row, 'DL,DR'));
    uploadSource(implode("\n", $rows), 'lengths', 'Point to point')->assertRedirect("/jobs/{$this->job->id}/reference");
    $source = $this->job->sources()->first();
    expect($source->kind)->toBe('lengths')
        ->and($source->remarks[0])->toContain('leave free: DR')
        ->and(array_column($source->points, 'id'))->toContain('DL')->not->toContain('DR');
    uploadSource("from,to,length\nAL,AR,860\nAL,ZZ,12", 'lengths')->assertSessionHasErrors('problem.0');
});

describe('a chart typed in on screen', function () {
    it('is taken in whole, in either unit, and what was there is kept', function () {
        $rows = chartRows($this->job);
        $rows[0]['x'] = '-25 1/4 in';
        typedChart($rows)->assertOk()->assertJsonPath('inForce', 'Typed in')->assertJsonPath('rows.0.x', -641.35);
        expect($this->job->sources()->pluck('code')->all())->toBe(['job-chart', 'typed-in']);
    });

    it('gains points, and loses those that no reading names', function () {
        $rows = [...chartRows($this->job), ['id' => 'ZL', 'side' => 'left', 'x' => '6000', 'y' => '-400', 'z' => '500', 'base' => false]];
        typedChart($rows)->assertOk()->assertJsonCount(25, 'rows');
        typedChart(array_slice($rows, 0, 24))->assertOk()->assertJsonCount(24, 'rows');
        typedChart(array_slice($rows, 2, 22))->assertUnprocessable()->assertJsonPath('message', fn (string $m): bool => str_contains($m, 'have readings and cannot be left out: AL, AR'));
    });

    it('names the row and column of what it cannot read, and keeps nothing', function () {
        $rows = chartRows($this->job);
        $rows[2]['y'] = '12,5';
        $rows[4]['z'] = '';
        typedChart($rows)->assertUnprocessable()->assertJsonPath('message', fn (string $m): bool => str_contains($m, 'row 3 reference[1]') && str_contains($m, 'row 5 reference[2]'));
        $rows = chartRows($this->job);
        $rows[1]['id'] = 'AL';
        typedChart($rows)->assertUnprocessable()->assertJsonPath('message', fn (string $m): bool => str_contains($m, 'used twice'));
        expect($this->job->sources()->count())->toBe(0);
    });

    it('is looked over for slips', function () {
        $rows = chartRows($this->job);
        $rows[3]['y'] = '-430';
        $faults = collect(typedChart($rows)->assertOk()->json('faults'));
        expect($faults->pluck('text')->map(sentence(...))->implode(' '))->toContain('BL and BR do not mirror')->toContain('minus is probably missing');
    });
});

it('goes with the job file', function () {
    uploadSource(chartCsv($this->job), 'chart');
    $copy = $this->jobFrom($this->user, (string) $this->get("/jobs/{$this->job->id}/file")->getContent());
    expect($copy->sources)->toHaveCount(1)
        ->and($copy->sources[0]->name)->toBe('Other chart')
        ->and($copy->sources[0]->points)->toHaveCount(24);
});

it('keeps what the screen did not touch: tolerances of their own by axis, and what is no hole', function () {
    $this->job->points()->where('code', 'AL')->update(['feature_kind' => 'bolt', 'feature_diameter_mm' => 12.5, 'tolerance_z_mm' => 5]);
    $rows = array_map(fn (array $row): array => array_diff_key($row, ['hole' => 1, 'tolerance' => 1]), chartRows($this->job));
    typedChart($rows)->assertOk();
    $point = $this->job->points()->where('code', 'AL')->firstOrFail();
    expect($point->feature_kind)->toBe('bolt')
        ->and($point->feature_diameter_mm)->toBe(12.5)
        ->and([$point->tolerance_x_mm, $point->tolerance_z_mm])->toBe([3.0, 5.0]);
    $rows[0]['hole'] = '';
    $rows[0]['tolerance'] = '2';
    typedChart($rows)->assertOk();
    $point->refresh();
    expect($point->feature_diameter_mm)->toBeNull()->and($point->tolerance_z_mm)->toBe(2.0);
});

it('reads what is allowed in the unit it is typed in', function () {
    $rows = chartRows($this->job);
    foreach (['3 mm', '1/8', '0.118 in', '2.5 mm'] as $i => $typed) {
        $rows[$i]['tolerance'] = $typed;
        $rows[$i] = [...$rows[$i], 'x' => $rows[$i]['x'].' mm', 'y' => $rows[$i]['y'].' mm', 'z' => $rows[$i]['z'].' mm', 'hole' => ''];
    }
    typedChart(array_map(fn (array $row): array => array_map(fn (mixed $cell): mixed => is_string($cell) && is_numeric($cell) ? "$cell mm" : $cell, $row), $rows), 'in')->assertOk();
    expect($this->job->points()->orderBy('position')->limit(4)->pluck('tolerance_x_mm')->map(fn (float $mm): float => round($mm, 3))->all())->toBe([3.0, 3.175, 2.997, 2.5]);
});
