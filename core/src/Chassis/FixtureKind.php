<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis;

/** What is fastened to a rail, made in it, or wrong with it. */
enum FixtureKind: string
{
    case Crossmember = 'crossmember';
    case SpringHanger = 'spring-hanger';
    case AxleSeat = 'axle-seat';
    case LinkMount = 'link-mount';
    case BodyMount = 'body-mount';
    case EngineMount = 'engine-mount';
    case GearboxMount = 'gearbox-mount';
    case SteeringBox = 'steering-box';
    case Tank = 'tank';
    case Bracket = 'bracket';
    case CabEnd = 'back-of-cab';
    case Hole = 'hole';
    case Rivet = 'rivet';
    case Bolt = 'bolt';
    case Weld = 'weld';
    case Bend = 'bend';
    case Crack = 'crack';

    public function words(): string
    {
        return str_replace('-', ' ', $this->value);
    }

    /** Whether it touches the rail; the back of a cab is a place, and nothing is in the way there. */
    public function isOnRail(): bool
    {
        return $this !== self::CabEnd;
    }

    /** Goes through the wall. */
    public function isOpening(): bool
    {
        return in_array($this, [self::Hole, self::Rivet, self::Bolt], true);
    }

    /** Carries the wheels or guides them. */
    public function isSuspension(): bool
    {
        return in_array($this, [self::SpringHanger, self::AxleSeat, self::LinkMount, self::SteeringBox], true);
    }

    /** Holds both rails against twist. */
    public function bracesRails(): bool
    {
        return $this === self::Crossmember;
    }

    /** Whether what hangs there has to be carried by something else when it is taken away. */
    public function carries(): bool
    {
        return ! in_array($this, [self::Hole, self::Rivet, self::Bolt, self::Weld, self::Bend, self::Crack, self::CabEnd], true);
    }
}
