<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

use Geodex\Core\Survey\Internal\SolvedNetwork;

/** All that the readings of one survey say. */
final readonly class SurveyResult
{
    /**
     * @param  list<PointResult>  $points  every point of the job in its order
     * @param  list<ReadingResult>  $readings  every reading in the order of the log
     * @param  list<string>  $base  base points that hold the datum
     * @param  SolvedNetwork  $solved  the network behind it, for those that reason further from it
     */
    public function __construct(
        public NetworkSummary $network,
        public array $points,
        public array $readings,
        public array $base,
        public Covariance $covariance,
        public SolvedNetwork $solved,
    ) {}

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
