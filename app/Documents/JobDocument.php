<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\BenchRound;
use App\Models\DatumDecision;
use App\Models\Job;
use App\Models\PlanOperation;
use App\Models\Point;
use App\Models\ReferenceSource;
use App\Models\Survey;
use Geodex\Core\Fields\FieldWriter;
use Geodex\Core\Plan\OperationKinds;
use Geodex\Core\Survey\Reading\ReadingKinds;

/** Lays a stored job out as a job file: the one road from the tables to core, and to an export. */
final readonly class JobDocument
{
    /** @var array<int, string> point code by its key in the table */
    private array $codes;

    /** @param  bool  $asTyped lengths as they were typed, for an export; exact millimetres otherwise, for computing */
    private function __construct(private Job $job, private bool $asTyped)
    {
        $codes = [];
        foreach ($job->points as $point) {
            $codes[$point->id] = $point->code;
        }
        $this->codes = $codes;
    }

    /**
     * The job as a file that another Geodex reads.
     *
     * @return array<string, mixed>
     */
    public static function forExport(Job $job): array
    {
        $job->loadMissing(['points', 'operations', 'sources', 'benchRounds.user', 'surveys']);

        return (new self($job, true))->document($job->surveys->all());
    }

    /**
     * The job and at most one of its surveys, in exact millimetres.
     *
     * @return array<string, mixed>
     */
    public static function forCore(Job $job, ?Survey $survey = null): array
    {
        $job->loadMissing(['points', 'operations']);

        return (new self($job, false))->document($survey === null ? [] : [$survey]);
    }

    /**
     * @param  array<int, Survey>  $surveys
     * @return array<string, mixed>
     */
    private function document(array $surveys): array
    {
        $unit = $this->job->units;

        return array_filter([
            'format' => 'geodex-job',
            'version' => 1,
            'madeBy' => $this->asTyped ? 'Geodex '.config()->string('geodex.version') : null,
            'title' => $this->job->title,
            'vehicle' => $this->job->vehicle,
            'units' => $this->asTyped ? $unit : 'mm',
            'points' => $this->job->points->map($this->point(...))->values()->all(),
            'referenceCovariance' => $this->job->reference_covariance,
            'surveys' => array_map($this->survey(...), array_values($surveys)),
            'references' => $this->asTyped ? $this->job->sources->map($this->source(...))->values()->all() : [],
            'bench' => $this->asTyped ? $this->bench() : [],
            'frame' => array_filter($this->withUnits($this->job->frame)),
            'plan' => $this->job->operations->isEmpty() ? null : ['operations' => $this->job->operations->map($this->operation(...))->values()->all()],
            'driveline' => $this->job->driveline === null ? null : $this->withUnits($this->job->driveline),
        ], fn (mixed $part): bool => $part !== null && $part !== '' && $part !== []);
    }

    /** @return array<string, mixed> */
    private function point(Point $point): array
    {
        $tolerance = [$point->tolerance_x_mm, $point->tolerance_y_mm, $point->tolerance_z_mm];
        $feature = $point->feature_kind === null ? null : array_filter(['kind' => $point->feature_kind, 'diameter' => $this->millimetres($point->feature_diameter_mm)], fn (mixed $v): bool => $v !== null);

        return array_filter([
            'id' => $point->code,
            'name' => $point->name,
            'side' => $point->side,
            'mate' => $point->mate_code,
            'feature' => $feature,
            'reference' => $point->chart_x_mm === null ? null : [$this->millimetres($point->chart_x_mm), $this->millimetres($point->chart_y_mm), $this->millimetres($point->chart_z_mm)],
            'referenceSigma' => $point->chart_sigma_x_mm === null ? null : [$this->millimetres($point->chart_sigma_x_mm), $this->millimetres($point->chart_sigma_y_mm), $this->millimetres($point->chart_sigma_z_mm)],
            'tolerance' => $tolerance[0] === $tolerance[1] && $tolerance[1] === $tolerance[2] ? $tolerance[0] : $tolerance,
            'base' => $point->is_base,
        ], fn (mixed $part): bool => $part !== null);
    }

    /** @return array<string, mixed> */
    private function survey(Survey $survey): array
    {
        $blocked = $survey->blocked();

        return ['id' => $survey->code, 'stage' => $survey->stage, 'readings' => array_map($this->reading(...), (new ReadingLog)->of($survey)), ...($blocked === [] ? [] : ['blocked' => $blocked]), ...($this->datum($survey))];
    }

    /** @return array{datum?: list<array<string, mixed>>} what stands decided of base points; an export has who and when too */
    private function datum(Survey $survey): array
    {
        $latest = [];
        foreach ($survey->datumDecisions()->with('user')->get() as $decision) {
            $latest[$decision->point_id] = $decision;
        }
        $standing = array_values(array_filter($latest, fn (DatumDecision $decision): bool => $decision->choice !== 'tested'));

        return $standing === [] ? [] : ['datum' => array_map(fn (DatumDecision $decision): array => [
            'point' => $this->codes[$decision->point_id],
            'use' => $decision->choice,
            'reason' => $decision->reason,
            ...($this->asTyped ? ['by' => $decision->user->name ?? '', 'at' => $decision->created_at->utc()->format('Y-m-d\TH:i:s\Z')] : []),
        ], $standing)];
    }

    /** @return array<string, mixed> */
    private function reading(LoggedReading $reading): array
    {
        $own = fn (?float $value): float|string|null => $reading->mm === null ? $value : $this->millimetres($value);

        return array_filter([
            'id' => $reading->id,
            'kind' => $reading->kind,
            ...array_combine(ReadingKinds::named($reading->kind)::roles(), $reading->points),
            'value' => $this->asTyped ? TypedValue::withUnit($reading->typed, $reading->typedUnit) : ($reading->mm ?? $reading->degrees),
            'pointers' => $reading->pointers === null ? null : array_map($this->millimetres(...), $reading->pointers),
            'sigma' => $own($reading->sigma),
            'edge' => $reading->edge,
            'offset' => $own($reading->offset),
            'instrument' => $reading->instrument,
            'asTyped' => $this->asTyped ? null : TypedValue::withUnit($reading->typed, $reading->typedUnit),
            'supersedes' => $reading->supersedes,
            'struck' => $reading->struckBecause === null ? null : true,
            'reason' => $reading->struckBecause,
            'by' => $this->asTyped ? $reading->by : null,
            'at' => $this->asTyped ? $reading->at : null,
        ], fn (mixed $part): bool => $part !== null && $part !== '');
    }

    /** @return array<string, mixed> */
    private function source(ReferenceSource $source): array
    {
        $vector = fn (array $mm): array => array_map(fn (mixed $one): float|string|null => $this->millimetres(is_numeric($one) ? (float) $one : null), $mm);

        return ['id' => $source->code, 'name' => $source->name, 'kind' => $source->kind, 'points' => array_map(fn (array $point): array => array_filter([
            'id' => $point['id'],
            'at' => $vector($point['at']),
            'sigma' => isset($point['sigma']) ? $vector($point['sigma']) : null,
        ]), $source->points), ...($source->covariance === null ? [] : ['covariance' => $source->covariance])];
    }

    /** @return array<string, mixed> */
    private function bench(): array
    {
        return array_filter([
            'jig' => $this->job->bench,
            'rounds' => $this->job->benchRounds->map(fn (BenchRound $round): array => array_filter([
                'kind' => $round->kind,
                'input' => (object) $round->input,
                'worst' => $round->worst_mm,
                'good' => $round->good,
                'by' => $round->user?->name,
                'at' => $round->created_at->utc()->format('Y-m-d\TH:i:s\Z'),
            ], fn (mixed $part): bool => $part !== null))->values()->all(),
        ]);
    }

    /** @return array<string, mixed> */
    private function operation(PlanOperation $operation): array
    {
        $fields = OperationKinds::named($operation->kind)::fields();

        return ['id' => $operation->code, 'kind' => $operation->kind, ...(new FieldWriter(fn (float $mm): float|string => $this->asTyped ? TypedValue::millimetres($mm) : $mm))->write($fields, $operation->parameters)];
    }

    /** A number says nothing of its unit where the file is in inches, so it goes out as text. */
    private function millimetres(?float $mm): float|string|null
    {
        return $mm !== null && $this->asTyped ? TypedValue::millimetres($mm) : $mm;
    }

    /**
     * Frame and driveline are kept as their file had them; bare numbers there are in the job's unit.
     *
     * @param  array<mixed>  $part
     * @return array<mixed>
     */
    private function withUnits(array $part): array
    {
        return $this->asTyped || $this->job->units === 'mm' ? $part : TypedValue::inInches($part);
    }
}
