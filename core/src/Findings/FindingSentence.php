<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

use Geodex\Core\Units\Spoken;

/** Says a finding the way one technician would tell another. */
final readonly class FindingSentence
{
    /** Amounts that differ by more are told as different (mm). */
    private const DIFFERENT_MM = 1.0;

    /**
     * @param  float  $amount  mm
     * @param  float  $expanded  half the 95 % interval (mm)
     * @param  float  $tolerance  of the section's points (mm)
     * @param  list<float>  $others  amounts under other ways to understand the readings (mm)
     */
    public function say(Pattern $pattern, Section $section, ?string $side, float $amount, float $expanded, bool $significant, float $tolerance, array $others = []): string
    {
        $mm = Spoken::measure(abs($amount), $expanded);
        [$least, $most] = [min([$amount, ...$others]), max([$amount, ...$others])];
        if (! $significant && $most - $least > max($expanded, self::DIFFERENT_MM)) {
            return sprintf('%s %s cannot be told yet: the readings can be explained in more than one way, from %s to %s.', ucfirst($this->name($pattern, $side)), $this->where($section), Spoken::measure($least), Spoken::measure($most));
        }
        if (! $significant) {
            return sprintf('No %s to be seen %s: %s.', $this->name($pattern, $side), $this->where($section), $mm);
        }
        $against = match (true) {
            abs($amount) - $expanded > $tolerance => sprintf('more than the %g mm allowed', $tolerance),
            abs($amount) + $expanded <= $tolerance => sprintf('within the %g mm allowed', $tolerance),
            default => sprintf('too close to the %g mm allowed to call', $tolerance),
        };

        return ucfirst(sprintf('%s by %s, %s.', $this->what($pattern, $section, $side, $amount > 0), $mm, $against));
    }

    /** The bare fact, without a judgement; an infinite amount is not said. */
    public function simply(Pattern $pattern, Section $section, ?string $side, float $amount): string
    {
        return ucfirst(rtrim($this->what($pattern, $section, $side, $amount > 0), ',')).(is_finite($amount) ? ', '.Spoken::measure(abs($amount)).'.' : '.');
    }

    private function name(Pattern $pattern, ?string $side): string
    {
        return $pattern === Pattern::ShortRail ? "short $side rail" : $pattern->value;
    }

    private function where(Section $section): string
    {
        return $section === Section::Centre ? 'in the centre' : "at the {$section->value}";
    }

    private function what(Pattern $pattern, Section $section, ?string $side, bool $positive): string
    {
        $end = $section === Section::Centre ? 'the centre section' : "the {$section->value}";

        return match ($pattern) {
            Pattern::Sidesway => "$end stands to the ".($positive ? 'right' : 'left'),
            Pattern::Sag => $end.($positive ? ' stands high' : ' hangs low'),
            Pattern::ShortRail => "the $side rail is ".($positive ? 'short' : 'long')." at {$end}",
            Pattern::Twist => $section === Section::Centre
                ? "$end twists, its ".($positive ? 'right' : 'left').' side rising rearward,'
                : "$end is twisted, ".($positive ? 'right' : 'left').' side high,',
            Pattern::Diamond => $end.' is out of square, the '.($positive ? 'right' : 'left').' rail sits rearward',
        };
    }
}
