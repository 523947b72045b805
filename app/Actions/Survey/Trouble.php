<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use Geodex\Core\Failure\CoreFailure;

/** Why a survey cannot be computed, as it can be kept: a thrown failure carries its whole history with it. */
final readonly class Trouble
{
    /** @param  array<string, mixed>  $facts */
    private function __construct(public string $code, public string $message, public array $facts = []) {}

    public static function of(CoreFailure $failure): self
    {
        return new self($failure->errorCode(), $failure->getMessage(), $failure->context());
    }

    /** A fault of Geodex itself, which must not keep people from what they have read. */
    public static function own(): self
    {
        return new self('survey.failed', 'This survey cannot be computed: Geodex has made a mistake, which stands in its log for whoever runs the server. What was read is safe; you can read on, strike and export.');
    }
}
