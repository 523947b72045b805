<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

/** What a stretch and a shorten have in common. */
trait ChangesLength
{
    /**
     * @param  float  $at  station of the front cut (mm)
     * @param  float  $length  along the rail (mm), more than zero
     *
     * @throws InvalidPlan if no frame is changed by that length
     */
    public function __construct(private readonly string $id, private readonly float $at, public readonly float $length, private readonly Cutting $cutting = new Cutting)
    {
        if (! is_finite($length) || $length < 1.0 || $length > InvalidPlan::GREATEST_LENGTH_MM) {
            throw InvalidPlan::length($id, $length);
        }
    }

    public function id(): string
    {
        return $this->id;
    }

    public function from(): float
    {
        return $this->at;
    }

    public function cutting(): Cutting
    {
        return $this->cutting;
    }
}
