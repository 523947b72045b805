<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

/** Another way of doing the same job, kept beside the one in force. */
final readonly class Variant
{
    public const LETTERS = ['A', 'B', 'C'];

    /** @param  list<Operation>  $operations */
    public function __construct(public string $letter, public array $operations) {}
}
