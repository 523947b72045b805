<?php

declare(strict_types=1);

namespace Geodex\Core\Plan\Stand;

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\Values;

/** What is asked about the posts that both halves of a cut frame stand on. */
final readonly class StandFields
{
    /** @return list<Field> */
    public static function all(): array
    {
        return [
            Field::length('cut', 'Cut at station')->station(),
            Field::length('frontA', 'Front half: first posts at', 'Left empty: as proposed.')->station()->optional(),
            Field::length('frontB', 'second posts at')->station()->optional(),
            Field::length('rearA', 'Rear half: first posts at')->station()->optional(),
            Field::length('rearB', 'second posts at')->station()->optional(),
            Field::length('width', 'Post, square tube')->between(10.0, 300.0)->defaults(60.0),
            Field::length('wall', 'its wall')->between(1.0, 20.0)->defaults(4.0),
            Field::length('height', 'its height')->between(50.0, 2500.0)->defaults(700.0),
            Field::lengths('frontFloor', 'Front half: down to the floor at its posts', 4, 4, 'From a level line, first posts left and right, then second left and right. Left empty: not read.')->optional(),
            Field::lengths('rearFloor', 'Rear half: down to the floor at its posts', 4, 4)->optional(),
            Field::number('person', 'Person on an end', 'kg')->between(0.0, 300.0)->defaults(100.0),
        ];
    }

    /**
     * What each foot is packed up by, so that posts of one height stand level on an uneven floor: the highest place needs none.
     *
     * @return ?list<float> mm, first posts left and right, then second left and right; null where the floor was not read
     */
    public static function shims(HalfFrame $half, Values $given): ?array
    {
        $down = $given->numbers("{$half->name}Floor");

        return $down === [] ? null : array_map(fn (float $one): float => $one - min($down), $down);
    }

    /**
     * What the calculator “posts” takes for one half.
     *
     * @return ?array<string, mixed> null where nothing is entered that it could weigh
     */
    public static function posts(HalfFrame $half, Values $given): ?array
    {
        if ($half->centre === null || $half->mass <= 0.0) {
            return null;
        }
        [$a, $b] = [$given->optional("{$half->name}A") ?? $half->supports[0], $given->optional("{$half->name}B") ?? $half->supports[1]];

        return [
            'mass' => $half->mass,
            'centre' => $half->centre,
            'supports' => [['id' => 'front posts', 'station' => min($a, $b)], ['id' => 'rear posts', 'station' => max($a, $b)]],
            'ends' => [$half->from, $half->to],
            'personMass' => $given->number('person'),
            'posts' => ['section' => ['kind' => 'box', 'width' => $given->number('width'), 'depth' => $given->number('width'), 'wall' => $given->number('wall')], 'height' => $given->number('height')],
        ];
    }
}
