<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Words\Sentence;

/** One line of a score. */
final readonly class JudgedProps
{
    public function __construct(public bool $right, public Sentence $text) {}

    /**
     * @param  list<array{right: bool, text: Sentence}>  $lines
     * @return list<self>
     */
    public static function all(array $lines): array
    {
        return array_map(fn (array $line): self => new self($line['right'], $line['text']), $lines);
    }
}
