<?php

declare(strict_types=1);

namespace Geodex\Core\Cli;

use Geodex\Core\Driveline\ShaftCalculator;
use Geodex\Core\JobFile\Job;
use Geodex\Core\Plan\FramePlanner;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;

#[AsCommand('driveline', 'recalculates the driveshaft of a job file, after its plan')]
final class DrivelineCommand extends JobCommand
{
    protected function document(Job $job, InputInterface $input): array
    {
        if ($job->shaft === null) {
            throw UnusableCall::because('the file has no driveline.shaft', 'See docs/job-file.schema.json.');
        }
        $plan = $job->operations === [] ? null : (new FramePlanner)->plan($job->frame, $job->operations, $job->chassis);

        return (new DrivelineDocument)->of((new ShaftCalculator)->calculate($job->shaft, $plan));
    }
}
