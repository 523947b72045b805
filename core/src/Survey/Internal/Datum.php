<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

use Geodex\Core\Geometry\RigidMotion;
use Geodex\Core\Geometry\Vector3;

/** Which base points hold the frame on its chart, and the motion that lays it there. */
final readonly class Datum
{
    /** @param  list<string>  $base */
    public function __construct(public array $base, public RigidMotion $motion) {}

    /**
     * @param  array<string, Vector3>  $bench  positions on the bench
     * @return array<string, Vector3> in the axes of the chart
     */
    public function placed(array $bench): array
    {
        return array_map($this->motion->apply(...), $bench);
    }

    /**
     * @param  array<int, float>  $partials  by x, y, z of each point, in bench axes
     * @return list<float> in chart axes
     */
    public function turned(array $partials): array
    {
        $turned = [];
        for ($k = 0, $n = count($partials); $k < $n; $k += 3) {
            array_push($turned, ...$this->motion->turn(Vector3::of($partials[$k], $partials[$k + 1], $partials[$k + 2]))->toArray());
        }

        return $turned;
    }
}
