<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Reading;

use Geodex\Core\Geometry\DegenerateGeometry;
use Geodex\Core\Geometry\Vector3;

/**
 * What a tool reads off the frame: one equation l + v = f(x). A new kind is a new class, entered in ReadingKinds.
 */
interface ReadingKind
{
    /** Its name in the job file. */
    public static function name(): string;

    /** The letter that calls it in the reading line. */
    public static function letter(): string;

    /**
     * @param  list<string>  $points  as many as the kind has, in the order of the call
     * @param  ?array{float, float}  $pointers  lengths of the two pointers (mm), where the tool has them
     */
    public static function between(array $points, ?array $pointers): self;

    /** How many points one reading names: 1 or 2. */
    public static function pointCount(): int;

    /** "length" (mm) or "angle" (degrees). */
    public static function quantity(): string;

    /** Standard uncertainty of one careful reading, mm or degrees. */
    public static function usualSigma(): float;

    /** @return list<string> ids of the points read */
    public function points(): array;

    /**
     * Value that the positions predict, and its partials.
     *
     * @param  array<string, Vector3>  $at  positions by point id (mm)
     *
     * @throws DegenerateGeometry if the tool would have no direction
     */
    public function linearise(array $at): DesignRow;

    /** Why no frame can give this value, or null if one can. */
    public function implausible(float $value): ?string;
}
