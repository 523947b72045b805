<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Geometry\Vector3;

/** The pivots of an upright on its arms, or on an arm and a strut, when the lower one goes up; both arms swing in the front view. */
final readonly class ArmsInFront
{
    private function __construct(private Vector3 $upper, private Vector3 $lower, private Vector3 $lowerInner, private ?Vector3 $upperInner) {}

    /** @throws InvalidFields if a double arm has no upper one */
    public static function of(?Values $given, Vector3 $upper, Vector3 $lower): ?self
    {
        if ($given === null) {
            return null;
        }
        $isStrut = $given->text('kind') === 'strut';
        if ($isStrut === $given->has('upperInner')) {
            throw InvalidFields::at('arms.upperInner', $isStrut ? 'a strut has no upper arm.' : 'missing: the upper arm at the frame.');
        }

        return new self($upper, $lower, $given->place('lowerInner') ?? throw InvalidFields::at('arms.lowerInner', 'missing.'), $given->place('upperInner'));
    }

    /** @return ?array{Vector3, Vector3} upper and lower pivot; null where the arms do not reach */
    public function raised(float $rise): ?array
    {
        $radius = hypot($this->lower->y - $this->lowerInner->y, $this->lower->z - $this->lowerInner->z);
        $z = $this->lower->z + $rise;
        $across = $radius ** 2 - ($z - $this->lowerInner->z) ** 2;
        if ($across < 0.0) {
            return null;
        }
        $lower = Vector3::of($this->lower->x, $this->lowerInner->y + ($this->lower->y >= $this->lowerInner->y ? 1 : -1) * sqrt($across), $z);
        $upper = $this->upperInner === null ? $this->upper : $this->meet($lower, $this->upperInner);

        return $upper === null ? null : [$upper, $lower];
    }

    /** The higher of both places where the upright's length and the upper arm meet. */
    private function meet(Vector3 $lower, Vector3 $inner): ?Vector3
    {
        $upright = $this->upper->minus($this->lower);
        [$r1, $r2] = [hypot($upright->y, $upright->z), hypot($this->upper->y - $inner->y, $this->upper->z - $inner->z)];
        [$dy, $dz] = [$inner->y - $lower->y, $inner->z - $lower->z];
        $apart = hypot($dy, $dz);
        if ($apart < 1e-9) {
            return null;
        }
        $along = ($r1 ** 2 - $r2 ** 2 + $apart ** 2) / (2 * $apart);
        $off = $r1 ** 2 - $along ** 2;
        if ($off < 0.0) {
            return null;
        }
        $places = array_map(fn (int $sign): Vector3 => Vector3::of($this->upper->x, $lower->y + ($along * $dy - $sign * sqrt($off) * $dz) / $apart, $lower->z + ($along * $dz + $sign * sqrt($off) * $dy) / $apart), [1, -1]);

        return $places[0]->z >= $places[1]->z ? $places[0] : $places[1];
    }
}
