<?php

declare(strict_types=1);

namespace Geodex\Core\Frame;

/** What names a point, a survey, a reading or a cut: letters, digits, dots, dashes and underscores, from one to forty. */
final readonly class Code
{
    /** Anchored at both ends: "$" would let a line break through. */
    public const PATTERN = '/\A[A-Za-z0-9][A-Za-z0-9_.-]{0,39}\z/';

    public const WORDS = 'expected letters, digits, dots, dashes or underscores, at most 40, starting with a letter or digit.';

    public static function is(string $text): bool
    {
        return preg_match(self::PATTERN, $text) === 1;
    }
}
