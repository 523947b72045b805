<?php

declare(strict_types=1);

namespace Geodex\Core\Cli;

use Geodex\Core\JobFile\Job;
use Geodex\Core\JobFile\JobFrames;
use Geodex\Core\Plan\FramePlanner;
use Symfony\Component\Console\Attribute\AsCommand;
use Symfony\Component\Console\Input\InputInterface;

#[AsCommand('plan', 'lays the planned operations of a job file on its chart')]
final class PlanCommand extends JobCommand
{
    protected function document(Job $job, InputInterface $input): array
    {
        return (new PlanDocument)->of((new FramePlanner)->plan((new JobFrames($job))->start(), $job->operations, $job->chassis));
    }
}
