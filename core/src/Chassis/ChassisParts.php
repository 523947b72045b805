<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis;

/** The one place where the kinds of chassis parts are registered, in the order in which they are entered. */
final readonly class ChassisParts
{
    /** @var list<class-string<ChassisPart>> */
    private const ALL = [AxleEntry::class, Rail::class, Fixture::class, Line::class, Mass::class, WallReading::class];

    /** @return list<class-string<ChassisPart>> */
    public static function all(): array
    {
        return self::ALL;
    }

    /** @return ?class-string<ChassisPart> */
    public static function named(string $list): ?string
    {
        foreach (self::ALL as $class) {
            if ($class::list() === $list) {
                return $class;
            }
        }

        return null;
    }
}
