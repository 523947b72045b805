<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators;

use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\Values;

/**
 * One thing that is worked out at the bench, with or without a job. The page among the quick tools and the command are drawn from what it
 * declares. A new one is a new class, entered in Calculators.
 */
interface Calculator
{
    /** Its name on the command line and in addresses. */
    public static function name(): string;

    public static function title(): string;

    /** What it is for, in a sentence or two. */
    public static function purpose(): string;

    /** @return list<Field> */
    public static function fields(): array;

    /** @return list<Result> in the order in which they are read */
    public static function results(): array;

    /** Where the formula is from. */
    public static function source(): string;

    /**
     * @return array<string, mixed> by the names of its results; mm, and not rounded
     *
     * @throws CoreFailure if nothing can be worked out of it
     */
    public function calculate(Values $given): array;
}
