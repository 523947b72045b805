<?php

declare(strict_types=1);

namespace Geodex\Core\Parts;

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Fields\FieldReader;

/** The one place where drawings of parts are registered. */
final readonly class PartDrawings
{
    /** @var list<class-string<DrawsPart>> */
    private const ALL = [
        Drawings\MitreDrawing::class, Drawings\CopeDrawing::class, Drawings\ClockDrawing::class, Drawings\ArchDrawing::class, Drawings\TubeBendDrawing::class, Drawings\PressBrakeDrawing::class,
        Drawings\PlateDrawing::class, Drawings\PhotoDrawing::class, Drawings\StationDrawing::class, Drawings\PlugsDrawing::class, Drawings\HolePatternDrawing::class, Drawings\PieceDrawing::class, Drawings\NestDrawing::class, Drawings\CutListDrawing::class,
    ];

    public static function draws(string $tool): bool
    {
        return self::maker($tool) !== null;
    }

    /**
     * @param  array<mixed>  $given  mm
     * @return list<PartDrawing> none where the calculator has none
     *
     * @throws CoreFailure where nothing can be worked out of it
     */
    public static function of(string $tool, array $given): array
    {
        return self::draws($tool) ? self::worked($tool, $given)['drawings'] : [];
    }

    /**
     * What comes of it and how it is drawn, worked out once for both.
     *
     * @param  array<mixed>  $given  mm
     * @return array{result: array<string, mixed>, drawings: list<PartDrawing>}
     *
     * @throws CoreFailure where nothing can be worked out of it
     */
    public static function worked(string $tool, array $given): array
    {
        $calculator = Calculators::named($tool);
        $read = (new FieldReader)->read($calculator::fields(), $given);
        $result = $calculator->calculate($read);

        return ['result' => $result, 'drawings' => self::maker($tool)?->draw($read, Told::of($result)) ?? []];
    }

    private static function maker(string $tool): ?DrawsPart
    {
        foreach (self::ALL as $class) {
            if ($class::tool() === $tool) {
                return new $class;
            }
        }

        return null;
    }
}
