<?php

declare(strict_types=1);

use Geodex\Core\Chassis\Loads\FrameLoads;
use Geodex\Core\JobFile\Job;
use Geodex\Core\JobFile\JobReader;
use Geodex\Core\Plan\Consequences;
use Geodex\Core\Plan\FramePlanner;
use Geodex\Core\Plan\RailLine;
use Geodex\Core\Plan\Windows\CutWindows;
use Geodex\Core\Shop\Shop;

require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/measured.php';

// Sixty features and ten operations, recomputed: the plan, what it does, what the frame bears, where it may be cut. The yardstick in the
// same run is the same machine reading the same document as a job.
$document = json_decode((string) file_get_contents(__DIR__.'/../../database/demo/mobile-library.job.json'), true, flags: JSON_THROW_ON_ERROR);
for ($i = count($document['frame']['features']); $i < 60; $i++) {
    $document['frame']['features'][] = ['id' => "b$i", 'kind' => $i % 3 === 0 ? 'bracket' : 'bolt', 'station' => -600 + $i * 95, 'diameter' => 11, 'length' => 60, 'side' => $i % 2 === 0 ? 'right' : 'left'];
}
$document['plan'] = ['operations' => [
    ['id' => 'o1', 'kind' => 'stretch', 'at' => 1350, 'length' => 640, 'gap' => 2, 'kerf' => 3], ['id' => 'o2', 'kind' => 'shorten', 'at' => 4700, 'length' => 120], ['id' => 'o3', 'kind' => 'move-axle', 'axle' => 'rear', 'by' => 60],
    ['id' => 'o4', 'kind' => 'move-feature', 'feature' => 'B1', 'to' => 3950], ['id' => 'o5', 'kind' => 'add-feature', 'new' => ['kind' => 'body-mount', 'station' => 2000, 'length' => 90]],
    ['id' => 'o6', 'kind' => 'add-feature', 'new' => ['kind' => 'hole', 'station' => 2900, 'diameter' => 12]], ['id' => 'o7', 'kind' => 'remove-feature', 'feature' => 'X5'],
    ['id' => 'o8', 'kind' => 'plate', 'from' => 2700, 'to' => 3200, 'thickness' => 6], ['id' => 'o9', 'kind' => 'box', 'from' => 3300, 'to' => 3600, 'thickness' => 6], ['id' => 'o10', 'kind' => 'kick', 'at' => 5100, 'height' => 40, 'angle' => 20],
]];
$job = (new JobReader)->fromDocument($document);
$measured = [
    'read the job' => fn (): Job => (new JobReader)->fromDocument($document),
    'plan' => fn () => (new FramePlanner)->plan($job->frame, $job->operations, $job->chassis),
    'plan and what it does' => fn () => (new Consequences)->of((new FramePlanner)->plan($job->frame, $job->operations, $job->chassis)),
    'loads' => fn () => (new FrameLoads($job->chassis))->worst(),
    'where to cut' => fn () => new CutWindows($job->chassis, new RailLine($job->frame, $job->chassis->span()), new Shop, new FrameLoads($job->chassis)),
];
measured($measured);
