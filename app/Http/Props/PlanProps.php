<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\Parts\PlanPart;
use App\Documents\Parts\Revision;
use App\Documents\StoredJob;
use App\Models\Job;
use App\Models\PlanOperation;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Frame\Axle;
use Geodex\Core\JobFile\JobReader;
use Geodex\Core\Plan\FramePlanner;
use Geodex\Core\Plan\OperationKinds;
use Geodex\Core\Plan\PlannedFrame;
use Geodex\Core\Plan\RailLine;
use Geodex\Core\Words\Sentence;

/** The plan of a job and the frame it makes; mm. */
final readonly class PlanProps
{
    /**
     * @param  list<OperationProps>  $operations
     * @param  list<OperationKindProps>  $kinds  what can be planned
     * @param  list<TargetProps>  $target
     * @param  list<CutProps>  $cuts
     * @param  list<CarriedProps>  $carried
     * @param  list<AxleProps>  $axlesBefore
     * @param  list<AxleProps>  $axlesAfter
     * @param  list<Sentence>  $warnings
     * @param  ?list<float>  $rail  stations of its front and rear end
     */
    public function __construct(
        public array $operations,
        public array $kinds,
        public array $target,
        public array $cuts,
        public array $carried,
        public ?float $wheelbaseBefore,
        public ?float $wheelbaseAfter,
        public array $axlesBefore,
        public array $axlesAfter,
        public array $warnings,
        public ?array $rail,
        public ?TroubleProps $trouble,
        public string $revision,
    ) {}

    public static function from(Job $job): self
    {
        $core = (new StoredJob(new JobReader))->read($job);
        $operations = array_values($job->operations->map(fn (PlanOperation $operation): OperationProps => OperationProps::from($operation))->all());
        $shop = $job->workshop->shop();
        $kinds = array_map(fn (string $class): OperationKindProps => OperationKindProps::from($class, $shop), OperationKinds::all());
        $axles = array_map(fn (Axle $axle): AxleProps => AxleProps::from($axle), $core->frame->axles);
        try {
            $rail = new RailLine($core->frame);
            $plan = (new FramePlanner($shop))->plan($core->frame, $core->operations);
        } catch (CoreFailure $failure) {
            return new self(
                operations: $operations,
                kinds: $kinds,
                target: [],
                cuts: [],
                carried: [],
                wheelbaseBefore: null,
                wheelbaseAfter: null,
                axlesBefore: $axles,
                axlesAfter: $axles,
                warnings: [],
                rail: null,
                trouble: TroubleProps::from($failure),
                revision: Revision::of(new PlanPart, $job),
            );
        }

        return new self(
            operations: $operations, kinds: $kinds, target: self::target($core->frame->points, $plan), cuts: self::cuts($plan), carried: self::carried($core->frame->carried, $plan),
            wheelbaseBefore: $plan->wheelbaseBefore, wheelbaseAfter: $plan->wheelbaseAfter, axlesBefore: $axles,
            axlesAfter: array_map(fn (Axle $axle): AxleProps => AxleProps::from($axle), $plan->frame->axles),
            warnings: $plan->warnings, rail: [$rail->front(), $rail->rear()], trouble: null, revision: Revision::of(new PlanPart, $job),
        );
    }

    /**
     * @param  list<\Geodex\Core\Frame\Point>  $points
     * @return list<TargetProps>
     */
    private static function target(array $points, PlannedFrame $plan): array
    {
        return array_map(fn ($point): TargetProps => new TargetProps(
            id: $point->id,
            name: $point->name,
            side: $point->side->value,
            chart: $point->reference?->toArray(),
            target: $plan->target[$point->id]?->toArray(),
        ), $points);
    }

    /** @return list<CutProps> */
    private static function cuts(PlannedFrame $plan): array
    {
        $cuts = [];
        foreach ($plan->shifts->all as $i => $shift) {
            [$witness, $length] = [$plan->witness[$i], $plan->cuts[$i]];
            $cuts[] = new CutProps(
                operation: $shift->operation,
                cut: $shift->cut,
                bandEnd: $shift->bandEnd,
                slopeDegrees: rad2deg($shift->slope),
                witness: $witness->distance,
                before: $witness->before,
                after: $witness->after,
                what: $length->what,
                piece: $length->piece,
                saw: $length->saw,
            );
        }

        return $cuts;
    }

    /**
     * @param  list<\Geodex\Core\Frame\CarriedItem>  $items
     * @return list<CarriedProps>
     */
    private static function carried(array $items, PlannedFrame $plan): array
    {
        $changes = array_column($plan->carried, null, 'feature');

        return array_map(fn ($item): CarriedProps => new CarriedProps(
            feature: $item->feature,
            from: $item->from,
            to: $item->to,
            change: $changes[$item->feature]->change ?? 0.0,
            end: $changes[$item->feature]->end ?? null,
        ), $items);
    }
}
