<?php

declare(strict_types=1);

namespace Geodex\Core\Cli;

/** Lays a result document out for reading in a terminal. */
final readonly class TableWriter
{
    /** @param  array<string, mixed>  $document */
    public function write(string $command, array $document): string
    {
        $text = '';
        foreach ($document as $name => $part) {
            $text .= match (true) {
                is_array($part) && $part !== [] && array_is_list($part) && is_array($part[0]) => "\n$name\n".$this->rows($part),
                is_array($part) && array_is_list($part) => $part === [] ? '' : "\n$name\n".implode('', array_map(fn (mixed $line): string => '  '.$this->cell($line)."\n", $part)),
                is_array($part) => "\n$name\n".implode('', array_map(fn (string|int $key, mixed $value): string => sprintf("  %-16s %s\n", $key, $this->cell($value)), array_keys($part), $part)),
                default => sprintf("%-18s %s\n", $name, $this->cell($part)),
            };
        }

        return "geodex $command\n$text";
    }

    /** @param  list<mixed>  $rows */
    private function rows(array $rows): string
    {
        $heads = array_keys((array) $rows[0]);
        $lines = [array_map(strval(...), $heads)];
        foreach ($rows as $row) {
            $lines[] = array_map(fn (string|int $head): string => $this->cell(((array) $row)[$head] ?? null), $heads);
        }
        $widths = array_map(fn (int $i): int => max(array_map(fn (array $line): int => mb_strwidth($line[$i]), $lines)), array_keys($heads));
        $text = '';
        foreach ($lines as $line) {
            $cells = array_map(fn (string $cell, int $width): string => is_numeric(strtr($cell, ' ', '0')) ? $this->padded($cell, $width, true) : $this->padded($cell, $width, false), $line, $widths);
            $text .= '  '.rtrim(implode('  ', $cells))."\n";
        }

        return $text;
    }

    private function padded(string $cell, int $width, bool $right): string
    {
        $space = str_repeat(' ', max(0, $width - mb_strwidth($cell)));

        return $right ? $space.$cell : $cell.$space;
    }

    private function cell(mixed $value): string
    {
        return match (true) {
            $value === null => '-',
            is_bool($value) => $value ? 'yes' : 'no',
            is_float($value) => sprintf('%.2f', $value),
            $value instanceof \JsonSerializable => $this->cell($value->jsonSerialize()),
            is_array($value) => implode($value !== [] && is_array(reset($value)) ? '; ' : ' ', array_map(fn (mixed $one): string => is_float($one) ? sprintf('%9.2f', $one) : $this->cell($one), $value)),
            is_scalar($value) => (string) $value,
            default => '?',
        };
    }
}
