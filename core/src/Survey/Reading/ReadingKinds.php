<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Reading;

/** The one place where reading kinds are registered. */
final readonly class ReadingKinds
{
    /** @var list<class-string<ReadingKind>> */
    private const KINDS = [
        TramReading::class,
        PlanReading::class,
        HeightReading::class,
        RiseReading::class,
        OffsetReading::class,
        StationReading::class,
        SlopeReading::class,
        AngleReading::class,
    ];

    /** @return list<class-string<ReadingKind>> */
    public static function all(): array
    {
        return self::KINDS;
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(fn (string $kind): string => $kind::name(), self::KINDS);
    }

    /**
     * @return class-string<ReadingKind>
     *
     * @throws UnknownReadingKind if no kind has that name
     */
    public static function named(string $name): string
    {
        foreach (self::KINDS as $kind) {
            if ($kind::name() === $name) {
                return $kind;
            }
        }
        throw UnknownReadingKind::named($name, self::names());
    }

    /**
     * @param  list<string>  $points
     *
     * @throws UnknownReadingKind if no kind has that name
     * @throws ImpossibleReading if it names another number of points
     */
    public static function between(string $name, array $points): ReadingKind
    {
        $kind = self::named($name);
        if (count($points) !== count($kind::roles())) {
            throw ImpossibleReading::because('', sprintf('A reading of the kind “%s” has its points as %s; %d were named.', $name, implode(' and ', $kind::roles()), count($points)));
        }

        return $kind::between($points, null);
    }

    /** @return array<string, class-string<ReadingKind>> by the letter that calls them */
    public static function byLetter(): array
    {
        $kinds = [];
        foreach (self::KINDS as $kind) {
            $kinds[$kind::letter()] = $kind;
        }

        return $kinds;
    }
}
