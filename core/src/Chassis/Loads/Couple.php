<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis\Loads;

use Geodex\Core\Structure\AxleSupport;

/**
 * What turns a frame nose down without pressing on it: a push along the frame above or below its rails. It goes in as two equal and
 * opposite forces, over the length of a spread mass, at the hangers of an axle, or on the feet of what stands at a point.
 */
final readonly class Couple
{
    /** Half the distance of the feet of something at a point (mm). */
    public const FEET_MM = 50.0;

    /** @param  float  $moment  nose down positive (N·mm) */
    private function __construct(public float $from, public float $to, public float $moment) {}

    public static function at(float $station, float $moment): self
    {
        return new self($station - self::FEET_MM, $station + self::FEET_MM, $moment);
    }

    public static function over(float $from, float $to, float $moment): self
    {
        return new self($from, $to, $moment);
    }

    public static function of(AxleSupport $axle, float $moment): self
    {
        return $axle->hangers === null ? self::at($axle->station, $moment) : new self($axle->hangers[0], $axle->hangers[1], $moment);
    }

    /** @return list<array{float, float}> station (mm) and weight (N, down) */
    public function forces(): array
    {
        $force = $this->moment / ($this->to - $this->from);

        return [[$this->from, $force], [$this->to, -$force]];
    }
}
