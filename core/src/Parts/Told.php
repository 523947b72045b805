<?php

declare(strict_types=1);

namespace Geodex\Core\Parts;

use Geodex\Core\Fields\Values;

/** What a calculator gave, read as what was given is read. */
final readonly class Told
{
    /** @param  array<string, mixed>  $result */
    public static function of(array $result): Values
    {
        return new Values(array_map(self::value(...), $result));
    }

    private static function value(mixed $value): mixed
    {
        if (! is_array($value)) {
            return is_int($value) ? (float) $value : $value;
        }
        if (array_is_list($value)) {
            return array_map(self::value(...), $value);
        }
        $record = [];
        foreach ($value as $name => $one) {
            $record[(string) $name] = $one;
        }

        return self::of($record);
    }
}
