<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Survey\NextReading;
use Geodex\Core\Survey\Outcome;
use Geodex\Core\Survey\Reading\ReadingKinds;

/** A reading worth taking next; mm. */
final readonly class NextProps
{
    /**
     * @param  list<string>  $points
     * @param  string  $call  what to type before the value
     * @param  'deciding'|'unread'|'loose'|'undecided'|'unchecked'  $because
     * @param  list<OutcomeProps>  $outcomes  what each result would mean, ascending
     */
    public function __construct(
        public string $kind,
        public array $points,
        public string $call,
        public ?float $expected,
        public float $gain,
        public int $settles,
        public string $because,
        public array $outcomes,
    ) {}

    public static function from(NextReading $next): self
    {
        return new self(
            kind: $next->kind,
            points: $next->points,
            call: self::callOf($next->kind, $next->points),
            expected: $next->expected,
            gain: $next->gain,
            settles: $next->settles,
            because: $next->because->value,
            outcomes: array_map(fn (Outcome $outcome): OutcomeProps => new OutcomeProps($outcome->value, $outcome->wrong, $outcome->folded), $next->outcomes),
        );
    }

    /**
     * What to type before the value.
     *
     * @param  list<string>  $points
     */
    public static function callOf(string $kind, array $points): string
    {
        $letter = ReadingKinds::named($kind)::letter();

        return ($letter === 't' ? '' : "$letter ").implode(' ', $points);
    }
}
