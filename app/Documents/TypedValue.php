<?php

declare(strict_types=1);

namespace App\Documents;

/** Values as typed, made to say their unit. */
final readonly class TypedValue
{
    /** Numbers of these names are no lengths. */
    private const NOT_LENGTHS = ['pitch', 'yaw', 'speed'];

    /** @param  'mm'|'in'|'deg'  $unit what a bare number meant when it was typed */
    public static function withUnit(string $typed, string $unit): string
    {
        return match (true) {
            $unit === 'deg' => $typed,
            (bool) preg_match('/[a-z"\'″′”’]\s*$/iu', $typed) => $typed,
            default => "$typed $unit",
        };
    }

    public static function millimetres(float $mm): string
    {
        $text = rtrim(rtrim(number_format($mm, 6, '.', ''), '0'), '.');

        return ($text === '-0' ? '0' : $text).' mm';
    }

    /**
     * Writes every bare length of a part of an inch job with its unit.
     *
     * @param  array<mixed>  $part
     * @return array<mixed>
     */
    public static function inInches(array $part): array
    {
        foreach ($part as $key => $value) {
            if (is_array($value)) {
                $part[$key] = self::inInches($value);
            } elseif ((is_int($value) || is_float($value)) && ! in_array($key, self::NOT_LENGTHS, true)) {
                $part[$key] = "$value in";
            } elseif (is_string($value) && (is_int($key) || in_array($key, ['station', 'tyreRadius', 'track', 'from', 'to', 'length', 'engagement', 'possible', 'wanted', 'least', 'outside', 'wall', 'kerf'], true))) {
                $part[$key] = self::withUnit($value, 'in');
            }
        }

        return $part;
    }
}
