<?php

declare(strict_types=1);

namespace Geodex\Core\Plan\Windows;

use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/** Stations at which a rule refuses a cut, and why; the ends themselves are allowed. */
final readonly class ForbiddenStretch
{
    /**
     * @param  float  $from  mm
     * @param  float  $to  mm
     * @param  Sentence  $why  “within 600 mm of the rear spring's front hanger”
     * @param  bool  $isAbsolute  whether no station along the rail is better than another
     */
    private function __construct(public string $rule, public float $from, public float $to, public Sentence $why, public bool $isAbsolute) {}

    /**
     * @param  float  $clear  that is kept on both sides (mm)
     * @param  string  $whose  in brackets: whose value it is
     */
    public static function around(string $rule, float $front, float $rear, float $clear, string $what, string $whose): self
    {
        return new self($rule, $front - $clear, $rear + $clear, Sentence::of("cut.$rule", 'within {clear} of {what} ({whose})', clear: Measure::given($clear), what: $what, whose: $whose), false);
    }

    public static function on(string $rule, float $front, float $rear, Sentence $why): self
    {
        return new self($rule, $front, $rear, $why, false);
    }

    public static function everywhere(string $rule, float $front, float $rear, Sentence $why): self
    {
        return new self($rule, $front, $rear, $why, true);
    }

    public function holds(float $station): bool
    {
        return $station > $this->from && $station < $this->to;
    }

    /** How far a station would have to move to be free of it (mm). */
    public function by(float $station): float
    {
        return $this->holds($station) ? min($station - $this->from, $this->to - $station) : 0.0;
    }
}
