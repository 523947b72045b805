<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Reading;

use Geodex\Core\Geometry\DegenerateGeometry;
use Geodex\Core\Geometry\Vector3;

/**
 * What a tool reads off the frame: one equation l + v = f(x). A kind answers for itself; nobody asks for its class or name. A new one is a new
 * class, entered in ReadingKinds.
 */
interface ReadingKind
{
    /** Its name in the job file. */
    public static function name(): string;

    /** The letter that calls it in the reading line. */
    public static function letter(): string;

    /** Its word on screen and paper. */
    public static function word(): string;

    /** What it is, in a few words: “tram between two points”. */
    public static function label(): string;

    /** How one is called out, on a frame whose points are called AL, BL, … */
    public static function example(): string;

    /**
     * What each of its points is to it: the keys of the job file, in the order of the call.
     *
     * @return non-empty-list<string>
     */
    public static function roles(): array;

    /**
     * @param  list<string>  $points  as many as the kind has, in the order of the call
     * @param  ?array{float, float}  $pointers  lengths of the two pointers (mm), where the tool has them
     */
    public static function between(array $points, ?array $pointers): self;

    /** "length" (mm) or "angle" (degrees). */
    public static function quantity(): string;

    /** Standard uncertainty of one careful reading, mm or degrees. */
    public static function usualSigma(): float;

    /** Whether it is a length from one point to another, which may be taken edge to edge. */
    public static function isDistance(): bool;

    /** Whether it tells on which side of its neighbours a point stands, up or down. */
    public static function tellsHeight(): bool;

    /** Whether it changes when the whole frame is moved or turned on the bench. */
    public static function seesBench(): bool;

    /** Whether its tool has pointers whose lengths count. */
    public static function hasPointers(): bool;

    /** The coordinate of its point that it reads straight off the bench: 0 along, 1 across, 2 up; null for none. */
    public static function coordinate(): ?int;

    /** Which reading of a frame it is, whichever end was called first. */
    public function key(): string;

    /** What readings that should give the same number have in common. */
    public function repeatKey(): string;

    /** @return ?array{float, float} lengths of the two pointers (mm), where they are known */
    public function pointers(): ?array;

    /**
     * The same tool laid to other points.
     *
     * @param  list<string>  $points  as many as the kind has
     */
    public function at(array $points): self;

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
