<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Chassis\RailSection;
use Geodex\Core\Frame\Side;
use Geodex\Core\Structure\Outline;

/** One rail cut square at a station, as it is drawn and what it has; mm. */
final readonly class SectionProps
{
    /** Chords of an arc that are shorter cannot be seen (mm). */
    private const CHORD_MM = 0.8;

    /**
     * @param  'left'|'right'|'centre'  $side
     * @param  list<list<list<float>>>  $outlines  corners, right and up
     * @param  string  $known  how its yield is known, in words; empty where it is not given
     */
    public function __construct(
        public string $side, public float $station, public float $depth, public float $width, public float $lost, public array $outlines,
        public float $area, public float $inertia, public float $modulus, public float $torsion, public ?float $yield, public string $known, public string $steel, public ?float $moment,
    ) {}

    /** Null where no rail is entered there. */
    public static function from(?RailSection $section, Side $side): ?self
    {
        if ($section === null) {
            return null;
        }
        $mirror = $side === Side::Right ? -1 : 1;

        return new self(
            side: $side->value, station: $section->station, depth: $section->depth, width: $section->width, lost: $section->lost,
            outlines: array_map(fn (array $one): array => array_map(fn (array $corner): array => [$mirror * round($corner[0], 2), round($corner[1], 2)], self::thinned($one[0])), $section->section->material()),
            area: $section->properties->area, inertia: $section->properties->inertiaY, modulus: $section->modulus(), torsion: $section->section->torsionConstant(),
            yield: $section->rail->yield, known: $section->rail->known?->words() ?? '', steel: $section->rail->steel->value, moment: $section->resistingMoment(),
        );
    }

    /** @return list<array{float, float}> */
    private static function thinned(Outline $outline): array
    {
        $kept = [];
        $corners = $outline->corners;
        foreach ($corners as $i => $corner) {
            $last = $kept === [] ? null : $kept[count($kept) - 1];
            $next = $corners[($i + 1) % count($corners)];
            if ($last === null || hypot($corner[0] - $last[0], $corner[1] - $last[1]) >= self::CHORD_MM || hypot($next[0] - $corner[0], $next[1] - $corner[1]) >= self::CHORD_MM) {
                $kept[] = $corner;
            }
        }

        return $kept;
    }
}
