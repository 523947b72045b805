<?php

declare(strict_types=1);

namespace Geodex\Core\Findings;

use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

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
    public function say(Pattern $pattern, Section $section, ?string $side, float $amount, float $expanded, bool $significant, float $tolerance, array $others = []): Sentence
    {
        $size = Measure::computed(abs($amount), $expanded);
        [$min, $max] = [min([$amount, ...$others]), max([$amount, ...$others])];
        if (! $significant && $max - $min > max($expanded, self::DIFFERENT_MM)) {
            return Sentence::of('finding.open', '{what} {where} cannot be told yet: the readings can be explained in more than one way, from {least} to {most}.', what: ucfirst($this->name($pattern, $side)), where: $this->where($section), least: Measure::computed($min), most: Measure::computed($max));
        }
        if (! $significant) {
            return Sentence::of('finding.none', 'No {what} to be seen {where}: {size}.', what: $this->name($pattern, $side), where: $this->where($section), size: $size);
        }
        [$code, $against] = match (true) {
            abs($amount) - $expanded > $tolerance => ['finding.out', 'more than the {allowed} allowed'],
            abs($amount) + $expanded <= $tolerance => ['finding.within', 'within the {allowed} allowed'],
            default => ['finding.close', 'too close to the {allowed} allowed to call'],
        };

        return Sentence::of($code, "{what} by {size}, $against.", what: ucfirst($this->what($pattern, $section, $side, $amount > 0)), size: $size, allowed: Measure::given($tolerance));
    }

    /** The bare fact, without a judgement; an infinite amount is not said. */
    public function simply(Pattern $pattern, Section $section, ?string $side, float $amount): Sentence
    {
        $what = rtrim($this->what($pattern, $section, $side, $amount > 0), ',');

        return is_finite($amount) ? Sentence::of('finding.fact', '{what}, {size}.', what: ucfirst($what), size: Measure::computed(abs($amount))) : Sentence::of('finding.fact', '{what}.', what: $what);
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
