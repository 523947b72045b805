<?php

declare(strict_types=1);

namespace App\Http\Props;

/** A station on the rail of a job. */
final readonly class StageProps
{
    /** @param  'done'|'open'|'waiting'  $state */
    public function __construct(public string $key, public string $label, public string $href, public string $state) {}
}
