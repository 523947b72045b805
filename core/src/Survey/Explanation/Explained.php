<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Explanation;

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Internal\Network;
use Geodex\Core\Survey\Reading\Reading;

/** All explanations of a survey, and the linear network that they were found in. */
final readonly class Explained
{
    /**
     * @param  non-empty-list<Explanation>  $explanations  the one that is told first, first
     * @param  list<Reading>  $kept  readings that the first one uses, in the order of the log
     * @param  array<string, Vector3>  $start  where to start from (mm)
     * @param  bool  $beyond  whether there are more than can be told
     */
    public function __construct(public array $explanations, public array $kept, public array $start, public Network $network, public LeftOutAlgebra $algebra, public bool $beyond) {}
}
