<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

/** A reading worth taking. */
final readonly class NextReading
{
    /**
     * @param  string  $kind  name of the reading kind
     * @param  list<string>  $points
     * @param  float  $expected  what it should read (mm), null where no chart tells
     * @param  float  $gain  share of the undecided variance that it removes, 0 to 1; 1 for one that reaches an unread or loose point
     * @param  int  $settles  number of coordinates that it is expected to decide
     * @param  list<Outcome>  $outcomes  what each result would mean, where it tells explanations apart
     */
    public function __construct(
        public string $kind,
        public array $points,
        public ?float $expected,
        public float $gain,
        public int $settles,
        public ReasonToRead $because,
        public array $outcomes = [],
    ) {}
}
