<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Instrument;

use Geodex\Core\Survey\Reading\ReadingKind;

/** A tool of the shop, and what its last check found (mm, or degrees for a level). */
final readonly class Instrument
{
    /** A check is good for a quarter of a year, by the custom of careful shops; a dropped tool is checked at once. */
    public const CHECK_GOOD_FOR_DAYS = 90;

    /**
     * @param  ?float  $reach  longest length it takes (mm), null without limit
     * @param  ?float  $sigma  standard uncertainty of one reading, null for the usual one of each reading kind
     * @param  float  $offset  what it reads too much; taken off every reading
     *
     * @throws UnusableInstrument if a figure is not more than zero
     */
    public function __construct(
        public string $id,
        public string $name,
        public InstrumentKind $kind,
        public ?float $reach = null,
        public ?float $sigma = null,
        public float $offset = 0.0,
    ) {
        foreach (["The reach of $name" => $reach, "The sigma of $name" => $sigma] as $what => $value) {
            if ($value !== null && (! is_finite($value) || $value <= 0.0)) {
                throw UnusableInstrument::notPositive($what, $value);
            }
        }
    }

    /**
     * @param  class-string<ReadingKind>  $kind
     *
     * @throws UnusableInstrument if the tool takes no such reading
     */
    public function mustRead(string $kind): void
    {
        if (! in_array($kind::name(), $this->kind->reads(), true)) {
            throw UnusableInstrument::cannotRead($this->name, $this->kind->words(), $kind::name());
        }
    }

    /** @param  ?int  $daysAgo  age of the last check, null if there was none */
    public static function needsCheck(?int $daysAgo): bool
    {
        return $daysAgo === null || $daysAgo > self::CHECK_GOOD_FOR_DAYS;
    }
}
