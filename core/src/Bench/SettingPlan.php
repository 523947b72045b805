<?php

declare(strict_types=1);

namespace Geodex\Core\Bench;

use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/** How the vehicle sits on the bench, what to move, and whether it may be tacked. */
final readonly class SettingPlan implements BenchPlan
{
    /** A twist of less is told by nobody (mm). */
    private const TWIST_MM = 0.5;

    /**
     * @param  float  $frontOff  middle of the front pair right of the centreline (mm)
     * @param  float  $rearOff  middle of the rear pair right of the centreline (mm)
     * @param  float  $roll  right side higher than left, mean of both ends (mm)
     * @param  float  $twist  roll of the rear less roll of the front (mm): twist of the vehicle itself, no lift takes it out
     * @param  float  $worst  largest of what is left to move (mm)
     * @param  list<SupportMove>  $moves  front first
     * @param  list<Sentence>  $left  what keeps it from being tacked
     */
    public function __construct(
        public float $frontOff,
        public float $rearOff,
        public float $roll,
        public float $twist,
        public float $worst,
        public bool $readyToTack,
        public array $moves,
        public array $left,
    ) {}

    /** @return list<Sentence> what it comes to */
    public function says(): array
    {
        if ($this->left !== []) {
            return [Sentence::of('setting.not-ready', 'Not ready to tack: {left}.', left: Sentence::joined('setting.off', '; ', $this->left))];
        }
        $says = [Sentence::of('setting.ready', 'Ready to tack: everything is within tolerance.')];
        if (abs($this->twist) > self::TWIST_MM) {
            $says[] = Sentence::of('setting.twisted', 'The vehicle itself is twisted by {by} from front to rear; no lift takes that out.', by: Measure::computed(abs($this->twist)));
        }

        return $says;
    }

    /** Largest of the moves (mm). */
    public function largestMove(): float
    {
        return max([0.0, ...array_merge([], ...array_map(fn (SupportMove $move): array => [abs($move->right), abs($move->liftLeft), abs($move->liftRight)], $this->moves))]);
    }
}
