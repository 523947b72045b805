<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis\Loads;

use Geodex\Core\Failure\Refusal;

/** What is entered of a frame does not tell how it is loaded. */
final class CannotLoad extends Refusal
{
    public static function noAxles(): self
    {
        return new self('loads.no-axles', 'A frame stands on two axles at least: enter them on the page Frame, with their stations.');
    }

    public static function noMass(): self
    {
        return new self('loads.no-mass', 'No mass is entered: give engine, cab, body and load on the page Frame, each with its station.');
    }

    public static function noRailHeight(): self
    {
        return new self('loads.no-rail-height', 'How high the middle of the rails stands above the ground is not given: enter it with an axle on the page Frame.');
    }

    public static function noRail(): self
    {
        return new self('loads.no-rail', 'No rail is entered there: enter it on the page Frame, or give another station.');
    }

    public static function noShearCentre(): self
    {
        return new self('loads.no-shear-centre', 'The shear centre of a rail with a liner or a plate on its web is not known here: take the quick tool, with the numbers of the section.');
    }

    public static function notHeld(): self
    {
        return new self('loads.not-held', 'A crossmember before it and one behind it hold a rail against twist: enter them on the page Frame.');
    }

    public static function oneStation(): self
    {
        return new self('loads.one-station', 'All axles stand at one station: correct them on the page Frame.');
    }
}
