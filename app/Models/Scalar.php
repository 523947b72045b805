<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Collection;

/** What the database answers, as what it is: the query builder says "mixed" of everything. */
final readonly class Scalar
{
    public static function int(mixed $value): int
    {
        return is_numeric($value) ? (int) $value : 0;
    }

    /**
     * @param  Collection<array-key, mixed>  $values
     * @return list<string>
     */
    public static function texts(Collection $values): array
    {
        return array_values(array_filter($values->all(), is_string(...)));
    }

    /**
     * @param  Collection<array-key, mixed>  $values
     * @return array<string, float>
     */
    public static function floats(Collection $values): array
    {
        $floats = [];
        foreach ($values->all() as $key => $value) {
            if (is_numeric($value)) {
                $floats[(string) $key] = (float) $value;
            }
        }

        return $floats;
    }
}
