<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

use Geodex\Core\Survey\Datum\DatumChoice;
use Geodex\Core\Survey\Datum\DoubtfulBase;
use Geodex\Core\Survey\Explanation\Explanation;
use Geodex\Core\Survey\Internal\SolvedNetwork;

/** All that the readings of one survey say. */
final readonly class SurveyResult
{
    /**
     * @param  list<PointResult>  $points  every point of the job in its order
     * @param  list<ReadingResult>  $readings  every reading in the order of the log
     * @param  list<string>  $base  base points that hold the datum
     * @param  SolvedNetwork  $solved  the network behind it, for those that reason further from it
     * @param  non-empty-list<Explanation>  $explanations  the one that is told first, first
     * @param  list<Alternative>  $alternatives  every other way to understand the readings
     * @param  list<DatumChoice>  $choices  of points that carry the datum, the one taken first
     * @param  bool  $beyond  whether there are more explanations than can be told
     */
    public function __construct(
        public NetworkSummary $network,
        public array $points,
        public array $readings,
        public array $base,
        public Covariance $covariance,
        public SolvedNetwork $solved,
        public array $explanations,
        public array $alternatives = [],
        public array $choices = [],
        public bool $beyond = false,
    ) {}

    /** @return list<DoubtfulBase> base points that others contradict, of every choice that agrees with itself; the best first */
    public function doubtfulBase(): array
    {
        $doubtful = [];
        foreach ($this->choices as $choice) {
            foreach ($choice->doubtful as $point) {
                $doubtful[$point->id] ??= $point;
            }
        }

        return array_values($doubtful);
    }

    /** Whether the readings can be explained in more than one way. */
    public function isAmbiguous(): bool
    {
        return count($this->explanations) > 1;
    }

    public function point(string $id): ?PointResult
    {
        foreach ($this->points as $point) {
            if ($point->id === $id) {
                return $point;
            }
        }

        return null;
    }
}
