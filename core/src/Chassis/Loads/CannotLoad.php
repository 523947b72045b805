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

    public static function oneStation(): self
    {
        return new self('loads.one-station', 'All axles stand at one station: correct them on the page Frame.');
    }
}
