<?php

declare(strict_types=1);

namespace Geodex\Core\Parts;

use Geodex\Core\Calculators\Plates\Edge;
use Geodex\Core\Fields\Values;

/** What a part takes of the rack: lengths to saw, or an outline to nest, and what it weighs; mm, kg. */
final readonly class PartFacts
{
    private const STEEL = 7850.0;

    /** Chord error of an outline that is nested. */
    private const FLAT = 0.2;

    /**
     * @param  list<array{length: float, count: int}>  $lengths  to saw for one part
     * @param  ?non-empty-list<array{float, float}>  $outline  to nest
     * @param  ?float  $thickness  of its plate
     * @param  ?array{float, float}  $centre  of its mass, from the lower left of its drawing; null where none is worked out
     */
    private function __construct(public array $lengths, public ?array $outline, public ?float $thickness, public ?float $mass, public ?array $centre) {}

    /**
     * @param  array<mixed>  $given
     * @param  array<string, mixed>  $result
     * @param  list<PartDrawing>  $drawings
     */
    public static function of(string $tool, array $given, array $result, array $drawings): self
    {
        $asked = Told::of(['given' => $given])->group('given') ?? new Values([]);
        $told = Told::of($result);
        $isPlate = in_array($tool, ['offset-contour', 'press-brake', 'station-contour', 'photo-contour'], true);
        $centre = $told->numbers('centroid');

        return new self(
            lengths: self::lengths($tool, $told, $asked), outline: $isPlate ? self::outline($drawings) : null, thickness: $isPlate ? $asked->optional('thickness') : null, mass: self::mass($tool, $told, $asked),
            centre: $tool === 'offset-contour' && count($centre) === 2 ? self::fromCorner($centre, $told) : ($tool === 'piece' ? [$told->number('centre'), ($asked->optional('height') ?? 0.0) / 2] : null),
        );
    }

    /** @return list<array{length: float, count: int}> */
    private static function lengths(string $tool, Values $told, Values $asked): array
    {
        $one = fn (?float $length, int $count = 1): array => $length === null ? [] : [['length' => $length, 'count' => $count]];

        return match ($tool) {
            'piece' => $one($asked->optional('length')),
            'cope' => $one($told->optional('blank')),
            'tube-bend' => $one($told->optional('cutLength')),
            'link-cut' => $one($told->optional('tube')),
            'braces' => array_merge([], ...array_map(fn (Values $brace): array => $one($brace->number('length')), $told->list('braces'))),
            'arch' => array_merge([], ...array_map(fn (Values $piece): array => $one(max($piece->number('upper'), $piece->number('lower')), (int) $piece->number('count')), $told->list('pieces'))),
            'mitre' => array_merge($one($told->group('first')?->group('lengths')?->optional('long')), $one($told->group('second')?->group('lengths')?->optional('long'))),
            default => [],
        };
    }

    private static function mass(string $tool, Values $told, Values $asked): ?float
    {
        $tube = fn (?float $length, ?Values $section): ?float => $length === null || $section === null || $section->optional('wall') === null ? null : M_PI * ($section->number('diameter') - $section->number('wall')) * $section->number('wall') * $length * self::STEEL * 1e-9;

        return match ($tool) {
            'offset-contour', 'piece' => $told->optional('mass'),
            'cope' => $tube($told->optional('blank'), $asked->group('branch')),
            'tube-bend' => $tube($told->optional('cutLength'), $asked),
            'press-brake' => $asked->optional('length') === null ? null : $told->number('flat') * $asked->number('length') * $asked->number('thickness') * self::STEEL * 1e-9,
            default => null,
        };
    }

    /**
     * @param  list<PartDrawing>  $drawings
     * @return ?non-empty-list<array{float, float}>
     */
    private static function outline(array $drawings): ?array
    {
        $cuts = $drawings === [] ? [] : array_values(array_filter($drawings[0]->cuts(), fn (Stroke $one): bool => $one->layer === Layer::Cut));
        if ($cuts === []) {
            return null;
        }
        $places = [];
        foreach ($cuts[0]->flattened(self::FLAT) as $at) {
            if ($places === [] || hypot($at[0] - $places[count($places) - 1][0], $at[1] - $places[count($places) - 1][1]) > Edge::NEAR) {
                $places[] = $at;
            }
        }
        if (count($places) > 1 && hypot($places[0][0] - $places[count($places) - 1][0], $places[0][1] - $places[count($places) - 1][1]) < 1e-4) {
            array_pop($places);
        }

        return $places;
    }

    /**
     * @param  list<float>  $centre
     * @return array{float, float}
     */
    private static function fromCorner(array $centre, Values $told): array
    {
        $corners = array_merge([], ...array_map(fn (Values $loop): array => $loop->places('vertices'), $told->list('loops')));

        return [$centre[0] - min([INF, ...array_column($corners, 0)]), $centre[1] - min([INF, ...array_column($corners, 1)])];
    }
}
