<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

use Geodex\Core\Geometry\Vector3;

/** Where one point really is, how sure that is, and what it means against its tolerance. */
final readonly class PointResult
{
    /**
     * @param  ?Vector3  $measured  position in chart axes (mm), null if no used reading touches the point
     * @param  ?Vector3  $sigma  standard uncertainty along each axis (mm)
     * @param  ?Vector3  $deviation  measured less chart (mm), null also where the chart does not have the point
     * @param  ?array{bool, bool, bool}  $determined  whether the readings fix x, y and z
     * @param  list<Verdict>  $axes  verdict along x, y and z; empty if unmeasured or not in the chart
     * @param  list<?Reason>  $reasons  why a coordinate is undecided, along x, y and z
     * @param  list<array{float, float}>  $hull  the interval that all explanations together leave of each deviation (mm)
     * @param  ?Vector3  $expanded  half the 95 % interval along each axis (mm)
     */
    public function __construct(
        public string $id,
        public ?Vector3 $measured,
        public ?Vector3 $sigma,
        public ?Vector3 $deviation,
        public ?array $determined,
        public array $axes,
        public Verdict $verdict,
        public array $reasons = [],
        public array $hull = [],
        public ?Vector3 $expanded = null,
    ) {}

    /** Why it is undecided: the gravest reason of its coordinates. */
    public function reason(): ?Reason
    {
        $reasons = array_filter($this->reasons);
        usort($reasons, fn (Reason $a, Reason $b): int => $a->rank() <=> $b->rank());

        return $reasons[0] ?? null;
    }

    public static function unmeasured(string $id): self
    {
        return new self(id: $id, measured: null, sigma: null, deviation: null, determined: null, axes: [], verdict: Verdict::Unmeasured);
    }

    /**
     * The axis that the verdict rests on: of those with the point's verdict, the one furthest into its tolerance.
     *
     * @param  list<float>  $tolerance  mm along x, y, z
     * @return ?int 0, 1 or 2; null if unmeasured
     */
    public function decidingAxis(array $tolerance): ?int
    {
        $deciding = null;
        $max = -INF;
        foreach ($this->axes as $axis => $verdict) {
            $reach = (abs($this->deviation?->toArray()[$axis] ?? 0.0) + ($this->expanded?->toArray()[$axis] ?? 0.0)) / $tolerance[$axis];
            if ($verdict === $this->verdict && $reach > $max) {
                [$deciding, $max] = [$axis, $reach];
            }
        }

        return $deciding;
    }

    public function isDetermined(): bool
    {
        return $this->determined === [true, true, true];
    }
}
