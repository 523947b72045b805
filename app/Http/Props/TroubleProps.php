<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Actions\Survey\Trouble;
use Geodex\Core\Failure\CoreFailure;

/** Why something cannot be computed, and what to do. */
final readonly class TroubleProps
{
    public function __construct(public string $code, public string $message) {}

    public static function kept(Trouble $trouble): self
    {
        return new self($trouble->code, $trouble->message);
    }

    public static function from(CoreFailure $failure): self
    {
        return new self($failure->errorCode(), $failure->getMessage());
    }
}
