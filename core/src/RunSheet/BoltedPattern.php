<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet;

/** What a kept sheet of fasteners asks of the run sheet: how a bolt pattern is drilled, or to what its bolts are drawn up. */
final readonly class BoltedPattern
{
    private function __construct(public string $id, public string $title, public bool $isDrilled) {}

    /**
     * By the forecast of its fit: all holes, all but one that is drilled through when the others are in, or from part to part.
     *
     * @param  array<string, mixed>  $told  by the calculator of fit
     */
    public static function drilled(int $sheet, string $title, array $told): self
    {
        $chance = is_numeric($told['lower'] ?? null) ? sprintf('%.0f %%', 100 * (float) $told['lower']) : '';
        $last = is_string($told['leaveUndrilled'] ?? null) ? $told['leaveUndrilled'] : '';
        $how = match ($told['advice'] ?? '') {
            'drill-all' => "drill all holes, at least $chance that every bolt enters",
            'leave-one' => "drill all but $last, and $last through when the others are in",
            default => "match-drill from part to part, $last last: at least $chance that every bolt would enter",
        };

        return new self("drill-$sheet", "$title: $how", true);
    }

    /** @param  array<string, mixed>  $told  by the calculator of torque */
    public static function torqued(int $sheet, string $title, array $told, string $condition): self
    {
        return new self("torque-$sheet", sprintf('%s: draw up to %.0f N·m, %s, and mark', $title, is_numeric($told['torque'] ?? null) ? (float) $told['torque'] : 0.0, $condition), false);
    }

    public function step(): Step
    {
        return $this->isDrilled ? new Step($this->id, $this->title, 'drill', minutes: 40.0) : new Step($this->id, $this->title, 'fasten', minutes: 20.0);
    }
}
