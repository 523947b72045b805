<?php

declare(strict_types=1);

namespace App\Parts;

use Geodex\Core\Calculators\Bending;
use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Marking\PlugsCalculator;
use Geodex\Core\Calculators\Plates;
use Geodex\Core\Calculators\RunningGear\HolePatternCalculator;
use Geodex\Core\Calculators\Tubes;

/** The calculators that a part is made by. */
final readonly class PartTools
{
    /** @return list<class-string<Calculator>> */
    public static function all(): array
    {
        return [
            Plates\PieceCalculator::class, Tubes\MitreCalculator::class, Tubes\CopeCalculator::class, Tubes\ClockCalculator::class, Tubes\BracesCalculator::class, Bending\TubeBendCalculator::class, Bending\ArchCalculator::class, Plates\OffsetContourCalculator::class,
            Plates\StationContourCalculator::class, Plates\PhotoContourCalculator::class, Bending\PressBrakeCalculator::class, PlugsCalculator::class, HolePatternCalculator::class,
        ];
    }

    /** @return list<string> */
    public static function names(): array
    {
        return array_map(fn (string $class): string => $class::name(), self::all());
    }
}
