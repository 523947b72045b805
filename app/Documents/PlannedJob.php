<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Job;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\JobFile\Job as CoreJob;
use Geodex\Core\JobFile\JobReader;
use Geodex\Core\Plan\FramePlanner;
use Geodex\Core\Plan\PlannedFrame;
use Geodex\Core\Shop\Shop;

/** A stored job with its plan carried out, as every page of the stage needs it; or why it cannot be. */
final readonly class PlannedJob
{
    private function __construct(public Job $job, public CoreJob $core, public Shop $shop, public ?PlannedFrame $plan, public ?CoreFailure $failure) {}

    public static function of(Job $job): self
    {
        $core = (new StoredJob(new JobReader))->read($job);
        $shop = $job->workshop->shop();
        try {
            return new self($job, $core, $shop, (new FramePlanner($shop))->plan($core->frame, $core->operations, $core->chassis), null);
        } catch (CoreFailure $failure) {
            return new self($job, $core, $shop, null, $failure);
        }
    }
}
