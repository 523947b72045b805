<?php

declare(strict_types=1);

/**
 * The speeds of docs/benchmarks.md: made networks, computed by Geodex and by scipy's least_squares in the same run.
 * composer bench            prints the table
 * composer bench -- --write writes it into docs/benchmarks.md
 */

use Geodex\Core\Findings\SurveyAssessor;
use Geodex\Core\JobFile\JobReader;

require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/MadeNetwork.php';

const ROUNDS = 15;

/** @return array{float, float} fastest and median of some rounds, ms */
function timed(callable $work): array
{
    $work();
    $times = [];
    for ($i = 0; $i < ROUNDS; $i++) {
        $start = hrtime(true);
        $work();
        $times[] = (hrtime(true) - $start) / 1e6;
    }
    sort($times);

    return [$times[0], $times[intdiv(ROUNDS, 2)]];
}

/** Median ms of the same adjustment by scipy, null where it is not installed. */
function byScipy(string $file): ?float
{
    $output = [];
    exec('/usr/bin/python3 '.escapeshellarg(__DIR__.'/adjust_with_scipy.py').' '.escapeshellarg($file).' 2>/dev/null', $output, $code);

    return $code === 0 ? (float) ($output[0] ?? 0) : null;
}

$rows = [];
foreach ([[14, 60, 0, null], [24, 90, 1, 25.0], [60, 350, 3, 300.0]] as [$points, $readings, $wrong, $bar]) {
    $document = MadeNetwork::document($points, $readings, $wrong);
    $file = tempnam(sys_get_temp_dir(), 'geodex-bench');
    file_put_contents($file, json_encode($document, JSON_PRESERVE_ZERO_FRACTION));
    $job = (new JobReader)->fromDocument($document);
    $assessment = null;
    [$fastest, $median] = timed(function () use ($job, &$assessment): void {
        $assessment = (new SurveyAssessor)->assess($job->frame, $job->surveys[0]);
    });
    $scipy = byScipy($file);
    unlink($file);
    $suspects = count(array_filter($assessment->survey->readings, fn ($reading): bool => $reading->status->value === 'suspect'));
    $rows[] = [
        "$points points, $readings readings, $wrong wrong", "$suspects found", sprintf('%.1f ms', $fastest), sprintf('%.1f ms', $median),
        $bar === null ? '–' : sprintf('%.0f ms', $bar), $scipy === null ? 'not installed' : sprintf('%.1f ms', $scipy), $scipy === null ? '–' : sprintf('%.2f', $median / $scipy),
    ];
}
$head = ['network', 'suspects', 'Geodex, fastest', 'median', 'bar', 'scipy, adjustment alone', 'Geodex / scipy, medians'];
$table = '| '.implode(' | ', $head)." |\n|".str_repeat(' --- |', count($head))."\n";
foreach ($rows as $row) {
    $table .= '| '.implode(' | ', $row)." |\n";
}
echo $table;
if (in_array('--write', $argv, true)) {
    $path = __DIR__.'/../../docs/benchmarks.md';
    $text = (string) file_get_contents($path);
    file_put_contents($path, preg_replace('/(<!-- core -->\n).*?(<!-- \/core -->)/s', '${1}'.$table.'${2}', $text));
}
