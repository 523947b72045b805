<?php

declare(strict_types=1);

namespace Geodex\Core\Bench;

use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/**
 * Whether a four-point panel is square, from its two diagonals and what else is measured. With rails of length l and the right rail racked
 * rearward by s, d1² − d2² = 4 l s, d1 from front left to rear right (Pythagoras twice).
 */
final readonly class SquareCheck
{
    /**
     * @param  float  $rack  how far the right rail sits rearward (mm)
     * @param  float  $expanded  half its 95 % interval (mm)
     * @param  ?float  $sidesway  how far the rear stands to the right when the front is held (mm), with the width given
     */
    private function __construct(public float $rack, public float $expanded, public ?float $sidesway, public bool $square, public Sentence $text) {}

    /**
     * @param  float  $a  diagonal from front left to rear right (mm)
     * @param  float  $b  diagonal from front right to rear left (mm)
     * @param  float  $length  of a rail between the points (mm)
     * @param  ?float  $width  between the rails (mm)
     * @param  float  $sigma  standard uncertainty of a length (mm)
     * @param  ?float  $otherLength  of the other rail (mm)
     * @param  ?float  $otherWidth  between the rails at the other end (mm)
     *
     * @throws UnusableBench if a length is not more than zero, or a diagonal cannot belong to the sides
     */
    public static function of(float $a, float $b, float $length, ?float $width = null, float $sigma = 1.0, float $tolerance = 3.0, ?float $otherLength = null, ?float $otherWidth = null): self
    {
        foreach (['The diagonal from front left' => $a, 'The diagonal from front right' => $b, 'The rail length' => $length, 'The width' => $width ?? 1.0, 'The other rail length' => $otherLength ?? 1.0, 'The other width' => $otherWidth ?? 1.0, 'The accuracy of a diagonal' => $sigma, 'The tolerance' => $tolerance] as $what => $mm) {
            if (! is_finite($mm) || $mm <= 0.0) {
                throw UnusableBench::notPositive($what, $mm);
            }
        }
        $length = ($length + ($rail = $otherLength ?? $length)) / 2;
        $sides = array_filter(['the rails' => $otherLength === null ? null : 2 * ($rail - $length), 'the widths' => $otherWidth === null || $width === null ? null : $otherWidth - $width], fn (?float $mm): bool => $mm !== null);
        $rack = self::rack($a, $b, $length);
        if (abs($rack) > $length || abs($a - $b) >= 2 * $length || ($width !== null && abs(max($a, $b)) > 1.1 * ($length + $width))) {
            throw UnusableBench::lengthsDoNotClose(sprintf('diagonals %g and %g with rails of %g mm', $a, $b, $length));
        }
        $expanded = 1.96 * $sigma * hypot($a, $b) / (2 * $length);
        $sidesway = $width === null ? null : $rack * $length / $width;

        $equal = new Squareness($sides, $sigma, $tolerance);
        $presumed = array_keys(array_filter(['both rails are equally long' => $otherLength === null, 'the rails are equally far apart at both ends' => $otherWidth === null || $width === null]));
        $text = Sentence::together(
            self::say($rack, $expanded, $sidesway, $tolerance),
            $sides === [] ? null : $equal->trouble(),
            $presumed === [] ? null : Sentence::of('square.presumed', 'Presumed, since it was not measured: {what}.', what: implode(', and ', $presumed)),
        );

        return new self(rack: $rack, expanded: $expanded, sidesway: $sidesway, square: abs($rack) + $expanded <= $tolerance && $equal->isSquare, text: $text);
    }

    /** (a² − b²) / (4 l), in mm. */
    public static function rack(float $a, float $b, float $length): float
    {
        return ($a - $b) * ($a + $b) / (4 * $length);
    }

    private static function say(float $rack, float $expanded, ?float $sidesway, float $tolerance): Sentence
    {
        if (abs($rack) <= $expanded) {
            return Sentence::of('square.untold', 'Square as far as these diagonals can tell: out by {by}.', by: Measure::computed(abs($rack), $expanded));
        }
        [$side, $other] = $rack > 0 ? ['right', 'left'] : ['left', 'right'];
        $or = $sidesway === null ? '' : Sentence::of('square.or', '; or, with the front held, bring the rear {by} to the {way}', by: Measure::computed(abs($sidesway)), way: $sidesway > 0 ? 'left' : 'right');
        $against = match (true) {
            abs($rack) - $expanded > $tolerance => 'That is more than {allowed}.',
            abs($rack) + $expanded <= $tolerance => 'That is within {allowed}.',
            default => 'Too close to {allowed} to call: measure the diagonals again.',
        };

        return Sentence::of(
            'square.rack', "The {side} rail sits {by} rearward of the other: pull the {other} front corner and the {side} rear corner towards each other{or}. $against",
            side: $side, by: Measure::computed(abs($rack), $expanded), other: $other, or: $or, allowed: Measure::given($tolerance),
        );
    }
}
