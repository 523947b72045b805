<?php

declare(strict_types=1);

/** assess.php FILE: computes the first survey of a job file again and again; prints fastest and median ms and the suspects found. */

use Geodex\Core\Findings\SurveyAssessor;
use Geodex\Core\JobFile\JobReader;

require __DIR__.'/../../vendor/autoload.php';

const ROUNDS = 15;

$job = (new JobReader)->read((string) file_get_contents($argv[1]));
$times = [];
// The first rounds load the classes and let the compiler see what is hot.
for ($i = -5; $i < ROUNDS; $i++) {
    $start = hrtime(true);
    $assessment = (new SurveyAssessor)->assess($job->frame, $job->surveys[0]);
    if ($i >= 0) {
        $times[] = (hrtime(true) - $start) / 1e6;
    }
}
sort($times);
$suspects = count(array_filter($assessment->survey->readings, fn ($reading): bool => $reading->status->value === 'suspect'));
echo json_encode([$times[0], $times[intdiv(ROUNDS, 2)], $suspects]);
