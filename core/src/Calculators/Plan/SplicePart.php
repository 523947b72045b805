<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plan;

use Geodex\Core\Structure\StackedRectangles;

/** A sleeve or plate across a joint of a rail, with how it is fastened on each side. */
final readonly class SplicePart
{
    public function __construct(
        public string $id,
        public bool $isFlangePlate,
        public StackedRectangles $section,
        public float $yield,
        public SpliceFastening $front,
        public SpliceFastening $rear,
    ) {}

    public function on(string $side): SpliceFastening
    {
        return $side === 'front' ? $this->front : $this->rear;
    }
}
