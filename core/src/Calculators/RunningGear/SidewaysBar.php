<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Fields\InvalidFields;

/** A bar across the vehicle from the frame to an axle that rises without rolling: its end moves on a circle. mm. */
final readonly class SidewaysBar
{
    /**
     * @param  array{float, float, float}  $frame
     * @param  array{float, float, float}  $axle
     */
    private function __construct(private array $frame, private array $axle, public float $length) {}

    /**
     * @param  list<float>  $frame
     * @param  list<float>  $axle
     * @param  string  $path  where it stands, with a dot at its end
     *
     * @throws InvalidFields if it does not run across
     */
    public static function between(array $frame, array $axle, string $path): self
    {
        if (abs($axle[1] - $frame[1]) < 1.0) {
            throw InvalidFields::at("{$path}axle", 'the bar does not run across: its ends stand at least 1 mm apart sideways.');
        }

        return new self([$frame[0], $frame[1], $frame[2]], [$axle[0], $axle[1], $axle[2]], sqrt(($axle[0] - $frame[0]) ** 2 + ($axle[1] - $frame[1]) ** 2 + ($axle[2] - $frame[2]) ** 2));
    }

    /** @param  list<float>  $travel */
    public function reaches(array $travel): bool
    {
        return array_filter($travel, fn (float $rise): bool => $this->squared($rise) < 0.0) === [];
    }

    /**
     * Of the axle's end to the right.
     *
     * @throws InvalidFields if it does not reach there
     */
    public function shift(float $rise, string $field): float
    {
        return $this->reaches([$rise]) ? $this->at($rise) - $this->axle[1] : throw InvalidFields::at($field, sprintf('at %g mm the bar does not reach.', $rise));
    }

    /** Degrees, positive when its axle end is higher. */
    public function slope(float $rise): float
    {
        return rad2deg(atan2($this->axle[2] + $rise - $this->frame[2], abs($this->at($rise) - $this->frame[1])));
    }

    /** Height of the bar at an offset. */
    public function heightAt(float $offset): float
    {
        return $this->frame[2] + ($this->axle[2] - $this->frame[2]) * ($offset - $this->frame[1]) / ($this->axle[1] - $this->frame[1]);
    }

    private function at(float $rise): float
    {
        return $this->frame[1] + ($this->axle[1] > $this->frame[1] ? 1 : -1) * sqrt(max(0.0, $this->squared($rise)));
    }

    private function squared(float $rise): float
    {
        return $this->length ** 2 - ($this->axle[0] - $this->frame[0]) ** 2 - ($this->axle[2] + $rise - $this->frame[2]) ** 2;
    }
}
