<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

/** Puts a length into both rails at a station. */
final readonly class Stretch implements Operation
{
    use ChangesLength;

    public static function kind(): string
    {
        return 'stretch';
    }

    public static function label(): string
    {
        return 'Stretch';
    }

    private static function lengthLabel(): string
    {
        return 'Length put in';
    }

    public function growth(): float
    {
        return $this->length;
    }
}
