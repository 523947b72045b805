<?php

declare(strict_types=1);

namespace App\Import;

use Geodex\Core\JobFile\InvalidFile;
use Geodex\Core\JobFile\JobReader;
use Geodex\Core\JobFile\Problem;
use Geodex\Core\JobFile\SchemaChecker;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/**
 * Reads a chart from a spreadsheet: id,name,side,mate,x,y,z,tolerance,base. Commas, semicolons or tabs, with or without a
 * byte-order mark. Every faulty row is named; a chart with one is not taken in.
 */
final readonly class ChartCsv
{
    public const COLUMNS = ['id', 'name', 'side', 'mate', 'x', 'y', 'z', 'tolerance', 'base'];

    private const REQUIRED = ['id', 'x', 'y', 'z'];

    private const SIDES = ['l' => 'left', 'left' => 'left', 'r' => 'right', 'right' => 'right', 'c' => 'centre', 'centre' => 'centre', 'center' => 'centre', '' => 'centre'];

    private const YES = ['1' => true, 'yes' => true, 'y' => true, 'true' => true, 'x' => true, '' => false, '0' => false, 'no' => false, 'n' => false, 'false' => false];

    public function __construct(private CsvEncoder $encoder, private SchemaChecker $schema, private JobReader $jobs) {}

    /**
     * @param  'mm'|'in'  $units
     * @return array<string, mixed> a job document
     *
     * @throws InvalidFile naming every faulty row
     */
    public function read(string $csv, string $title, string $vehicle, string $units): array
    {
        $rows = $this->rows($csv);
        $problems = [];
        $points = [];
        foreach ($rows as $i => $row) {
            $points[] = $this->point($row, $i + 2, $problems);
        }
        $document = array_filter(['format' => 'geodex-job', 'version' => 1, 'title' => $title, 'vehicle' => $vehicle, 'units' => $units, 'points' => $points], fn (mixed $part): bool => $part !== '');
        array_push($problems, ...$this->problemsOf($document));
        if ($problems !== []) {
            usort($problems, fn (Problem $a, Problem $b): int => strnatcmp($a->path, $b->path));
            throw InvalidFile::with($problems);
        }

        return $document;
    }

    /** @return list<array<string, string>> */
    private function rows(string $csv): array
    {
        $csv = str_starts_with($csv, "\u{feff}") ? substr($csv, 3) : $csv;
        if (trim($csv) === '' || ! mb_check_encoding($csv, 'UTF-8') || str_contains($csv, "\0")) {
            throw InvalidFile::with([new Problem('', 'This is not a text file in UTF-8. Save the chart as CSV from the spreadsheet and take that file.')]);
        }
        $header = strtok($csv, "\r\n") ?: '';
        $counts = array_map(fn (string $delimiter): int => substr_count($header, $delimiter), [',' => ',', ';' => ';', "\t" => "\t"]);
        arsort($counts);
        $delimiter = array_key_first($counts);
        /** @var list<array<string, mixed>> $decoded */
        $decoded = $this->encoder->decode($csv, 'csv', [CsvEncoder::DELIMITER_KEY => $delimiter, CsvEncoder::AS_COLLECTION_KEY => true, CsvEncoder::KEY_SEPARATOR_KEY => "\x1f"]);
        $rows = [];
        foreach ($decoded as $row) {
            $clean = [];
            foreach ($row as $name => $value) {
                $clean[mb_strtolower(trim((string) $name))] = is_scalar($value) ? trim((string) $value) : '';
            }
            $rows[] = $clean;
        }
        $this->checkHeader(array_keys($rows[0] ?? []));

        return $rows;
    }

    /** @param  list<string>  $names */
    private function checkHeader(array $names): void
    {
        $missing = array_diff(self::REQUIRED, $names);
        $unknown = array_filter(array_diff($names, self::COLUMNS), fn (string $name): bool => $name !== '' && ! is_numeric($name));
        if ($missing !== [] || $unknown !== []) {
            throw InvalidFile::with([new Problem('row 1', 'the first row must name the columns: '.implode(',', self::COLUMNS).'.'
                .($missing === [] ? '' : ' Missing: '.implode(', ', $missing).'.').($unknown === [] ? '' : ' Unknown: '.implode(', ', $unknown).'.'))]);
        }
    }

    /**
     * @param  array<string, string>  $row
     * @param  list<Problem>  $problems  gains what is wrong with the row
     * @return array<string, mixed>
     */
    private function point(array $row, int $line, array &$problems): array
    {
        $side = self::SIDES[mb_strtolower($row['side'] ?? '')] ?? null;
        $base = self::YES[mb_strtolower($row['base'] ?? '')] ?? null;
        if ($side === null) {
            $problems[] = new Problem("row $line, side", "“{$row['side']}” is no side; use left, right or centre.");
        }
        if ($base === null) {
            $problems[] = new Problem("row $line, base", "“{$row['base']}” is neither yes nor no.");
        }
        $known = array_filter([$row['x'] ?? '', $row['y'] ?? '', $row['z'] ?? ''], fn (string $value): bool => $value !== '');

        return array_filter([
            'id' => $row['id'] ?? '',
            'name' => $row['name'] ?? '',
            'side' => $side ?? 'centre',
            'mate' => $row['mate'] ?? '',
            'reference' => $known === [] ? '' : [$row['x'], $row['y'], $row['z']],
            'tolerance' => is_numeric($row['tolerance'] ?? '') ? (float) $row['tolerance'] : ($row['tolerance'] ?? ''),
            'base' => $base ?? false,
        ], fn (mixed $value): bool => $value !== '') + ['id' => ''];
    }

    /**
     * @param  array<string, mixed>  $document
     * @return list<Problem> with rows instead of paths
     */
    private function problemsOf(array $document): array
    {
        $problems = $this->schema->check($document);
        if ($problems === []) {
            try {
                $this->jobs->fromDocument($document);
            } catch (InvalidFile $invalid) {
                $problems = $invalid->problems();
            }
        }

        return array_map(fn (Problem $problem): Problem => new Problem($this->place($problem->path), $problem->message), $problems);
    }

    private function place(string $path): string
    {
        if (! preg_match('/^points\[(\d+)\]\.?(\w*)(?:\[(\d)\])?/', $path, $found)) {
            return $path;
        }
        $column = $found[2] === 'reference' ? ['x', 'y', 'z'][(int) ($found[3] ?? 0)] : $found[2];

        return 'row '.((int) $found[1] + 2).($column === '' ? '' : ", $column");
    }
}
