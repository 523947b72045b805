<?php

declare(strict_types=1);

namespace App\Import;

use App\Models\Reading;
use App\Models\Survey;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Frame\Code;
use Geodex\Core\Frame\Frame;
use Geodex\Core\JobFile\InvalidFile;
use Geodex\Core\JobFile\Problem;
use Geodex\Core\Survey\Call\CalledReading;
use Geodex\Core\Survey\Call\CallReader;
use Geodex\Core\Survey\Reading\ReadingKinds;
use Geodex\Core\Units\LengthUnit;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** Readings as a table, in and out. A row that has been taken in already is known by its id. */
final readonly class ReadingsCsv
{
    public const COLUMNS = ['id', 'kind', 'from', 'to', 'value', 'unit', 'edge', 'pointer-from', 'pointer-to', 'instrument', 'struck', 'by', 'at'];

    public function __construct(private CsvTable $table, private CsvEncoder $encoder) {}

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
                $call = implode(' ', array_filter([$kind::letter(), $row['from'] ?? '', $kind::pointCount() === 2 ? $row['to'] ?? '' : '', $row['value'] ?? '', $pointers, $row['edge'] ?? ''], fn (string $word): bool => $word !== ''));
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

    public function write(Survey $survey): string
    {
        $survey->loadMissing(['readings.lastStrike', 'readings.replacements.lastStrike', 'readings.user', 'readings.instrument', 'job.points']);
        $codes = $survey->job->points->pluck('code', 'id');
        $rows = $survey->readings->map(fn (Reading $reading): array => [
            'id' => $reading->client_id,
            'kind' => $reading->kind,
            'from' => $codes[$reading->from_point_id] ?? '',
            'to' => $reading->to_point_id === null ? '' : $codes[$reading->to_point_id] ?? '',
            'value' => $reading->typed,
            'unit' => $reading->typed_unit,
            'edge' => $reading->edge ?? '',
            'pointer-from' => $reading->pointer_from_mm ?? '',
            'pointer-to' => $reading->pointer_to_mm ?? '',
            'instrument' => $reading->instrument->name ?? '',
            'struck' => $reading->isStruck() ? $reading->lastStrike->reason ?? 'struck' : ($reading->supersededBy() === null ? '' : 'superseded'),
            'by' => $reading->user->name ?? '',
            'at' => $reading->takenAt(),
        ])->all();

        return $rows === [] ? implode(',', self::COLUMNS)."\n" : $this->encoder->encode($rows, 'csv', [CsvEncoder::ESCAPE_FORMULAS_KEY => true]);
    }
}
