<?php

declare(strict_types=1);

namespace App\Http\Props;

/** One line of a score. */
final readonly class JudgedProps
{
    public function __construct(public bool $right, public string $text) {}

    /**
     * @param  list<array{right: bool, text: string}>  $lines
     * @return list<self>
     */
    public static function all(array $lines): array
    {
        return array_map(fn (array $line): self => new self($line['right'], $line['text']), $lines);
    }
}
