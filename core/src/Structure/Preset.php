<?php

declare(strict_types=1);

namespace Geodex\Core\Structure;

/** A rail as it is bought: its outline, and what its walls do in torsion. A new kind is a new class, entered in Presets. */
interface Preset
{
    public static function kind(): string;

    /** @return list<array{Outline, int}> outlines with +1 for material and −1 for a hollow */
    public function outlines(): array;

    /** Σ b t³ / 3 over the mid-lines of an open section (mm⁴); 0 for a closed one. */
    public function openConstant(): float;

    /** The cell that its own walls make, null for an open one. */
    public function cell(): ?Cell;

    /** Thickest wall (mm). */
    public function thickestWall(): float;

    /** @return array{y: float, z: float, fromWebMidline?: float} its shear centre, alone */
    public function shearCentre(): array;
}
