<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis;

use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Frame\Code;

/** Reads the parts of a chassis out of a document, and names everything that is wrong with its path. */
final readonly class ChassisReader
{
    /**
     * @param  array<mixed>  $document  lists by name, as in the job file's “frame”
     * @param  list<class-string<ChassisPart>>  $kinds
     * @return list<ChassisPart>
     *
     * @throws InvalidFields
     */
    public function parts(array $document, FieldReader $reader, array $kinds, string $path = 'frame'): array
    {
        [$parts, $problems] = $this->standing($document, $reader, $kinds, $path);

        return $problems === [] ? $parts : throw InvalidFields::with($problems);
    }

    /**
     * What can be read of it, and what is wrong with the rest: a chart that changes takes the ground from under what was measured from it.
     *
     * @param  array<mixed>  $document
     * @param  list<class-string<ChassisPart>>  $kinds
     * @return array{list<ChassisPart>, list<string>} parts, and problems with their paths
     */
    public function standing(array $document, FieldReader $reader, array $kinds, string $path = 'frame'): array
    {
        $parts = $problems = [];
        foreach ($kinds as $class) {
            $list = $class::list();
            $entries = is_array($document[$list] ?? null) ? array_values($document[$list]) : [];
            if (count($entries) > $class::maxCount()) {
                $problems[] = sprintf('%s.%s: %d entries; at most %d.', $path, $list, count($entries), $class::maxCount());

                continue;
            }
            $seen = [];
            foreach ($entries as $i => $entry) {
                $at = "$path.{$list}[$i]";
                try {
                    $part = $this->part($class, $entry, $reader, $at);
                } catch (InvalidFields $invalid) {
                    array_push($problems, ...explode("\n", $invalid->getMessage()));

                    continue;
                } catch (CoreFailure $failure) {
                    $problems[] = "$at: {$failure->getMessage()}";

                    continue;
                }
                if (isset($seen[$part->id()])) {
                    $problems[] = "$at.id: “{$part->id()}” is used twice.";
                }
                $seen[$part->id()] = true;
                $parts[] = $part;
            }
        }

        return [$parts, $problems];
    }

    /**
     * The same lists as they are kept: lengths in mm, stations given from something else in their words. What “carried” says of earlier
     * files is among the lines.
     *
     * @param  array<mixed>  $document
     * @return array<string, list<array<string, mixed>>>
     *
     * @throws InvalidFields
     */
    public function kept(array $document, FieldReader $reader, string $path = 'frame'): array
    {
        $document = $this->withCarried($document);
        $this->parts($document, $reader, ChassisParts::all(), $path);
        $kept = [];
        foreach (ChassisParts::all() as $class) {
            $entries = $document[$class::list()] ?? [];
            foreach (is_array($entries) ? array_values($entries) : [] as $entry) {
                $given = is_array($entry) ? $entry : [];
                $values = $reader->read($class::fields(), array_diff_key($given, ['id' => 0]), $path)->toArray();
                $kept[$class::list()][] = ['id' => $given['id'] ?? '', ...array_filter($values, fn (mixed $value): bool => $value !== null && $value !== '' && $value !== [])];
            }
        }

        return $kept;
    }

    /**
     * Earlier files name what crosses a cut by its two ends.
     *
     * @param  array<mixed>  $document
     * @return array<mixed>
     */
    public function withCarried(array $document): array
    {
        $carried = is_array($document['carried'] ?? null) ? array_values($document['carried']) : [];
        $lines = is_array($document['lines'] ?? null) ? array_values($document['lines']) : [];
        foreach ($carried as $i => $one) {
            $one = is_array($one) ? $one : [];
            $lines[] = ['id' => 'c'.($i + 1), 'name' => $one['feature'] ?? '', 'path' => [['station' => $one['from'] ?? null], ['station' => $one['to'] ?? null]]];
        }
        unset($document['carried']);

        return $lines === [] ? $document : [...$document, 'lines' => $lines];
    }

    /**
     * @param  class-string<ChassisPart>  $class
     *
     * @throws CoreFailure
     */
    public function part(string $class, mixed $entry, FieldReader $reader, string $path): ChassisPart
    {
        $id = is_array($entry) && is_string($entry['id'] ?? null) ? $entry['id'] : '';
        if (! Code::is($id)) {
            throw InvalidFields::at("$path.id", Code::WORDS);
        }
        $given = is_array($entry) ? array_diff_key($entry, ['id' => 0]) : [];

        return $class::of($id, $reader->read($class::fields(), $given, $path), $path);
    }
}
