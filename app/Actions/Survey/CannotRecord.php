<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Models\Reading;
use Geodex\Core\Failure\Refusal;

/** A reading that the log does not take. */
final class CannotRecord extends Refusal
{
    /** An id names one reading for good: what came first stays. */
    public const ID_TAKEN = 'reading.id-taken';

    public static function idTaken(Reading $known, string $id): self
    {
        return new self(self::ID_TAKEN, "Another reading has the id “{$id}” already: reading {$known->number}, {$known->kind}, {$known->typed}. This one was not stored; send it with an id of its own.", ['id' => $id, 'number' => $known->number]);
    }

    public static function full(int $max): self
    {
        return new self('reading.log-full', "This survey holds $max readings, which is all that one can. Start a second survey.", ['most' => $max]);
    }
}
