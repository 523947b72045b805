<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Job;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Frame\Frame;
use Geodex\Core\JobFile\Job as CoreJob;
use Geodex\Core\JobFile\JobReader;
use Geodex\Core\Plan\FramePlanner;
use Geodex\Core\Plan\PlannedFrame;
use Geodex\Core\Shop\Shop;

/** A stored job with its plan carried out, as every page of the stage needs it; or why it cannot be. */
final readonly class PlannedJob
{
    /** @param  Frame  $start  what the plan is laid on: the chart, or the frame as it was measured */
    private function __construct(public Job $job, public CoreJob $core, public Frame $start, public Shop $shop, public ?PlannedFrame $plan, public ?CoreFailure $failure) {}

    public static function of(Job $job): self
    {
        $core = (new StoredJob(new JobReader))->read($job);
        $shop = $job->workshop->shop();
        $start = app(MeasuredFrame::class)->start($job, $core->frame);
        try {
            return new self($job, $core, $start, $shop, (new FramePlanner($shop))->plan($start, $core->operations, $core->chassis), null);
        } catch (CoreFailure $failure) {
            return new self($job, $core, $start, $shop, null, $failure);
        }
    }
}
