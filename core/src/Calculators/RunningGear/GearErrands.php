<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/** What the sheets of the running gear ask to be made, bought or sent out. */
final readonly class GearErrands
{
    /** A length that differs by less is that of the old part (mm). */
    private const SAME_MM = 0.5;

    private const BAD = ['out', 'over', 'short', 'touches', 'binds', 'loose', 'out of reach'];

    /**
     * @param  string  $of  name of the sheet
     * @param  array<string, mixed>  $result  of its calculator
     * @return list<Errand>
     */
    public static function of(string $tool, string $of, array $result): array
    {
        $said = match ($tool) {
            'shaft-cut' => self::shaft($result),
            'link-cut' => self::link($result),
            'track-bar' => [self::make('errand.track-bar', 'Track bar of {length}, centre to centre.', self::length($result, 'length'))],
            'rack' => [self::make('errand.tie-rods', 'Both tie rods {length}, centre to centre.', self::length($result, 'after', 'tieRod')), [ErrandKind::SendOut, Sentence::plain('errand.alignment', 'Wheel alignment, toe first.')]],
            'half-shaft' => self::halfShaft($result),
            'arch' => [self::make('errand.arch', 'Crossmember out of {length} of bar.', self::length($result, 'stock'))],
            'hole-pattern' => [self::make('errand.holes', 'Holes drilled by the template, {wide} along the base.', self::length($result, 'wide'), 'wide')],
            'axle-square' => self::axle($result),
            'steering-shaft' => [[ErrandKind::SendOut, Sentence::plain('errand.steering', 'Steering shaft: made or changed by a shop that is allowed to, never welded here.')]],
            'roll-bar' => [self::make('errand.drop-link', 'Two drop links of {length}, centre to centre.', self::length($result, 'linkLength'))],
            'tank-move' => [[ErrandKind::Make, Sentence::plain('errand.tank', 'Strap seats and shield of the tank; hoses and vent cut to its new place.')]],
            default => [],
        };
        $errands = array_map(fn (array $one): Errand => new Errand($one[0], $of, $one[1]), array_values(array_filter($said)));

        return self::isBad($result) ? [...$errands, new Errand(ErrandKind::Settle, $of, Sentence::plain('errand.limits', 'Not all of it is within its limits: settle that before anything is made.'))] : $errands;
    }

    /**
     * @param  array<string, mixed>  $result
     * @return list<?array{ErrandKind, Sentence}>
     */
    private static function shaft(array $result): array
    {
        $cut = self::length($result, 'cut') ?? 0.0;

        return abs($cut) < self::SAME_MM ? [] : [
            $cut > 0.0 ? self::make('errand.shorten', 'Shaft shortened by {length}; new tube or joined at the marks.', $cut) : self::make('errand.lengthen', 'Shaft lengthened by {length}.', -$cut),
            $cut < 0.0 ? [ErrandKind::Buy, Sentence::of('errand.tube', 'Tube of the same diameter and wall, {length} and what the saw takes.', length: Measure::computed(self::length($result, 'newTube') ?? -$cut))] : null,
            [ErrandKind::SendOut, Sentence::plain('errand.balance', 'Driveshaft, to be balanced.')],
        ];
    }

    /**
     * @param  array<string, mixed>  $result
     * @return list<?array{ErrandKind, Sentence}>
     */
    private static function link(array $result): array
    {
        return [self::make('errand.link', 'Link, its tube cut to {length}.', self::length($result, 'tube')), [ErrandKind::Buy, Sentence::plain('errand.link-ends', 'Two ends with bungs and jam nuts, threads as in the sheet.')]];
    }

    /**
     * @param  array<string, mixed>  $result
     * @return list<?array{ErrandKind, Sentence}>
     */
    private static function halfShaft(array $result): array
    {
        [$now, $new] = [self::length($result, 'length'), self::length($result, 'newLength')];

        return $now === null || $new === null || abs($now - $new) < self::SAME_MM ? [] : [[ErrandKind::SendOut, Sentence::of('errand.half-shaft', 'Half-shafts {by} longer or shorter: from a maker, never welded.', by: Measure::computed(abs($new - $now)))]];
    }

    /**
     * @param  array<string, mixed>  $result
     * @return list<?array{ErrandKind, Sentence}>
     */
    private static function axle(array $result): array
    {
        [$left, $right] = [self::length($result, 'correction', 'left', 'value'), self::length($result, 'correction', 'right', 'value')];

        return $left === null || $right === null || max(abs($left), abs($right)) < self::SAME_MM ? [] : [
            [ErrandKind::Make, Sentence::of('errand.axle', 'Axle moved rearward by {left} on the left and {right} on the right.', left: Measure::computed($left), right: Measure::computed($right))],
            [ErrandKind::SendOut, Sentence::plain('errand.alignment', 'Wheel alignment.')],
        ];
    }

    /** @return ?array{ErrandKind, Sentence} */
    private static function make(string $code, string $template, ?float $length, string $place = 'length'): ?array
    {
        return $length === null ? null : [ErrandKind::Make, Sentence::of($code, $template, ...[$place => Measure::computed($length)])];
    }

    /** @param  array<string, mixed>  $result */
    private static function length(array $result, string ...$path): ?float
    {
        $value = array_reduce($path, fn (mixed $at, string $name): mixed => is_array($at) ? $at[$name] ?? null : null, $result);

        return is_float($value) || is_int($value) ? (float) $value : null;
    }

    private static function isBad(mixed $value): bool
    {
        return is_array($value) ? array_reduce($value, fn (bool $any, mixed $one): bool => $any || self::isBad($one), false) : in_array($value, self::BAD, true);
    }
}
