<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet\Holds;

/** What is measured before the work goes on past a step; mm. */
final readonly class Hold
{
    /**
     * @param  string  $what  that is read
     * @param  ?float  $target  what it has to come to at the end; null where it is not one number
     * @param  ?float  $tolerance  about the target
     * @param  string  $stage  of the weld that it is read at: tack, root, stage or cold
     * @param  ?float  $pending  what shrinkage is expected to change it by yet; null where nothing is known of it
     * @param  ?float  $pendingSigma  how well that is known
     * @param  int  $cases  of the shop that it rests on
     * @param  list<'look'|'marks'|'heights'|'survey'|'picture'>  $ways  in which it may be settled, the best first
     */
    public function __construct(public string $what, public ?float $target = null, public ?float $tolerance = null, public string $stage = 'cold', public ?float $pending = null, public ?float $pendingSigma = null, public int $cases = 0, public array $ways = ['look']) {}

    public function allows(string $way): bool
    {
        return in_array($way, $this->ways, true);
    }

    /**
     * Readings between which the work goes on, for where nobody can be asked; null where there is nothing to read, or none does.
     *
     * @param  float  $sigma  of a reading
     * @return ?array{float, float}
     */
    public function goesOnBetween(float $sigma): ?array
    {
        if ($this->target === null || $this->tolerance === null) {
            return null;
        }
        $verdict = HoldVerdict::ofReading($this, $this->target, $sigma);
        [$shift, $room] = [$verdict->number('expected'), $verdict->number('limit') - $verdict->number('uncertainty')];

        return $room < 0.0 ? null : [$this->target - $shift - $room, $this->target - $shift + $room];
    }
}
