<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Splice;

/** The one place where the ways of joining a rail are registered. */
final readonly class SpliceSchools
{
    /** @return list<SpliceSchool> */
    public static function all(): array
    {
        return [new ButtAlone, new SlantedButt, new SteppedButt, new BoxedIn, new SleevePlugged, new SleeveWelded, new PlatePlugged, new PlateWelded, new PlateStitched, new SleeveAndPlate, new PlatesAllRound];
    }
}
