<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\RunSheet\Arrow;

/** A person wants one step before another. */
final readonly class ArrowProps
{
    /**
     * @param  string  $firstTitle  empty where the step is gone
     */
    public function __construct(public string $first, public string $then, public string $firstTitle, public string $thenTitle) {}

    /**
     * @param  list<Arrow>  $arrows
     * @param  array<string, string>  $titles  by step
     * @return list<self>
     */
    public static function all(array $arrows, array $titles): array
    {
        return array_map(fn (Arrow $one): self => new self($one->first, $one->then, $titles[$one->first] ?? '', $titles[$one->then] ?? ''), $arrows);
    }
}
