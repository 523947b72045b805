<?php

declare(strict_types=1);

use App\Actions\Survey\ImportReadings;
use App\Import\ReadingsCsv;
use App\Models\Survey;
use App\Report\HandOverFolder;
use App\Report\Paper;

/** Trams between the points of a job, each about what its chart says. */
function thousands(array $document, int $many): string
{
    $places = array_filter(array_column($document['points'], 'reference', 'id'), is_array(...));
    $ids = array_keys($places);
    mt_srand(1);
    $rows = "kind,from,to,value\n";
    for ($i = 0; $i < $many; $i++) {
        $from = $i % count($ids);
        $to = ($from + 1 + intdiv($i, count($ids)) % (count($ids) - 1)) % count($ids);
        [$p, $q] = [$places[$ids[$from]], $places[$ids[$to]]];
        $rows .= sprintf("tram,%s,%s,%.1f\n", $ids[$from], $ids[$to], sqrt(($p[0] - $q[0]) ** 2 + ($p[1] - $q[1]) ** 2 + ($p[2] - $q[2]) ** 2) + mt_rand(-10, 10) / 10);
    }

    return $rows;
}

it('takes in five thousand readings, and prints them on a few pages with a table beside', function () {
    $user = $this->person();
    $document = json_decode((string) file_get_contents(database_path('demo/mobile-library.job.json')), true);
    $document['surveys'] = [];
    $job = $this->jobFrom($user, json_encode($document));
    $survey = Survey::with(['job.workshop', 'job.points'])->findOrFail($job->surveys()->firstOrFail()->id);
    expect(app(ImportReadings::class)->handle($survey, $user, thousands($document, 5000)))->toBe(5000)
        ->and($survey->readings()->count())->toBe(5000)
        ->and($survey->readings()->max('number'))->toBe(5000);

    $before = memory_get_usage();
    memory_reset_peak_usage();
    $html = app(HandOverFolder::class)->html(Survey::with(['job.workshop', 'job.points'])->findOrFail($survey->id), $user, forPdf: true);
    $pdf = app(Paper::class)->pdf($html, 'Five thousand', 'state')->getContent();
    expect($html)->toContain('5000 readings are too many for paper')->toContain("readings-{$survey->code}.csv")->and(substr((string) $pdf, 0, 5))->toBe('%PDF-')
        ->and(memory_get_peak_usage() - $before)->toBeLessThan(100_000_000);
});

it('escapes formulas in every table', function () {
    $user = $this->person();
    $job = $this->demoJob($user);
    $user->update(['name' => '=cmd|calc']);
    $this->actingAs($user)->postJson("/jobs/{$job->id}/surveys/before/readings", ['id' => 'evil', 'call' => 'JL JR 829.5', 'unit' => 'mm'])->assertOk();
    expect(app(ReadingsCsv::class)->write(Survey::findOrFail($job->surveys()->firstOrFail()->id)))->toContain("'=cmd|calc");
    $this->putJson("/jobs/{$job->id}/plan", ['unit' => 'mm', 'operations' => [['id' => 'op1', 'kind' => 'stretch', 'at' => '1350', 'length' => '640']]])->assertOk();
    $job->points()->limit(1)->update(['name' => '+SUM(A1)']);
    foreach (['plan/target.csv', 'surveys/before/readings.csv', 'frame/axles.csv', 'frame/lines.csv'] as $table) {
        foreach (array_slice(preg_split('/\R/', (string) $this->get("/jobs/{$job->id}/$table")->assertOk()->getContent()) ?: [], 1) as $line) {
            foreach (str_getcsv($line) as $cell) {
                expect(preg_match('/^[=@+]|^-[^\d.]/', (string) $cell))->toBe(0, "$table: $cell");
            }
        }
    }
});
