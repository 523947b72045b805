<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Reading;

use Geodex\Core\Geometry\DegenerateGeometry;

/**
 * Length along the tram bar. With pointers of unequal length the bar is tilted against the line between the points:
 * design equation l + v = √(d² − q²), d = |Q − P|, q the pointer difference; equal pointers have q = 0.
 */
final readonly class TramReading implements ReadingKind
{
    use ReadsPlainly;

    /** @param  ?array{float, float}  $pointers lengths of the two pointers (mm) */
    private function __construct(private string $from, private string $to, private ?array $pointers) {}

    public static function name(): string
    {
        return 'tram';
    }

    public static function letter(): string
    {
        return 't';
    }

    public static function label(): string
    {
        return 'tram between two points';
    }

    public static function example(): string
    {
        return 'BL DR 1204';
    }

    public static function between(array $points, ?array $pointers): self
    {
        return new self($points[0], $points[1], $pointers);
    }

    public static function roles(): array
    {
        return ['from', 'to'];
    }

    public static function seesBench(): bool
    {
        return false;
    }

    public static function hasPointers(): bool
    {
        return true;
    }

    public static function usualSigma(): float
    {
        return 1.0;
    }

    public function points(): array
    {
        return [$this->from, $this->to];
    }

    public function pointers(): ?array
    {
        return $this->pointers;
    }

    /** Pointers are part of the thing: others, another reading. */
    public function repeatKey(): string
    {
        return $this->key().' '.($this->pointers === null ? 0.0 : abs($this->pointers[0] - $this->pointers[1]));
    }

    public static function isDistance(): bool
    {
        return true;
    }

    public function linearise(array $at): DesignRow
    {
        [$p, $q] = [$at[$this->from], $at[$this->to]];
        [$x, $y, $z] = [$q->x - $p->x, $q->y - $p->y, $q->z - $p->z];
        $squared = $x * $x + $y * $y + $z * $z;
        $difference = $this->pointers === null ? 0.0 : $this->pointers[0] - $this->pointers[1];
        $along = $squared - $difference * $difference;
        if ($squared < FrameLimits::NO_DIRECTION_MM ** 2) {
            throw DegenerateGeometry::noDirection(sqrt($squared));
        }
        if ($along <= FrameLimits::NO_DIRECTION_MM ** 2) {
            throw DegenerateGeometry::shorterThanPointers($this->from, $this->to, sqrt($squared));
        }
        $length = sqrt($along);

        return new DesignRow($length, [-$x / $length, -$y / $length, -$z / $length, $x / $length, $y / $length, $z / $length]);
    }

    public function implausible(float $value): ?string
    {
        return FrameLimits::span($value) ?? FrameLimits::pointers($this->pointers);
    }
}
