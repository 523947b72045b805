<?php

declare(strict_types=1);

namespace App\Import;

use Geodex\Core\JobFile\InvalidFile;
use Geodex\Core\JobFile\Problem;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** A table from a spreadsheet: commas, semicolons or tabs, with or without a byte-order mark, columns named in the first row. */
final readonly class CsvTable
{
    public function __construct(private CsvEncoder $encoder) {}

    /**
     * @param  list<string>  $columns  that there may be
     * @param  list<string>  $required  of them
     * @return list<array<string, string>> by column
     *
     * @throws InvalidFile if it is no such table
     */
    public function rows(string $csv, array $columns, array $required): array
    {
        $csv = str_starts_with($csv, "\u{feff}") ? substr($csv, 3) : $csv;
        if (trim($csv) === '' || ! mb_check_encoding($csv, 'UTF-8') || str_contains($csv, "\0")) {
            throw InvalidFile::with([new Problem('', 'This is not a text file in UTF-8. Save the table as CSV from the spreadsheet and take that file.')]);
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
                // Spreadsheets are kept from computing a cell by an apostrophe before it; it is no part of the value.
                $clean[mb_strtolower(trim((string) $name))] = is_scalar($value) ? (string) preg_replace("/^'(?=[=+@-])/", '', trim((string) $value)) : '';
            }
            $rows[] = $clean;
        }
        $this->checkHeader(array_keys($rows[0] ?? []), $columns, $required);

        return $rows;
    }

    /**
     * @param  list<string>  $names
     * @param  list<string>  $columns
     * @param  list<string>  $required
     */
    private function checkHeader(array $names, array $columns, array $required): void
    {
        $missing = array_diff($required, $names);
        $unknown = array_filter(array_diff($names, $columns), fn (string $name): bool => $name !== '' && ! is_numeric($name));
        if ($missing !== [] || $unknown !== []) {
            throw InvalidFile::with([new Problem('row 1', 'the first row must name the columns: '.implode(',', $columns).'.'
                .($missing === [] ? '' : ' Missing: '.implode(', ', $missing).'.').($unknown === [] ? '' : ' Unknown: '.implode(', ', $unknown).'.'))]);
        }
    }
}
