<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Shop\Shop;

/** Lays operations on a chart, from the front. */
final readonly class FramePlanner
{
    public function __construct(private Shop $shop = new Shop) {}

    /**
     * @param  list<Operation>  $operations
     *
     * @throws InvalidPlan if a cut lies off the frame or two operations overlap
     */
    public function plan(Frame $frame, array $operations, ?Chassis $chassis = null): PlannedFrame
    {
        usort($operations, fn (Operation $a, Operation $b): int => $a->station() <=> $b->station());
        $draft = FrameDraft::of($frame, $this->shop, $chassis);
        foreach ($operations as $operation) {
            $draft = $operation->apply($draft);
        }
        $target = [];
        foreach ($frame->points as $point) {
            $target[$point->id] = $draft->target($point);
        }
        $planned = $draft->planned();

        return new PlannedFrame(
            frame: $planned,
            chassis: (new ChassisMover($draft->shifts))->moved($draft->chassis),
            draft: $draft,
            shifts: $draft->shifts,
            target: $target,
            wheelbaseBefore: $frame->wheelbase(),
            wheelbaseAfter: $planned->wheelbase(),
            carried: array_values(array_filter(array_map($draft->shifts->change(...), $frame->carried))),
            witness: $draft->witness,
            cuts: $draft->cuts,
            warnings: array_merge(...array_map(fn (Operation $operation): array => $operation->checks($draft), $operations)),
        );
    }
}
