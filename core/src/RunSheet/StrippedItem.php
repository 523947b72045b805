<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet;

/** Something that comes off or out before the heat, in a bag with a label, and goes back in reverse. */
final readonly class StrippedItem
{
    /** @param  int  $bag  number on its label */
    public function __construct(public string $what, public int $bag) {}

    /**
     * Numbered as they come off: what the plan says crosses a cut, then what a person added.
     *
     * @param  list<string>  $crossing
     * @param  list<string>  $own
     * @return list<self>
     */
    public static function list(array $crossing, array $own): array
    {
        $items = array_values(array_unique([...$crossing, ...$own]));

        return array_map(fn (string $what, int $i): self => new self($what, $i + 1), $items, array_keys($items));
    }

    /** Whether it holds or carries what burns; by its name, rather once too often. */
    public function burns(): bool
    {
        return preg_match('/fuel|tank|petrol|diesel|lpg|gas\b/i', $this->what) === 1;
    }

    public function outId(): string
    {
        return 'out-'.substr(sha1($this->what), 0, 8);
    }

    public function backId(): string
    {
        return 'back-'.substr(sha1($this->what), 0, 8);
    }
}
