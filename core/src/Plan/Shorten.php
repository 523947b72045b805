<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

/** Takes the band behind a station out of both rails. */
final readonly class Shorten implements Operation
{
    use ChangesLength;

    public static function kind(): string
    {
        return 'shorten';
    }

    public static function label(): string
    {
        return 'Shorten';
    }

    private static function lengthLabel(): string
    {
        return 'Length taken out';
    }

    public function growth(): float
    {
        return -$this->length;
    }
}
