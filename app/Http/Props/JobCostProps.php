<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\RunOfJob;
use App\Documents\ShopTimes;
use App\Models\Worksheet;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\RunSheet\Step;
use Geodex\Core\RunSheet\Time\JobCost;

/** What a job is expected to cost, and has cost so far; in the shop's own money. */
final readonly class JobCostProps
{
    /**
     * @param  float  $rate  of an hour
     * @param  float  $labour  of all steps as estimated
     * @param  float  $filler  filler and gas, by the kept sheets
     * @param  float  $taken  of the steps that were timed
     * @param  float  $estimatedOfTaken  what those were estimated at
     */
    public function __construct(public float $rate, public float $labour, public float $filler, public float $taken, public float $estimatedOfTaken) {}

    public static function from(RunOfJob $run): self
    {
        $job = $run->planned->job;
        $filler = 0.0;
        foreach ($job->worksheets()->with('job.workshop')->where('tool', 'consumables')->get() as $sheet) {
            $filler += self::filler($sheet);
        }
        $cost = JobCost::of($run->planned->shop, array_sum(array_map(fn (Step $step): float => $step->minutes, $run->steps)), $filler, ShopTimes::loggedOf($job));

        return new self($cost->rate, $cost->labour, $cost->filler, $cost->taken, $cost->estimatedOfTaken);
    }

    /** Its labour counts with the steps. */
    private static function filler(Worksheet $sheet): float
    {
        try {
            $cost = $sheet->sheet()->worked($sheet->given)['cost'] ?? null;
        } catch (CoreFailure) {
            return 0.0;
        }
        $of = fn (string $name): float => is_array($cost) && is_numeric($cost[$name] ?? null) ? (float) $cost[$name] : 0.0;

        return $of('filler') + $of('gas');
    }
}
