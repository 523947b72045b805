<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Datum;

/** One way of choosing the base points so that they agree with each other. */
final readonly class DatumChoice
{
    /**
     * @param  list<string>  $base  the points that carry the datum
     * @param  list<DoubtfulBase>  $doubtful  those that are left out
     */
    public function __construct(public array $base, public array $doubtful) {}
}
