<?php

declare(strict_types=1);

namespace Geodex\Core\JobFile\Internal;

use Geodex\Core\Chassis\AxleEntry;
use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\ChassisPart;
use Geodex\Core\Chassis\ChassisParts;
use Geodex\Core\Chassis\ChassisReader;
use Geodex\Core\Chassis\Rail;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\StationNames;
use Geodex\Core\JobFile\Problem;
use Geodex\Core\Plan\Operation;
use Geodex\Core\Plan\OperationKinds;
use Geodex\Core\Plan\Variant;

/** Builds the frame as metal, and what is planned for it. */
final class MetalBuilder
{
    /** @var list<Problem> what stands on a chart that has changed since */
    private array $adrift = [];

    /** @param  bool  $isKept  whether it was checked when it was stored: what a changed chart has taken the station of is left out and named */
    public function __construct(private readonly Fields $fields, private readonly bool $isKept) {}

    /** @return list<Problem> */
    public function adrift(): array
    {
        return $this->adrift;
    }

    /**
     * Axles first, so that what follows can be given from them.
     *
     * @param  array<mixed>  $frame
     * @param  list<Point>  $points
     */
    public function chassis(array $frame, array $points): Chassis
    {
        $reader = new ChassisReader;
        $document = $reader->withCarried($frame);
        $axles = $this->parts($reader, $document, new StationNames(new Frame($points)), [AxleEntry::class]);
        $known = new StationNames(new Frame($points, Chassis::of($axles)->axles));
        $others = $this->parts($reader, $document, $known, array_values(array_filter(ChassisParts::all(), fn (string $class): bool => $class !== AxleEntry::class)));
        try {
            return Chassis::of([...$axles, ...$others]);
        } catch (InvalidFields $invalid) {
            $this->fault($invalid->problems());

            return Chassis::of(array_values(array_filter([...$axles, ...$others], fn (ChassisPart $part): bool => ! $part instanceof Rail)));
        }
    }

    /**
     * @param  array<mixed>  $document
     * @param  list<class-string<ChassisPart>>  $kinds
     * @return list<ChassisPart>
     */
    private function parts(ChassisReader $reader, array $document, StationNames $stations, array $kinds): array
    {
        [$parts, $problems] = $reader->standing($document, new FieldReader($this->fields->unit, stations: $stations), $kinds);
        if ($problems !== []) {
            $this->fault(InvalidFields::with($problems)->problems());
        }

        return $parts;
    }

    /** @param  list<array{path: string, message: string}>  $problems */
    private function fault(array $problems): void
    {
        foreach ($problems as $problem) {
            if ($this->isKept) {
                $this->adrift[] = new Problem($problem['path'], $problem['message']);
            } else {
                $this->fields->report($problem['path'], $problem['message']);
            }
        }
    }

    /**
     * @param  array<mixed>  $plan
     * @return list<Variant>
     */
    public function others(array $plan, StationNames $stations): array
    {
        $others = [];
        $taken = [$plan['variant'] ?? 'A'];
        foreach ($this->entries($plan['others'] ?? []) as $i => $entry) {
            $letter = $this->text($entry, 'variant');
            if (in_array($letter, $taken, true)) {
                $this->fields->report("plan.others[$i].variant", "variant $letter is there twice.");
            }
            $taken[] = $letter;
            $others[] = new Variant($letter, $this->operations($entry['operations'] ?? [], "plan.others[$i].operations", $stations));
        }

        return $others;
    }

    /** @return list<Operation> */
    public function operations(mixed $entries, string $within, StationNames $stations): array
    {
        $operations = [];
        foreach ($this->entries($entries) as $i => $entry) {
            $path = "{$within}[$i]";
            $this->fields->mustBeCode($this->text($entry, 'id'), "$path.id");
            try {
                $operations[] = OperationKinds::read(
                    kind: $this->text($entry, 'kind'),
                    id: $this->text($entry, 'id'),
                    given: array_diff_key($entry, ['id' => 0, 'kind' => 0]),
                    reader: new FieldReader($this->fields->unit, stations: $stations),
                    path: $path,
                );
            } catch (InvalidFields $invalid) {
                $this->fault($invalid->problems());
            } catch (CoreFailure $failure) {
                $this->fault([['path' => $path, 'message' => $failure->getMessage()]]);
            }
        }

        return $operations;
    }

    /** @return list<array<string, mixed>> */
    private function entries(mixed $list): array
    {
        /** @var list<array<string, mixed>> */
        return is_array($list) ? array_values(array_filter($list, is_array(...))) : [];
    }

    /** @param  array<string, mixed>  $entry */
    private function text(array $entry, string $key): string
    {
        return is_string($entry[$key] ?? null) ? $entry[$key] : '';
    }
}
