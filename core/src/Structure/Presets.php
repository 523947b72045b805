<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** Reads a rail as it is bought, less what rust and grinding took off it. */
final readonly class Presets
{
    private const KEYS = [
        'channel' => ['depth', 'width', 'thickness', 'insideRadius', 'lip', 'opens', 'lossOutside', 'lossInside'],
        'box' => ['depth', 'width', 'thickness', 'flangeThickness', 'lossOutside', 'lossInside'],
        'tube' => ['depth', 'width', 'thickness', 'insideRadius', 'lossOutside', 'lossInside'],
        'i' => ['depth', 'width', 'thickness', 'flangeThickness', 'insideRadius', 'lossOutside'],
        'round-tube' => ['diameter', 'thickness', 'lossOutside', 'lossInside'],
    ];

    /** Keys that a kind may do without. */
    private const OPTIONAL = ['insideRadius', 'lip', 'opens', 'flangeThickness', 'lossOutside', 'lossInside'];

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::choice('kind', 'Kind', array_keys(self::KEYS)),
            Field::length('depth', 'Depth, outside')->positive()->optional(),
            Field::length('width', 'Width, outside')->positive()->optional(),
            Field::length('diameter', 'Diameter, outside', 'Of a round tube.')->positive()->optional(),
            Field::length('thickness', 'Thickness', 'Of the web, where flanges differ.')->positive(),
            Field::length('flangeThickness', 'Flange thickness', 'Box and I; else as the web.')->positive()->optional(),
            Field::length('insideRadius', 'Inside radius', '0: sharp corners.')->between(0.0, null)->optional(),
            Field::length('lip', 'Lip', 'Of a channel, from the flange\'s outer face.')->positive()->optional(),
            Field::choice('opens', 'Opens', ['right', 'left'])->optional(),
            Field::length('lossOutside', 'Lost outside, each face')->between(0.0, null)->optional(),
            Field::length('lossInside', 'Lost inside, each face')->between(0.0, null)->optional(),
        ];
    }

    /** @throws InvalidFields if it is no such section, or loss leaves no wall */
    public static function read(Values $given, string $path): Preset
    {
        $kind = $given->text('kind');
        foreach (self::KEYS as $keys) {
            foreach ($keys as $key) {
                if (($given->has($key) || $given->text($key) !== '') && ! in_array($key, self::KEYS[$kind], true)) {
                    throw InvalidFields::at("$path.$key", "a $kind has no such key; it has ".implode(', ', self::KEYS[$kind]).'.');
                }
            }
        }
        foreach (array_diff(self::KEYS[$kind], self::OPTIONAL) as $key) {
            if (! $given->has($key)) {
                throw InvalidFields::at("$path.$key", "missing: a $kind needs it.");
            }
        }
        [$o, $i] = [$given->optional('lossOutside') ?? 0.0, $given->optional('lossInside') ?? 0.0];
        $thickness = $given->number('thickness') - $o - ($kind === 'i' ? $o : $i);
        $flange = ($given->optional('flangeThickness') ?? $given->number('thickness')) - $o - ($kind === 'i' ? $o : $i);
        if ($thickness <= 0.0 || $flange <= 0.0) {
            throw InvalidFields::at("$path.thickness", 'what is lost leaves no wall.');
        }
        $radius = $given->optional('insideRadius') ?? 0.0;
        $radius = $radius > 0.0 ? $radius + ($kind === 'i' ? $o : $i) : 0.0;

        return $kind === 'round-tube' ? self::tube($given->number('diameter') - 2 * $o, $thickness, $path) : self::flat(
            kind: $kind,
            given: $given,
            lost: $o,
            thickness: $thickness,
            flange: $flange,
            radius: $radius,
            path: $path,
        );
    }

    private static function tube(float $diameter, float $thickness, string $path): RoundTubePreset
    {
        return 2 * $thickness < $diameter ? new RoundTubePreset($diameter, $thickness) : throw InvalidFields::at("$path.thickness", 'has to leave a hollow in the tube.');
    }

    private static function flat(string $kind, Values $given, float $lost, float $thickness, float $flange, float $radius, string $path): Preset
    {
        $lip = $given->optional('lip') === null ? null : $given->number('lip') - $lost;
        $depth = $given->number('depth') - 2 * $lost;
        $width = $given->number('width') - match (true) {
            $kind === 'i' => 0.0,
            $kind === 'channel' && $lip === null => $lost,
            default => 2 * $lost,
        };
        $between = $depth - 2 * ($kind === 'box' || $kind === 'i' ? $flange : $thickness);
        if ($between <= 0.0 || $between < 2 * $radius) {
            throw InvalidFields::at("$path.depth", 'leaves no room between the flanges, or not for their corner radii.');
        }
        $room = match (true) {
            $kind === 'channel' && $lip === null => $width - $thickness - $radius,
            $kind === 'i' => $width - $thickness - 2 * $radius,
            default => $width - 2 * $thickness - 2 * $radius,
        };
        if ($room <= 0.0) {
            throw InvalidFields::at("$path.width", 'leaves no flange beside the web and its corner radii.');
        }
        if ($lip !== null && ($lip < $thickness + $radius || 2 * $lip >= $depth)) {
            throw InvalidFields::at("$path.lip", 'has to be longer than the flange is thick with its corner, and shorter than half the depth.');
        }

        return match ($kind) {
            'channel' => new ChannelPreset(depth: $depth, width: $width, thickness: $thickness, insideRadius: $radius, lip: $lip, opensLeft: $given->text('opens') === 'left'),
            'box' => new HollowPreset($depth, $width, $thickness, $flange),
            'tube' => new HollowPreset(depth: $depth, width: $width, thickness: $thickness, flangeThickness: $thickness, insideRadius: $radius),
            default => new BeamPreset(depth: $depth, width: $width, thickness: $thickness, flangeThickness: $flange, insideRadius: $radius),
        };
    }
}
