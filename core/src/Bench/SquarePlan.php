<?php

declare(strict_types=1);

namespace Geodex\Core\Bench;

use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/** How far the bench is from a rectangle, and which corner moves how far with the front beam held. */
final readonly class SquarePlan implements BenchPlan
{
    /** Lengths that contradict each other by less are as good as they get (mm). */
    private const MISCLOSURE_MM = 0.5;

    /**
     * @param  ?float  $rack  how far the right side sits rearward of the left (mm), null where no length tells
     * @param  float  $unequal  diagonal from front left less the other (mm)
     * @param  float  $misclosure  largest contradiction among the six lengths (mm)
     * @param  list<CornerMove>  $moves  of the rear corners; none after a quick round from the diagonals alone
     * @param  Sentence  $text  what it comes to
     * @param  float  $worst  largest of the differences that should vanish (mm)
     */
    public function __construct(public ?float $rack, public float $unequal, public float $misclosure, public bool $square, public array $moves, public Sentence $text, public float $worst) {}

    /** @return list<Sentence> what it comes to */
    public function says(): array
    {
        $says = [$this->text];
        if (! $this->square && $this->rack !== null && $this->moves !== []) {
            $says[] = Sentence::of('square.rack', 'By its diagonals the {side} side sits {by} rearward.', side: $this->rack > 0 ? 'right' : 'left', by: Measure::computed(abs($this->rack)));
        }
        if ($this->misclosure > self::MISCLOSURE_MM) {
            $says[] = Sentence::of('square.misclosure', 'The six lengths contradict each other by {by}; measure the odd one again.', by: Measure::computed($this->misclosure));
        }

        return $says;
    }

    /** Largest of the moves (mm). */
    public function largestMove(): float
    {
        return max([0.0, ...array_map(fn (CornerMove $move): float => hypot($move->rearward, $move->right), $this->moves)]);
    }
}
