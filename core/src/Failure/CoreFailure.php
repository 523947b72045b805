<?php

declare(strict_types=1);

namespace Geodex\Core\Failure;

/**
 * Everything the core refuses to do. The message is a sentence a technician can act on and is safe to show;
 * the code is stable, so that an interface may say it in its own words.
 */
interface CoreFailure extends \Throwable
{
    public function errorCode(): string;

    /** @return array<string, mixed> ids, values (mm, degrees) that the sentence speaks of */
    public function context(): array;
}
