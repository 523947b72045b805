<?php

declare(strict_types=1);

namespace App\Import;

use App\Documents\LoggedReading;
use App\Documents\ReadingLog;
use App\Models\Survey;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Frame\Code;
use Geodex\Core\Frame\Frame;
use Geodex\Core\JobFile\InvalidFile;
use Geodex\Core\JobFile\Problem;
use Geodex\Core\Survey\Call\CalledReading;
use Geodex\Core\Survey\Call\CallReader;
use Geodex\Core\Survey\Reading\ReadingKind;
use Geodex\Core\Survey\Reading\ReadingKinds;
use Geodex\Core\Units\LengthUnit;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** Readings as a table, in and out. A row that has been taken in already is known by its id. */
final readonly class ReadingsCsv
{
    public const COLUMNS = ['id', 'kind', 'from', 'to', 'value', 'unit', 'edge', 'pointer-from', 'pointer-to', 'instrument', 'struck', 'by', 'at', 'vertex'];

    public function __construct(private CsvTable $table, private CsvEncoder $encoder, private ReadingLog $log) {}

    /**
     * @param  'mm'|'in'  $unit  what a bare number means
     * @return list<array{id: string, called: CalledReading, unit: 'mm'|'in'}>
     *
     * @throws InvalidFile naming every faulty row
     */
    public function read(string $csv, Frame $frame, string $unit): array
    {
        $calls = $problems = [];
        $reader = new CallReader($frame);
        foreach ($this->table->rows($csv, self::COLUMNS, ['from', 'value']) as $i => $row) {
            $rowUnit = match (mb_strtolower($row['unit'] ?? '')) {
                'in', 'inch', '"' => 'in',
                'mm' => 'mm',
                default => $unit,
            };
            try {
                $kind = ReadingKinds::named(($row['kind'] ?? '') ?: 'tram');
                $pointers = ($row['pointer-from'] ?? '') === '' ? '' : '@'.$row['pointer-from'].','.($row['pointer-to'] ?? '');
                $call = implode(' ', array_filter([$kind::letter(), ...$this->points($row, $kind), $row['value'] ?? '', $pointers, $row['edge'] ?? ''], fn (string $word): bool => $word !== ''));
                $called = $reader->read($call, LengthUnit::from($rowUnit));
                $id = $row['id'] ?? '';
                // Without an id the row's own words are one, so that the same file taken in twice is stored once.
                $calls[] = ['id' => Code::is($id) ? $id : 'csv-'.substr(sha1("$i $call $rowUnit"), 0, 30), 'called' => $called, 'unit' => $rowUnit];
            } catch (CoreFailure $failure) {
                $problems[] = new Problem('row '.($i + 2), $failure->getMessage());
            }
        }
        if ($problems !== []) {
            throw InvalidFile::with($problems);
        }

        return $calls;
    }

    /**
     * The one point of a kind stands in the column of the first.
     *
     * @param  array<string, string>  $row
     * @param  class-string<ReadingKind>  $kind
     * @return list<string>
     */
    private function points(array $row, string $kind): array
    {
        return array_map(fn (string $role): string => $row[$role === 'point' ? 'from' : $role] ?? '', $kind::roles());
    }

    public function write(Survey $survey): string
    {
        $rows = array_map(fn (LoggedReading $reading): array => array_replace(array_fill_keys(self::COLUMNS, ''), [
            'id' => $reading->id,
            'kind' => $reading->kind,
            ...array_combine(array_map(fn (string $role): string => $role === 'point' ? 'from' : $role, ReadingKinds::named($reading->kind)::roles()), $reading->points),
            'value' => $reading->typed,
            'unit' => $reading->typedUnit,
            'edge' => $reading->edge ?? '',
            'pointer-from' => $reading->pointers[0] ?? '',
            'pointer-to' => $reading->pointers[1] ?? '',
            'instrument' => $reading->instrument ?? '',
            'struck' => $reading->struckBecause ?? ($reading->supersededBy === null ? '' : 'superseded'),
            'by' => $reading->by,
            'at' => $reading->at,
        ]), $this->log->of($survey));

        return $rows === [] ? implode(',', self::COLUMNS)."\n" : $this->encoder->encode($rows, 'csv', [CsvEncoder::ESCAPE_FORMULAS_KEY => true]);
    }
}
