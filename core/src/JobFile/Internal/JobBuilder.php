<?php

declare(strict_types=1);

namespace Geodex\Core\JobFile\Internal;

use Geodex\Core\Frame\Feature;
use Geodex\Core\Frame\FeatureKind;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\ReferenceCovariance;
use Geodex\Core\Frame\Side;
use Geodex\Core\Frame\StationNames;
use Geodex\Core\Frame\Tolerance;
use Geodex\Core\JobFile\InvalidFile;
use Geodex\Core\JobFile\Job;
use Geodex\Core\Reference\ReferenceSource;
use Geodex\Core\Reference\SourceKind;
use Geodex\Core\Units\Length;
use Geodex\Core\Units\LengthUnit;

/**
 * Builds a job from a document of the schema's shape.
 *
 * @phpstan-type Entry array<string, mixed>
 */
final class JobBuilder
{
    private readonly Fields $fields;

    private readonly LengthUnit $unit;

    /**
     * @param  array<string, mixed>  $document
     * @param  bool  $isKept  whether it was checked when it was stored: what a changed chart has taken the station of is left out and named
     */
    public function __construct(private readonly array $document, private readonly bool $isKept = false)
    {
        $this->unit = LengthUnit::from(is_string($document['units'] ?? null) ? $document['units'] : 'mm');
        $this->fields = new Fields($this->unit);
    }

    /** @throws InvalidFile naming everything that is wrong */
    public function build(): Job
    {
        $points = $this->points();
        $covariance = $this->covariance($this->document['referenceCovariance'] ?? null, 'referenceCovariance');
        $metal = new MetalBuilder($this->fields, $this->isKept);
        $chassis = $metal->chassis($this->section('frame'), $points);
        $frame = new Frame($points, $chassis->axles, $chassis->carried(), $covariance);
        $this->checkMates($frame);
        $surveys = (new SurveyBuilder($this->fields, $frame))->surveys($this->entries($this->document['surveys'] ?? []));
        $stations = new StationNames($frame);
        $plan = $this->section('plan');
        $operations = $metal->operations($plan['operations'] ?? [], 'plan.operations', $stations);
        $others = $metal->others($plan, $stations);
        $variant = $plan['variant'] ?? 'A';
        $sources = $this->sources($frame);
        $planFrom = $plan['from'] ?? null;
        if (is_string($planFrom) && array_filter($surveys, fn ($survey): bool => $survey->id === $planFrom) === []) {
            $this->fields->report('plan.from', "“{$planFrom}” is no survey of this job.");
        }
        $shaft = $this->section('driveline')['shaft'] ?? null;
        $shaft = is_array($shaft) ? (new ShaftBuilder($this->fields))->shaft($shaft, 'driveline.shaft') : null;
        $problems = $this->fields->problems();
        if ($problems !== []) {
            throw InvalidFile::with($problems);
        }
        $title = $this->document['title'] ?? '';

        return new Job(title: is_string($title) ? $title : '', units: $this->unit, frame: $frame, chassis: $chassis, adrift: $metal->adrift(), variant: is_string($variant) ? $variant : 'A', others: $others, planFrom: is_string($planFrom) ? $planFrom : null, surveys: $surveys, operations: $operations, shaft: $shaft, sources: $sources);
    }

    /** What is asked of a covariance is its lower half, in mm² whatever the unit of the job. */
    private function covariance(mixed $entry, string $path): ?ReferenceCovariance
    {
        if (! is_array($entry)) {
            return null;
        }
        $points = is_array($entry['points'] ?? null) ? array_values(array_filter($entry['points'], is_string(...))) : [];
        $rows = is_array($entry['mm2'] ?? null) ? array_values($entry['mm2']) : [];
        $matrix = [];
        foreach ($rows as $i => $row) {
            foreach (is_array($row) ? array_values($row) : [] as $j => $value) {
                $matrix[$i][$j] = $matrix[$j][$i] = is_numeric($value) ? (float) $value : NAN;
            }
        }

        return $this->fields->attempt($path, fn (): ReferenceCovariance => ReferenceCovariance::of($points, array_values(array_map(array_values(...), $matrix))));
    }

    /** @return list<Point> */
    private function points(): array
    {
        $points = [];
        $seen = [];
        foreach ($this->entries($this->document['points'] ?? []) as $i => $entry) {
            $id = $this->text($entry, 'id');
            $this->fields->mustBeCode($id, "points[$i].id");
            if (isset($seen[$id])) {
                $this->fields->report("points[$i].id", "“{$id}” is used twice; every point needs its own id.");

                continue;
            }
            $seen[$id] = true;
            $point = $this->fields->attempt("points[$i]", fn (): Point => $this->point($entry, "points[$i]"));
            if ($point !== null) {
                $points[] = $point;
            }
        }

        return $points;
    }

    /** @param  array<string, mixed>  $entry */
    private function point(array $entry, string $path): Point
    {
        $id = $this->text($entry, 'id');
        $feature = $entry['feature'] ?? null;

        return new Point(
            id: $id,
            name: $this->text($entry, 'name', $id),
            side: Side::from($this->text($entry, 'side', 'centre')),
            mate: isset($entry['mate']) ? $this->text($entry, 'mate') : null,
            feature: is_array($feature) ? $this->feature($feature, "$path.feature") : null,
            reference: isset($entry['reference']) ? $this->fields->vector($entry['reference'], "$path.reference") : null,
            tolerance: $this->tolerance($entry['tolerance'] ?? null, "$path.tolerance"),
            base: ($entry['base'] ?? false) === true,
            referenceSigma: isset($entry['referenceSigma']) ? $this->fields->vector($entry['referenceSigma'], "$path.referenceSigma") : null,
        );
    }

    /** @param  array<mixed>  $entry */
    private function feature(array $entry, string $path): Feature
    {
        $diameter = isset($entry['diameter']) ? Length::ofMillimetres($this->fields->length($entry['diameter'], "$path.diameter")) : null;

        return new Feature(FeatureKind::from(is_string($entry['kind'] ?? null) ? $entry['kind'] : 'hole'), $diameter);
    }

    /** A tolerance as a bare number is always in millimetres. */
    private function tolerance(mixed $value, string $path): Tolerance
    {
        $one = fn (mixed $mm, string $at): float => is_string($mm) ? $this->fields->length($mm, $at) : $this->fields->number($mm);
        if ($value === null) {
            return Tolerance::all();
        }
        if (! is_array($value)) {
            return Tolerance::all($one($value, $path));
        }
        $value = array_values($value);
        if (count($value) !== 3) {
            $this->fields->report($path, 'expected one number, or three for x, y and z.');

            return Tolerance::all();
        }

        return Tolerance::of($one($value[0], "{$path}[0]"), $one($value[1], "{$path}[1]"), $one($value[2], "{$path}[2]"));
    }

    private function checkMates(Frame $frame): void
    {
        foreach ($this->entries($this->document['points'] ?? []) as $i => $entry) {
            $mate = $this->text($entry, 'mate');
            if ($mate !== '' && (! $frame->has($mate) || $mate === $this->text($entry, 'id'))) {
                $this->fields->report("points[$i].mate", "“{$mate}” is no other point of this job.");
            }
        }
    }

    /** @return list<ReferenceSource> */
    private function sources(Frame $frame): array
    {
        $sources = [];
        foreach ($this->entries($this->document['references'] ?? []) as $i => $entry) {
            $places = $sigmas = [];
            foreach ($this->entries($entry['points'] ?? []) as $j => $point) {
                $path = "references[$i].points[$j]";
                $id = $this->text($point, 'id');
                if ($this->fields->attempt("$path.id", fn () => $frame->point($id)) === null) {
                    continue;
                }
                $places[$id] = $this->fields->vector($point['at'] ?? null, "$path.at");
                if (isset($point['sigma'])) {
                    $sigmas[$id] = $this->fields->vector($point['sigma'], "$path.sigma");
                }
            }
            $id = $this->text($entry, 'id');
            $this->fields->mustBeCode($id, "references[$i].id");
            $sources[] = new ReferenceSource(
                id: $id,
                name: $this->text($entry, 'name', $id),
                kind: SourceKind::from($this->text($entry, 'kind', 'chart')),
                places: $places,
                sigmas: $sigmas,
                covariance: $this->covariance($entry['covariance'] ?? null, "references[$i].covariance"),
            );
        }

        return $sources;
    }

    /** @return array<mixed> */
    private function section(string $name): array
    {
        $section = $this->document[$name] ?? [];

        return is_array($section) ? $section : [];
    }

    /** @return list<array<string, mixed>> */
    private function entries(mixed $list): array
    {
        /** @var list<array<string, mixed>> */
        return is_array($list) ? array_values(array_filter($list, is_array(...))) : [];
    }

    /** @param  array<string, mixed>  $entry */
    private function text(array $entry, string $key, string $default = ''): string
    {
        return is_string($entry[$key] ?? null) ? $entry[$key] : $default;
    }
}
