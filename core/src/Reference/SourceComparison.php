<?php

declare(strict_types=1);

namespace Geodex\Core\Reference;

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Words\Sentence;

/** Two sources for one frame, held against each other and against what was read. */
final readonly class SourceComparison
{
    /**
     * @param  array<string, Vector3>  $differences  second less first (mm), laid on what they agree on
     * @param  list<SourceRegion>  $regions  from the front
     * @param  list<string>  $only  points that only one of them has
     */
    public function __construct(public array $differences, public array $regions, public array $only, public Sentence $text) {}
}
