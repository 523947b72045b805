<?php

declare(strict_types=1);

namespace App\Documents;

use App\Models\Job;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\JobFile\InvalidFile;
use RuntimeException;

/** A stored job that core cannot read. It should not be there; that it is must not take the rest of the shop with it. */
final class UnreadableJob extends RuntimeException
{
    private const TOLD = 3;

    public function __construct(public readonly Job $job, CoreFailure $because)
    {
        $faults = $because instanceof InvalidFile ? array_slice($because->problems(), 0, self::TOLD) : [];
        parent::__construct($faults === [] ? $because->getMessage() : implode(' ', array_map(strval(...), $faults)), 0, $because);
    }
}
