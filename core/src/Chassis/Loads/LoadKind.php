<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis\Loads;

/** A way in which the frame is loaded. */
enum LoadKind: string
{
    case Empty = 'empty';
    case Laden = 'laden';
    case Forward = 'load-forward';
    case Rearward = 'load-rearward';
    case Tipping = 'tipping';
    case Braking = 'braking';
    case JackedFront = 'jacked-front';
    case JackedRear = 'jacked-rear';

    public function words(): string
    {
        return match ($this) {
            self::Empty => 'empty',
            self::Laden => 'laden',
            self::Forward => 'load forward',
            self::Rearward => 'load rearward',
            self::Tipping => 'tipping',
            self::Braking => 'braking',
            self::JackedFront => 'front jacked up',
            self::JackedRear => 'rear jacked up',
        };
    }

    /** What is done with what comes and goes. */
    public function assumes(): string
    {
        return match ($this) {
            self::Empty => 'without the load',
            self::Laden => 'each load spread as it is entered',
            self::Forward => 'each spread load in the front half of its length',
            self::Rearward => 'each spread load in the rear half of its length',
            self::Tipping => 'each load that tips on a hinge at the rear end of its length',
            self::Braking => 'laden, each mass pushing forward at its height, both axles braked by what they carry',
            self::JackedFront => 'without the load, held under the front end of the rails and by the rear axle',
            self::JackedRear => 'without the load, held under the rear end of the rails and by the front axle',
        };
    }

    /** Whether only what is always there stands on the frame. */
    public function isEmpty(): bool
    {
        return $this === self::Empty || $this->isJacked();
    }

    /** Whether its sag and frequency say anything: they compare frames that stand on their wheels. */
    public function isStanding(): bool
    {
        return ! $this->isJacked() && $this !== self::Braking;
    }

    /** A frame that stands on a jack is not shaken: its stress is taken without the dynamic factor. */
    public function isJacked(): bool
    {
        return $this === self::JackedFront || $this === self::JackedRear;
    }
}
