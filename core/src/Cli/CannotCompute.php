<?php

declare(strict_types=1);

namespace Geodex\Core\Cli;

use Geodex\Core\Failure\CoreFailure;

/** The file is good, but nothing can be computed of it. */
final class CannotCompute extends \RuntimeException
{
    public function __construct(CoreFailure $because)
    {
        parent::__construct($because->getMessage(), previous: $because);
    }
}
