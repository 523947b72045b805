<?php

declare(strict_types=1);

namespace Geodex\Core\Tests\Support;

use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Provenance;

/** What classes say of where their numbers come from. */
final class Sources
{
    /**
     * @param  class-string<HasProvenance>  ...$classes
     * @return list<string> the names of the numbers, each with a title, a formula and a source
     */
    public static function of(string ...$classes): array
    {
        $all = array_merge(...array_map(fn (string $class): array => $class::provenance(), array_values($classes)));

        return array_values(array_map(fn (Provenance $one): string => min(strlen($one->title), strlen($one->formula), strlen($one->source)) > 2 ? $one->name : "$one->name is not told", $all));
    }
}
