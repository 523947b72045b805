<?php

declare(strict_types=1);

namespace Geodex\Core\Bench;

use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/** How the bench stands, and the turns that level it. */
final readonly class LevelPlan implements BenchPlan
{
    /** What a level cannot show is not told (mm). */
    private const SEEN_MM = 0.05;

    /**
     * @param  float  $along  rise of the plane through the corners from front to rear (mm)
     * @param  float  $across  rise of that plane from left to right (mm)
     * @param  float  $twist  how far each corner stands off that plane (mm); front left and rear right high is positive
     * @param  float  $spread  highest less lowest corner (mm)
     * @param  list<ScrewTurn>  $turns
     */
    public function __construct(
        public float $along,
        public float $across,
        public float $twist,
        public float $spread,
        public bool $level,
        public array $turns,
        public float $misclosure,
    ) {}

    /** @return list<Sentence> what it comes to */
    public function says(): array
    {
        $says = [
            $this->level
                ? Sentence::of('level.level', 'Level: the corners are within {spread}.', spread: Measure::computed($this->spread))
                : Sentence::of('level.out', 'The corners differ by {spread}.', spread: Measure::computed($this->spread)),
            Sentence::of(
                'level.plane', 'The plane through them {along} {rise} rearward and {across} {fall} to the right.',
                along: $this->along < 0 ? 'falls' : 'rises', rise: Measure::computed(abs($this->along)), across: $this->across < 0 ? 'falls' : 'rises', fall: Measure::computed(abs($this->across)),
            ),
        ];
        if (abs($this->twist) > self::SEEN_MM) {
            $says[] = Sentence::of('level.twisted', 'No plane fits better than {twist}: the bench itself is twisted.', twist: Measure::computed(abs($this->twist)));
        }
        if (abs($this->misclosure) > self::SEEN_MM) {
            $says[] = Sentence::of('level.misclosure', 'Round the four beams the level is out with itself by {by}; turn it end for end and read again.', by: Measure::computed(abs($this->misclosure)));
        }

        return $says;
    }

    /** Largest of the moves (mm). */
    public function largestMove(): float
    {
        return max([0.0, ...array_map(fn (ScrewTurn $turn): float => abs($turn->change), $this->turns)]);
    }
}
