<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunSheet;

/** One step of the work. */
final readonly class WorkStep
{
    /**
     * @param  string  $state  how the vehicle stands for it; empty for any
     * @param  list<string>  $needs  steps
     * @param  list<string>  $inside  zones that it has to reach
     * @param  list<string>  $closes  zones that cannot be reached after it
     */
    public function __construct(public string $id, public string $kind, public string $joint, public string $state, public float $minutes, public array $needs, public array $inside, public array $closes) {}
}
