<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Bench\SquareCheck;

/** What two diagonals say; mm. */
final readonly class SquareCheckProps
{
    public function __construct(public float $rack, public float $expanded, public ?float $sidesway, public bool $square, public string $text) {}

    public static function from(SquareCheck $check): self
    {
        return new self($check->rack, $check->expanded, $check->sidesway, $check->square, $check->text);
    }
}
