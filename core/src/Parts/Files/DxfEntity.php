<?php

declare(strict_types=1);

namespace Geodex\Core\Parts\Files;

/** One entity of a DXF file: its kind and its pairs of code and value, in order. */
final readonly class DxfEntity
{
    /**
     * @param  list<array{int, string}>  $pairs
     * @param  int  $line  of the file where it begins
     */
    public function __construct(public string $kind, public array $pairs, public int $line) {}

    public function number(int $code, float $default = 0.0): float
    {
        foreach ($this->pairs as [$at, $value]) {
            if ($at === $code) {
                return is_numeric($value) && is_finite((float) $value) ? (float) $value : throw UnreadableDxf::because("line $this->line: “{$value}” is no number.");
            }
        }

        return $default;
    }

    /** @return list<float> all of that code */
    public function numbers(int $code): array
    {
        $all = [];
        foreach ($this->pairs as [$at, $value]) {
            if ($at === $code) {
                $all[] = is_numeric($value) && is_finite((float) $value) ? (float) $value : throw UnreadableDxf::because("line $this->line: “{$value}” is no number.");
            }
        }

        return $all;
    }

    public function text(int $code): string
    {
        foreach ($this->pairs as [$at, $value]) {
            if ($at === $code) {
                return $value;
            }
        }

        return '';
    }

    /** Whether it lies flat on the drawing. */
    public function isFlat(): bool
    {
        foreach ($this->pairs as [$code, $value]) {
            if (in_array($code, [30, 31, 38, 39], true) && is_numeric($value) && abs((float) $value) > 1e-6) {
                return false;
            }
        }

        return $this->number(230, 1.0) > 0.999;
    }
}
