<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\PlannedJob;
use Geodex\Core\Chassis\Loads\FrameLoads;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Plan\Consequence;
use Geodex\Core\Plan\Consequences;
use Geodex\Core\Plan\FramePlanner;
use Geodex\Core\Plan\Operation;
use Geodex\Core\Plan\Variant;

/** One variant of the plan, to be held beside the others. */
final readonly class VariantProps
{
    /**
     * @param  list<string>  $operations  in words
     * @param  list<ConsequenceProps>  $rows
     * @param  ?WorstProps  $worst  where a rail bears most
     * @param  int  $warnings  of its operations
     */
    public function __construct(public string $letter, public bool $inForce, public array $operations, public array $rows, public ?WorstProps $worst, public int $warnings, public int $crossing, public ?string $trouble) {}

    public static function from(Variant $variant, PlannedJob $job, bool $inForce): self
    {
        $words = array_map(fn (Operation $one): string => $one->id().' '.mb_strtolower($one::label()), $variant->operations);
        try {
            $plan = (new FramePlanner($job->shop))->plan($job->start, $variant->operations, $job->core->chassis);
        } catch (CoreFailure $failure) {
            return new self($variant->letter, $inForce, $words, [], null, 0, 0, $failure->getMessage());
        }
        try {
            $worst = (new FrameLoads($plan->chassis, $job->shop))->worst(1)[0] ?? null;
        } catch (CoreFailure) {
            $worst = null;
        }

        return new self(
            letter: $variant->letter, inForce: $inForce, operations: $words,
            rows: array_map(fn (Consequence $one): ConsequenceProps => new ConsequenceProps($one->name, $one->label, $one->unit, $one->before, $one->after, $one->note, $one->changes()), (new Consequences($job->shop))->of($plan)),
            worst: $worst === null ? null : WorstProps::from($worst), warnings: count($plan->warnings), crossing: count($plan->carried), trouble: null,
        );
    }
}
