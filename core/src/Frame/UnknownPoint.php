<?php

declare(strict_types=1);

namespace Geodex\Core\Frame;

use Geodex\Core\Failure\Refusal;

/** A point was called that the job does not have. */
final class UnknownPoint extends Refusal
{
    /** @param  list<string>  $known */
    public static function named(string $id, array $known): self
    {
        $plain = fn (string $text): string => strtoupper(str_replace(['-', '_', '.'], '', $text));
        $near = array_slice(array_values(array_filter($known, fn (string $k): bool => strlen($id) < 40 && levenshtein($plain($id), $plain($k)) <= 1)), 0, 4);
        $hint = $near === [] ? '' : ' Did you mean '.implode(' or ', $near).'?';

        return new self('point.unknown', "There is no point “{$id}” in this job.$hint", ['id' => $id, 'near' => $near]);
    }

    public static function withoutPlace(string $id): self
    {
        return new self('point.without-place', "The chart has no position for $id, so there is nothing to simulate a frame of. Enter the chart first.", ['id' => $id]);
    }
}
