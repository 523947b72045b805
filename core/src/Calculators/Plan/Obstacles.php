<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plan;

use Geodex\Core\Calculators\Ids;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** What is in the way along a rail, as it is asked for. */
final readonly class Obstacles
{
    /** @param  list<array{from: float, to: float, side: string}>  $all */
    private function __construct(private array $all) {}

    public static function field(): Field
    {
        return Field::listing('obstacles', 'In the way', [
            Field::text('id', 'What')->optional(), Field::length('from', 'From'), Field::length('to', 'To'), self::side(),
        ], 0)->optional();
    }

    public static function side(): Field
    {
        return Field::choice('side', 'Side', ['left', 'right', 'both'])->defaults('both');
    }

    /** @throws InvalidFields */
    public static function of(Values $given): self
    {
        $entries = $given->list('obstacles');
        Ids::of($entries, 'o', 'obstacles');
        foreach ($entries as $i => $entry) {
            if ($entry->number('from') > $entry->number('to')) {
                throw InvalidFields::at("obstacles[$i].to", 'ends ahead of where it begins.');
            }
        }

        return new self(array_map(fn (Values $one): array => ['from' => $one->number('from'), 'to' => $one->number('to'), 'side' => $one->text('side')], $entries));
    }

    /** @return list<array{float, float}> what something on a side meets */
    public function on(string $side): array
    {
        return array_values(array_map(fn (array $one): array => [$one['from'], $one['to']], array_filter($this->all, fn (array $one): bool => self::meet($one['side'], $side))));
    }

    public static function meet(string $one, string $other): bool
    {
        return $one === $other || $one === 'both' || $other === 'both';
    }
}
