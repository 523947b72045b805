<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Reading;

/**
 * What no road-going frame can measure. Generous on purpose: these catch a slipped decimal or a wrong unit,
 * the adjustment catches the rest.
 */
final readonly class FrameLimits
{
    /** Below this two places have no direction between them. */
    public const NO_DIRECTION_MM = 1e-6;

    /** No tool reads a shorter distance between two points; less is a slipped decimal. */
    private const SHORTEST_MM = 1.0;

    private const LONGEST_POINTER_MM = 3_000.0;

    private const LONGEST_MM = 20_000.0;

    private const WIDEST_MM = 3_000.0;

    private const HIGHEST_MM = 3_000.0;

    public static function span(float $mm): ?string
    {
        return match (true) {
            $mm <= 0 => 'A distance between two points is more than zero.',
            $mm < self::SHORTEST_MM => self::sentence('Two points of a frame are not as near as %s (limit %s); check the unit and the decimal point.', $mm, self::SHORTEST_MM),
            $mm > self::LONGEST_MM => self::sentence('%s is longer than any frame (%s); check the unit and the decimal point.', $mm, self::LONGEST_MM),
            default => null,
        };
    }

    /** @param  ?array{float, float}  $pointers  mm */
    public static function pointers(?array $pointers): ?string
    {
        foreach ($pointers ?? [] as $mm) {
            if (! ($mm >= 0.0 && $mm <= self::LONGEST_POINTER_MM)) {
                return self::sentence('No tram has a pointer of %s (from 0 to %s); check the unit and the decimal point.', $mm, self::LONGEST_POINTER_MM);
            }
        }

        return null;
    }

    public static function height(float $mm): ?string
    {
        return self::beyond('No point of a frame lies %s above or below the bench (limit %s); check the unit and the decimal point.', $mm, self::HIGHEST_MM);
    }

    public static function offset(float $mm): ?string
    {
        return self::beyond('No point of a frame lies %s off the centreline (limit %s); check the unit and the decimal point.', $mm, self::WIDEST_MM);
    }

    public static function station(float $mm): ?string
    {
        return self::beyond('No frame is as long as %s (limit %s); check the unit and the decimal point.', $mm, self::LONGEST_MM);
    }

    public static function slope(float $degrees): ?string
    {
        return abs($degrees) > 60 ? sprintf('A level laid on a frame does not read %s°; it reads degrees, at most 60.', $degrees) : null;
    }

    private static function beyond(string $sentence, float $mm, float $limit): ?string
    {
        return abs($mm) > $limit ? self::sentence($sentence, $mm, $limit) : null;
    }

    private static function sentence(string $sentence, float $mm, float $limit): string
    {
        return sprintf($sentence, round($mm, abs($mm) < self::SHORTEST_MM ? 6 : 1).' mm', $limit.' mm');
    }
}
