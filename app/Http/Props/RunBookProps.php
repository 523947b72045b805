<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Actions\Survey\AssessSurvey;
use App\Documents\MovementOfJob;
use App\Documents\RunOfJob;
use App\Documents\ShopTimes;
use App\Documents\ShrinkageCases;
use App\Models\Job;
use Geodex\Core\RunSheet\Holds\ShrinkageCase;
use Geodex\Core\RunSheet\RunSheet;
use Geodex\Core\RunSheet\Time\KindTime;

/** What the work has taught, in this job and in the shop. */
final readonly class RunBookProps
{
    /**
     * @param  list<ShrinkageCaseProps>  $cases  of the shop, the latest first
     * @param  list<KindTimeProps>  $times  of this job
     * @param  list<KindTimeProps>  $shopTimes
     * @param  float  $minutesLeft  of one person
     * @param  float  $longestChain  with people enough, minutes
     */
    public function __construct(public array $cases, public MovementByStageProps $movement, public array $times, public array $shopTimes, public float $minutesLeft, public float $longestChain, public JobCostProps $cost) {}

    public static function from(Job $job, AssessSurvey $assess): self
    {
        $run = RunOfJob::of($job);
        $sheet = RunSheet::of($run->steps, array_map(fn (): bool => true, $run->done), $run->arrows);
        $told = fn (KindTime $one): KindTimeProps => new KindTimeProps($one->kind, $one->count, $one->estimated, $one->taken, $one->factor);

        return new self(
            array_map(fn (ShrinkageCase $one): ShrinkageCaseProps => new ShrinkageCaseProps($one->job, $one->kind, $one->planned, $one->tacked, $one->root, $one->cold, $one->drewIn(), $one->isRecorded), ShrinkageCases::of($job->workshop)),
            MovementByStageProps::from(MovementOfJob::of($job, $assess)), array_map($told, ShopTimes::ofJob($job)->kinds), array_map($told, ShopTimes::book($job->workshop)->kinds), $sheet->minutesLeft, $sheet->longestChain, JobCostProps::from($run),
        );
    }
}
