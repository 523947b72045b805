<?php

declare(strict_types=1);

namespace App\Http\Props;

/** A step that another one waits for. */
final readonly class WaitProps
{
    public function __construct(public string $id, public string $title) {}
}
