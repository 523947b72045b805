<?php

declare(strict_types=1);

namespace Geodex\Core\Simulation\Practice;

/** How hard an exercise is. */
enum PracticeLevel: string
{
    case Apprentice = 'apprentice';
    case Journeyman = 'journeyman';
    case Master = 'master';

    /** Pairs of points. */
    public function rows(): int
    {
        return match ($this) {
            self::Apprentice => 5,
            self::Journeyman => 7,
            self::Master => 9,
        };
    }

    public function damages(): int
    {
        return match ($this) {
            self::Apprentice => 1,
            self::Journeyman => 2,
            self::Master => 3,
        };
    }

    /** @return array{float, float} least and most of a damage (mm) */
    public function amounts(): array
    {
        return match ($this) {
            self::Apprentice => [14.0, 24.0],
            self::Journeyman => [9.0, 18.0],
            self::Master => [6.0, 14.0],
        };
    }

    /** Share of readings that the helper misreads. */
    public function misreads(): float
    {
        return match ($this) {
            self::Apprentice => 0.03,
            self::Journeyman => 0.05,
            self::Master => 0.07,
        };
    }

    /** What the tool's slop is, in usual sigmas. */
    public function slop(): float
    {
        return $this === self::Master ? 1.2 : 1.0;
    }

    /** Readings that a good surveyor needs. */
    public function par(): int
    {
        return match ($this) {
            self::Apprentice => 40,
            self::Journeyman => 60,
            self::Master => 85,
        };
    }
}
