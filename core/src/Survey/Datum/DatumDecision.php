<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Datum;

/** What a person decided of a base point, against or before the test. */
final readonly class DatumDecision
{
    /**
     * @param  bool  $carries  whether it carries the datum whatever the test says, or never
     * @param  string  $reason  for the log
     */
    public function __construct(public string $point, public bool $carries, public string $reason) {}
}
