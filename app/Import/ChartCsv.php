<?php

declare(strict_types=1);

namespace App\Import;

use Geodex\Core\JobFile\InvalidFile;
use Geodex\Core\JobFile\JobReader;
use Geodex\Core\JobFile\Problem;
use Geodex\Core\JobFile\SchemaChecker;

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

    public function __construct(private CsvTable $table, private SchemaChecker $schema, private JobReader $jobs) {}

    /**
     * @param  'mm'|'in'  $units
     * @return array<string, mixed> a job document
     *
     * @throws InvalidFile naming every faulty row
     */
    public function read(string $csv, string $title, string $vehicle, string $units): array
    {
        $rows = $this->table->rows($csv, self::COLUMNS, self::REQUIRED);
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
        if (preg_match('/^points\[(\d+)\]\.?(\w*)(?:\[(\d)\])?/', $path, $found) !== 1) {
            return $path;
        }
        $column = $found[2] === 'reference' ? ['x', 'y', 'z'][(int) ($found[3] ?? 0)] : $found[2];

        return 'row '.((int) $found[1] + 2).($column === '' ? '' : ", $column");
    }
}
