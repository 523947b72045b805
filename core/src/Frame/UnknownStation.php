<?php

declare(strict_types=1);

namespace Geodex\Core\Frame;

use Geodex\Core\Failure\Refusal;

/** A station was given from something that is not there, or that has none. */
final class UnknownStation extends Refusal
{
    private const NAMED = 12;

    /** @param  list<string>  $known */
    public static function named(string $name, array $known): self
    {
        $some = $known === [] ? 'this job has neither points nor axles' : 'known are '.implode(', ', array_slice($known, 0, self::NAMED)).(count($known) > self::NAMED ? ' and '.(count($known) - self::NAMED).' more' : '');

        return new self('frame.unknown-station', "There is no point or axle “{$name}” to measure from; {$some}. Write it like “350 behind CL” or “120 ahead of rear axle”.", ['name' => $name]);
    }

    public static function notCharted(string $name): self
    {
        return new self('frame.no-station', "“{$name}” has no station yet: the chart does not give its place. Give it there, or measure from another point.", ['name' => $name]);
    }
}
