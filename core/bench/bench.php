<?php

declare(strict_types=1);

/**
 * The speeds of docs/benchmarks.md: made networks, computed by Geodex with and without PHP's compiler, and by scipy's least_squares,
 * in the same run.
 * composer bench            prints the table
 * composer bench -- --write writes it into docs/benchmarks.md
 */
require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/MadeNetwork.php';

/** @return array{float, float, int} fastest and median ms, suspects found */
function byGeodex(string $file, bool $compiled): array
{
    $settings = $compiled ? 'PHP_INI_SCAN_DIR='.escapeshellarg(':'.dirname(__DIR__, 2).'/bin/lib/php').' ' : '';

    return json_decode((string) shell_exec($settings.escapeshellarg(PHP_BINARY).' '.escapeshellarg(__DIR__.'/assess.php').' '.escapeshellarg($file)), true, 3, JSON_THROW_ON_ERROR);
}

/** Median ms of the same adjustment by scipy, null where it is not installed. */
function byScipy(string $file): ?float
{
    $output = [];
    exec('/usr/bin/python3 '.escapeshellarg(__DIR__.'/adjust_with_scipy.py').' '.escapeshellarg($file).' 2>/dev/null', $output, $code);

    return $code === 0 ? (float) ($output[0] ?? 0) : null;
}

$ms = fn (?float $time): string => $time === null ? '–' : sprintf('%.1f ms', $time);
$rows = [['network', 'found', 'as served: fastest', 'median', 'compiler off: fastest', 'median', 'bar', 'scipy, adjustment alone', 'as served / scipy, medians']];
foreach ([[14, 60, 0, null], [24, 90, 1, 30.0], [60, 350, 3, 300.0]] as [$points, $readings, $wrong, $bar]) {
    $file = (string) tempnam(sys_get_temp_dir(), 'geodex-bench');
    file_put_contents($file, json_encode(MadeNetwork::document($points, $readings, $wrong), JSON_PRESERVE_ZERO_FRACTION));
    [$fastest, $median, $suspects] = byGeodex($file, true);
    [$plainFastest, $plainMedian] = byGeodex($file, false);
    $scipy = byScipy($file);
    unlink($file);
    $rows[] = [
        "$points points, $readings readings, $wrong wrong", "$suspects", $ms($fastest), $ms($median), $ms($plainFastest), $ms($plainMedian),
        $bar === null ? '–' : sprintf('%.0f ms', $bar), $scipy === null ? 'not installed' : $ms($scipy), $scipy === null ? '–' : sprintf('%.2f', $median / $scipy),
    ];
}
$lines = array_map(fn (array $row): string => '| '.implode(' | ', $row)." |\n", $rows);
array_splice($lines, 1, 0, '|'.str_repeat(' --- |', count($rows[0]))."\n");
$table = implode('', $lines);
echo $table;
if (in_array('--write', $argv, true)) {
    $path = __DIR__.'/../../docs/benchmarks.md';
    $text = (string) file_get_contents($path);
    file_put_contents($path, preg_replace('/(<!-- core -->\n).*?(<!-- \/core -->)/s', '${1}'.$table.'${2}', $text));
}
