<?php

declare(strict_types=1);

namespace Geodex\Core\Parts;

use Geodex\Core\Fields\Values;

/** What a sheet of the running gear asks to be made. */
final readonly class GearParts
{
    /**
     * @param  int|string  $sheet  that asks for it
     * @param  array<string, mixed>  $given
     * @param  array<string, mixed>  $result
     */
    public static function of(string $tool, int|string $sheet, string $title, array $given, array $result): ?ProposedPart
    {
        $told = Told::of($result);
        $tube = (Told::of($given))->group('tube');
        $made = match ($tool) {
            'arch', 'hole-pattern' => [$tool, $given, 1],
            'link-cut' => $tube === null || $told->optional('tube') === null ? null : ['piece', self::link($told, $tube), 2],
            default => null,
        };

        return $made === null ? null : new ProposedPart("gear:$sheet", $title, $made[0], $made[1], $made[2], "the running gear, $title");
    }

    /** @return array<string, mixed> */
    private static function link(Values $told, Values $tube): array
    {
        return ['length' => $told->number('tube'), 'shape' => 'round', 'height' => $tube->number('outer'), 'wall' => $tube->number('wall')];
    }
}
