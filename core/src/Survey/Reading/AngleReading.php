<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Reading;

use Geodex\Core\Geometry\DegenerateGeometry;
use Geodex\Core\Geometry\Vector3;

/**
 * Angle between two tram lines that meet at a point, in degrees, as a bevel laid along both reads it. Design equation
 * l + v = acos(u · w), u and w the directions from the vertex to the first and to the last point (Ghilani, Adjustment Computations, chapter 15,
 * taken to space); partials in degrees per mm.
 */
final readonly class AngleReading implements ReadingKind
{
    use ReadsPlainly;

    /** Below this sine the two lines are one, and their plane turns freely about it. */
    private const MIN_SINE = 1e-4;

    private function __construct(private string $from, private string $vertex, private string $to) {}

    public static function name(): string
    {
        return 'angle';
    }

    public static function letter(): string
    {
        return 'a';
    }

    public static function label(): string
    {
        return 'angle at the middle point between two tram lines, degrees';
    }

    public static function example(): string
    {
        return 'a AL BL BR 90';
    }

    public static function roles(): array
    {
        return ['from', 'vertex', 'to'];
    }

    public static function between(array $points, ?array $pointers): self
    {
        return new self($points[0], $points[1], $points[2]);
    }

    public static function quantity(): string
    {
        return 'angle';
    }

    public static function usualSigma(): float
    {
        return 0.2;
    }

    public static function seesBench(): bool
    {
        return false;
    }

    public function points(): array
    {
        return [$this->from, $this->vertex, $this->to];
    }

    /** The lines may be called either way round; which point they meet at may not. */
    public function key(): string
    {
        $ends = [$this->from, $this->to];
        sort($ends);

        return "angle {$this->vertex} ".implode(' ', $ends);
    }

    public function linearise(array $at): DesignRow
    {
        [$u, $a] = $this->direction($at[$this->vertex], $at[$this->from]);
        [$w, $b] = $this->direction($at[$this->vertex], $at[$this->to]);
        $cosine = max(-1.0, min(1.0, $u->dot($w)));
        $sine = sqrt(1 - $cosine * $cosine);
        if ($sine < self::MIN_SINE) {
            throw DegenerateGeometry::noDirection($sine * min($a, $b));
        }
        $degrees = 180 / M_PI / $sine;
        $first = $u->times($cosine)->minus($w)->times($degrees / $a);
        $last = $w->times($cosine)->minus($u)->times($degrees / $b);
        $middle = $first->plus($last)->times(-1.0);

        return new DesignRow(rad2deg(acos($cosine)), [...$first->toArray(), ...$middle->toArray(), ...$last->toArray()]);
    }

    public function implausible(float $value): ?string
    {
        return $value > 0.0 && $value < 180.0 ? null : sprintf('Two lines meet at more than 0° and less than 180°, not at %g°.', $value);
    }

    /** @return array{Vector3, float} unit vector and length (mm) */
    private function direction(Vector3 $from, Vector3 $to): array
    {
        $line = $to->minus($from);
        $length = $line->norm();
        if ($length < FrameLimits::NO_DIRECTION_MM) {
            throw DegenerateGeometry::noDirection($length);
        }

        return [$line->times(1 / $length), $length];
    }
}
