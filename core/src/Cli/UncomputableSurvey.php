<?php

declare(strict_types=1);

namespace Geodex\Core\Cli;

use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Failure\Refusal;
use Geodex\Core\Findings\ChartDoubt;
use Geodex\Core\Units\LengthUnit;

/** A survey that gives no answer, with what is plainly wrong in its chart, a line each. */
final class UncomputableSurvey extends Refusal
{
    /** @param  list<ChartDoubt>  $doubts */
    public static function because(CoreFailure $failure, array $doubts): self
    {
        return new self($failure->errorCode(), implode("\n", [$failure->getMessage(), ...array_map(fn (ChartDoubt $doubt): string => $doubt->text->in(LengthUnit::Millimetre), $doubts)]), $failure->context());
    }
}
