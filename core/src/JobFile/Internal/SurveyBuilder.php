<?php

declare(strict_types=1);

namespace Geodex\Core\JobFile\Internal;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Survey\Datum\DatumDecision;
use Geodex\Core\Survey\Reading\AsRead;
use Geodex\Core\Survey\Reading\Edge;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\Reading\ReadingKind;
use Geodex\Core\Survey\Reading\ReadingKinds;
use Geodex\Core\Survey\Survey;
use Geodex\Core\Survey\SurveyStage;

/** Builds surveys and their readings. */
final readonly class SurveyBuilder
{
    public function __construct(private Fields $fields, private Frame $frame) {}

    /**
     * @param  list<array<string, mixed>>  $entries
     * @return list<Survey>
     */
    public function surveys(array $entries): array
    {
        $surveys = [];
        $seen = [];
        foreach ($entries as $i => $entry) {
            $id = $this->text($entry, 'id');
            $this->fields->mustBeCode($id, "surveys[$i].id");
            if (isset($seen[$id])) {
                $this->fields->report("surveys[$i].id", "“{$id}” is used twice.");
            }
            $seen[$id] = true;
            $readings = is_array($entry['readings'] ?? null) ? array_values(array_filter($entry['readings'], is_array(...))) : [];
            /** @var list<array<string, mixed>> $readings */
            $blocked = is_array($entry['blocked'] ?? null) ? array_values(array_filter($entry['blocked'], is_string(...))) : [];
            $surveys[] = new Survey(
                id: $id,
                stage: SurveyStage::from($this->text($entry, 'stage', 'before')),
                readings: $this->readings($readings, "surveys[$i].readings"),
                blocked: $blocked,
                datum: $this->datum($entry['datum'] ?? null, "surveys[$i].datum"),
                toTarget: ($entry['against'] ?? 'chart') === 'target',
            );
        }

        return $surveys;
    }

    /** @return list<DatumDecision> */
    private function datum(mixed $entries, string $path): array
    {
        $decisions = [];
        /** @var list<array<string, mixed>> $listed */
        $listed = is_array($entries) ? array_values(array_filter($entries, is_array(...))) : [];
        foreach ($listed as $k => $entry) {
            $id = $this->text($entry, 'point');
            if ($this->fields->attempt("{$path}[$k].point", fn () => $this->frame->point($id)) !== null) {
                $decisions[$id] = new DatumDecision($id, $this->text($entry, 'use') === 'in', $this->text($entry, 'reason', 'decided'));
            }
        }

        return array_values($decisions);
    }

    /**
     * @param  list<array<string, mixed>>  $entries
     * @return list<Reading>
     */
    private function readings(array $entries, string $path): array
    {
        $readings = [];
        // A replacement that was struck itself replaces nothing.
        $standing = array_filter($entries, fn (array $entry): bool => ($entry['struck'] ?? false) !== true);
        $superseded = array_map(fn (array $entry): string => $this->text($entry, 'supersedes'), $standing);
        $seen = [];
        foreach ($entries as $i => $entry) {
            $id = $this->text($entry, 'id');
            $this->fields->mustBeCode($id, "{$path}[$i].id");
            if (isset($seen[$id])) {
                $this->fields->report("{$path}[$i].id", "“{$id}” is used twice in this survey.");

                continue;
            }
            $seen[$id] = true;
            $original = $this->text($entry, 'supersedes');
            if ($original !== '' && ($original === $id || ! isset($seen[$original]))) {
                $this->fields->report("{$path}[$i].supersedes", "“{$original}” is no earlier reading of this survey.");
            }
            $struck = ($entry['struck'] ?? false) === true ? $this->text($entry, 'reason', 'struck') : null;
            $struck ??= in_array($id, $superseded, true) ? 'superseded' : null;
            $reading = $this->fields->attempt("{$path}[$i]", fn (): ?Reading => $this->reading($entry, "{$path}[$i]", $struck));
            if ($reading !== null) {
                $readings[] = $reading;
            }
        }

        return $readings;
    }

    /** @param  array<string, mixed>  $entry */
    private function reading(array $entry, string $path, ?string $struck): ?Reading
    {
        $kind = $this->kind($entry, $path);
        if ($kind === null) {
            return null;
        }
        $faults = count($this->fields->problems());
        $read = fn (string $key): float => $kind::quantity() === 'angle' ? $this->degrees($entry[$key], "$path.$key") : $this->fields->length($entry[$key], "$path.$key");
        $value = $read('value');
        $sigma = isset($entry['sigma']) ? $read('sigma') : $kind::usualSigma();

        $correction = -(isset($entry['offset']) ? $read('offset') : 0.0);
        $edge = Edge::tryFrom($this->text($entry, 'edge'));
        if ($edge !== null) {
            $correction += $this->fields->attempt("$path.edge", fn (): float => $edge->correction($this->frame, $kind)) ?? 0.0;
        }
        if (count($this->fields->problems()) > $faults) {
            return null;
        }
        $typed = $entry['asTyped'] ?? $entry['value'];
        $asRead = new AsRead(is_scalar($typed) ? (string) $typed : '', $this->fields->unit, $correction, $this->text($entry, 'instrument') ?: null);

        return new Reading(id: $this->text($entry, 'id'), kind: $kind, value: $value + $correction, sigma: $sigma, struckBecause: $struck, asRead: $asRead);
    }

    /** @param  array<string, mixed>  $entry */
    private function kind(array $entry, string $path): ?ReadingKind
    {
        $kind = ReadingKinds::named($this->text($entry, 'kind'));
        $points = [];
        foreach ($kind::roles() as $key) {
            $id = $this->text($entry, $key);
            if ($id === '') {
                $this->fields->report($path, "missing \"$key\": a {$kind::name()} reading names ".implode(' and ', $kind::roles()).'.');

                return null;
            }
            if ($this->fields->attempt("$path.$key", fn () => $this->frame->point($id)) === null) {
                return null;
            }
            $points[] = $id;
        }
        $pointers = $entry['pointers'] ?? null;
        if ($pointers !== null && ! $kind::hasPointers()) {
            $this->fields->report("$path.pointers", 'only a tram has pointers.');

            return null;
        }
        $pointers = is_array($pointers) ? array_values($pointers) : null;

        return $kind::between($points, $pointers === null ? null : [
            $this->fields->length($pointers[0] ?? null, "$path.pointers[0]"),
            $this->fields->length($pointers[1] ?? null, "$path.pointers[1]"),
        ]);
    }

    private function degrees(mixed $value, string $path): float
    {
        if (is_string($value)) {
            $typed = trim((string) preg_replace('/\s*(°|deg)$/u', '', trim($value)));
            if (! is_numeric($typed)) {
                $this->fields->report($path, "“{$value}” is not a number of degrees, such as 0.2.");

                return 0.0;
            }
            $value = (float) $typed;
        }

        return $this->fields->number($value);
    }

    /** @param  array<string, mixed>  $entry */
    private function text(array $entry, string $key, string $default = ''): string
    {
        return is_string($entry[$key] ?? null) ? $entry[$key] : $default;
    }
}
