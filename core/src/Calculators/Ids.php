<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators;

use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** Names of the entries of a list: what is not named is called by its place, counted from 1. */
final readonly class Ids
{
    /**
     * @param  list<Values>  $entries
     * @return list<string>
     *
     * @throws InvalidFields if a name is used twice
     */
    public static function of(array $entries, string $prefix, string $path): array
    {
        $ids = [];
        foreach ($entries as $i => $entry) {
            $id = $entry->text('id') !== '' ? $entry->text('id') : $prefix.($i + 1);
            if (in_array($id, $ids, true)) {
                throw InvalidFields::at("{$path}[$i].id", "“{$id}” is used twice.");
            }
            $ids[] = $id;
        }

        return $ids;
    }
}
