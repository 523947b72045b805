<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

/** What is known of a point against its tolerance. */
enum Verdict: string
{
    case In = 'in';
    case Out = 'out';
    case Unsure = 'unsure';
    case Unmeasured = 'unmeasured';

    /**
     * Decision under uncertainty, ISO 14253-1: conformity is proven only when the whole interval lies inside.
     *
     * @param  float  $deviation  mm
     * @param  float  $expanded  coverage factor times sigma (mm)
     * @param  float  $tolerance  mm
     */
    public static function of(float $deviation, float $expanded, float $tolerance): self
    {
        return match (true) {
            abs($deviation) + $expanded <= $tolerance => self::In,
            abs($deviation) - $expanded > $tolerance => self::Out,
            default => self::Unsure,
        };
    }

    /** @param  list<self>  $verdicts the worst, in the order out, unsure, in */
    public static function worst(array $verdicts): self
    {
        return match (true) {
            in_array(self::Out, $verdicts, true) => self::Out,
            in_array(self::Unsure, $verdicts, true) => self::Unsure,
            default => self::In,
        };
    }
}
