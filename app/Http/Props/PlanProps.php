<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\MeasuredFrame;
use App\Documents\Parts\PlanPart;
use App\Documents\Parts\Revision;
use App\Documents\StoredJob;
use App\Models\Job;
use App\Models\PlanOperation;
use App\Models\Survey;
use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\Line;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Frame\Axle;
use Geodex\Core\Frame\StationNames;
use Geodex\Core\JobFile\Job as CoreJob;
use Geodex\Core\JobFile\JobReader;
use Geodex\Core\Plan\CutLength;
use Geodex\Core\Plan\FramePlanner;
use Geodex\Core\Plan\MeasuredEnds;
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
     * @param  array<string, array<string, float>>  $stations  where the operations lie, by operation and field (mm)
     * @param  list<CarriedProps>  $carried
     * @param  list<AxleProps>  $axlesBefore
     * @param  list<AxleProps>  $axlesAfter
     * @param  list<Sentence>  $warnings
     * @param  'A'|'B'|'C'  $variant  in force
     * @param  list<string>  $variants  that there are
     * @param  ?string  $startsFrom  code of the survey that it is laid on; null for the chart
     * @param  list<string>  $surveys  codes of those that it could start from
     * @param  list<Sentence>  $ends  by how much measured ends do not meet
     * @param  list<string>  $adrift  what was measured from a point that the chart no longer places
     * @param  array<string, array<string, string>>  $named  what an operation can name: words by id, by list of the frame
     * @param  ?list<float>  $rail  stations of its front and rear end
     */
    public function __construct(
        public array $operations,
        public array $kinds,
        public array $target,
        public array $cuts,
        public array $stations,
        public array $carried,
        public ?float $wheelbaseBefore,
        public ?float $wheelbaseAfter,
        public array $axlesBefore,
        public array $axlesAfter,
        public array $warnings,
        public ?array $rail,
        public ?BodyProps $bodyAfter,
        public array $named,
        public array $adrift,
        public string $variant,
        public array $variants,
        public ?string $startsFrom,
        public array $surveys,
        public array $ends,
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
            $rail = new RailLine($core->frame, $core->chassis->span());
            $start = app(MeasuredFrame::class)->start($job, $core->frame);
            $plan = (new FramePlanner($shop))->plan($start, $core->operations, $core->chassis);
        } catch (CoreFailure $failure) {
            return new self(
                operations: $operations,
                kinds: $kinds,
                target: [],
                cuts: [],
                carried: [],
                stations: self::stations($core),
                wheelbaseBefore: null,
                wheelbaseAfter: null,
                axlesBefore: $axles,
                axlesAfter: $axles,
                warnings: [],
                rail: null,
                bodyAfter: null,
                named: self::named($core->chassis),
                adrift: array_map(strval(...), $core->adrift),
                variant: $job->plan_variant,
                variants: self::variants($job),
                startsFrom: $job->plan_from,
                surveys: self::surveys($job),
                ends: [],
                trouble: TroubleProps::from($failure),
                revision: Revision::of(new PlanPart, $job),
            );
        }

        return new self(
            operations: $operations, kinds: $kinds, target: self::target($start->points, $plan), cuts: self::cuts($plan), carried: self::carried($core->chassis, $plan, $job), stations: self::stations($core),
            wheelbaseBefore: $plan->wheelbaseBefore, wheelbaseAfter: $plan->wheelbaseAfter, axlesBefore: $axles,
            axlesAfter: array_map(fn (Axle $axle): AxleProps => AxleProps::from($axle), $plan->frame->axles),
            warnings: $plan->warnings, rail: [$rail->front(), $rail->rear()], bodyAfter: $core->chassis->isEmpty() ? null : BodyProps::from($plan->chassis, $plan->frame->points), named: self::named($core->chassis), adrift: array_map(strval(...), $core->adrift), variant: $job->plan_variant, variants: self::variants($job), startsFrom: $job->plan_from, surveys: self::surveys($job), ends: self::ends($job, $plan), trouble: null, revision: Revision::of(new PlanPart, $job),
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

    /** @return list<string> */
    private static function surveys(Job $job): array
    {
        return array_values($job->loadMissing('surveys')->surveys->map(fn (Survey $one): string => $one->code)->all());
    }

    /** @return list<Sentence> */
    private static function ends(Job $job, PlannedFrame $plan): array
    {
        $measured = app(MeasuredFrame::class);
        $survey = $plan->shifts->all === [] ? null : $measured->against($job);
        if ($survey === null) {
            return [];
        }
        $ends = new MeasuredEnds($measured->places($survey));

        return array_merge(...array_map($ends->across(...), $plan->shifts->all));
    }

    /** @return list<string> */
    private static function variants(Job $job): array
    {
        $letters = array_map(strval(...), [$job->plan_variant, ...array_keys($job->plan_others ?? [])]);
        sort($letters);

        return $letters;
    }

    /** @return array<string, array<string, string>> */
    private static function named(Chassis $chassis): array
    {
        $features = $axles = [];
        foreach ($chassis->fixtures as $fixture) {
            $features[$fixture->id()] = $fixture->called();
        }
        foreach ($chassis->axles as $axle) {
            $axles[$axle->id] = "$axle->id axle";
        }

        return ['features' => $features, 'axles' => $axles];
    }

    /** @return array<string, array<string, float>> by operation and field */
    private static function stations(CoreJob $core): array
    {
        $reader = new FieldReader(stations: new StationNames($core->frame));
        $stations = [];
        foreach ($core->operations as $operation) {
            $values = $reader->read($operation::fields(), $operation->values());
            foreach ($operation::fields() as $field) {
                $at = $field->isStation ? $values->optional($field->name) : null;
                if ($at !== null) {
                    $stations[$operation->id()][$field->name] = $at;
                }
            }
        }

        return $stations;
    }

    /** @return list<CutProps> */
    private static function cuts(PlannedFrame $plan): array
    {
        $witness = array_column($plan->witness, null, 'operation');

        return array_values(array_filter(array_map(function (CutLength $length) use ($plan, $witness): ?CutProps {
            $shift = $plan->shifts->of($length->operation);
            $marks = $witness[$length->operation] ?? null;

            return $shift === null || $marks === null ? null : new CutProps(
                operation: $shift->operation,
                cut: $shift->cut,
                bandEnd: $shift->bandEnd,
                slopeDegrees: rad2deg($shift->slope),
                witness: $marks->distance,
                before: $marks->before,
                after: $marks->after,
                what: $length->what,
                piece: $length->piece,
                saw: $length->saw,
                sum: $length->sum(),
            );
        }, $plan->cuts)));
    }

    /** @return list<CarriedProps> */
    public static function carried(Chassis $chassis, PlannedFrame $plan, Job $job): array
    {
        $changes = array_column($plan->carried, null, 'feature');

        return array_map(function (Line $line) use ($changes, $job): CarriedProps {
            $item = $line->carried();

            return new CarriedProps(
                feature: $item->feature,
                advice: $line->kind->advice(),
                outBeforeHeat: $line->kind->outBeforeHeat(),
                from: $item->front(),
                to: $item->rear(),
                change: $changes[$item->feature]->change ?? 0.0,
                end: $changes[$item->feature]->end ?? null,
                loss: $line->voltageLost($changes[$item->feature]->change ?? 0.0),
                current: $line->current,
                copper: $line->copper,
                isTicked: in_array($item->feature, $job->plan_along['ticked'] ?? [], true),
            );
        }, $chassis->lines);
    }
}
