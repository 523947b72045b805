<?php

declare(strict_types=1);

namespace Geodex\Core\Tests\Support;

use Geodex\Core\Units\LengthUnit;
use Geodex\Core\Words\Sentence;

/** Sentences as a reader in millimetres sees them. */
final class Said
{
    /** @param  Sentence|list<Sentence>  $said */
    public static function mm(Sentence|array $said, string $between = ' '): string
    {
        return implode($between, array_map(fn (Sentence $one): string => $one->in(LengthUnit::Millimetre), is_array($said) ? $said : [$said]));
    }

    /**
     * @param  list<Sentence>  $said
     * @return list<string>
     */
    public static function each(array $said): array
    {
        return array_map(self::mm(...), $said);
    }
}
