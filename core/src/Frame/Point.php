<?php

declare(strict_types=1);

namespace Geodex\Core\Frame;

use Geodex\Core\Geometry\Vector3;

/** A reference point of the frame, with where the chart wants it. */
final readonly class Point
{
    /**
     * @param  string  $id  as called out across the frame, such as "B-L"
     * @param  ?string  $mate  id of the point that it mirrors
     * @param  ?Vector3  $reference  chart position (mm), null without a chart
     * @param  bool  $base  taken as undamaged, so that it holds the datum
     * @param  ?Vector3  $referenceSigma  standard uncertainty of the reference (mm), where it was measured itself
     */
    public function __construct(
        public string $id,
        public string $name,
        public Side $side,
        public ?string $mate,
        public ?Feature $feature,
        public ?Vector3 $reference,
        public Tolerance $tolerance,
        public bool $base,
        public ?Vector3 $referenceSigma = null,
    ) {}

    /** The same point with another reference, which rules out the uncertainty of the old one. */
    public function at(?Vector3 $reference, ?Vector3 $sigma = null, ?bool $base = null): self
    {
        return new self(
            id: $this->id,
            name: $this->name,
            side: $this->side,
            mate: $this->mate,
            feature: $this->feature,
            reference: $reference,
            tolerance: $this->tolerance,
            base: $base ?? $this->base,
            referenceSigma: $sigma,
        );
    }
}
