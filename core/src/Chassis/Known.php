<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis;

/** How the yield of a rail's steel is known. A guess stays one to the last sheet of paper. */
enum Known: string
{
    case Stamp = 'stamp';
    case Book = 'makers-book';
    case Hardness = 'hardness-test';
    case Guess = 'guess';

    public function words(): string
    {
        return match ($this) {
            self::Stamp => 'from its stamp',
            self::Book => 'from the maker\'s book',
            self::Hardness => 'from a hardness test',
            self::Guess => 'a guess',
        };
    }
}
