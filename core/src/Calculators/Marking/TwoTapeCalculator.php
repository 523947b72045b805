<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Marking;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** A mark by two tapes: where it is, or from which holes it is laid out best. */
final readonly class TwoTapeCalculator implements Calculator
{
    /** A hole that is nearer is not used (mm). */
    private const APART = 1.0;

    private const EQUAL = 1e-9;

    public static function name(): string
    {
        return 'two-tape';
    }

    public static function title(): string
    {
        return 'Mark by two tapes';
    }

    public static function purpose(): string
    {
        return 'Where two tapes from two holes cross, how sure that mark is, and what a third tape has to read; or, for a mark that is wanted, which two holes are best, what to read from each, and which third one tells a slip.';
    }

    public static function source(): string
    {
        return 'Plane trilateration; covariance v (UᵀU)⁻¹, 95 %. 1 mm a tape, crossing at least 15°: shop defaults.';
    }

    public static function fields(): array
    {
        $tape = [...TapeHole::fields(), Field::length('distance', 'Tape reads')->positive()];

        return [
            Field::group('first', 'First tape', $tape)->optional(), Field::group('second', 'Second tape', $tape)->optional(), Field::choice('side', 'Mark lies, from first to second,', ['left', 'right'])->optional(), Field::group('third', 'Third tape', $tape)->optional(),
            Field::lengths('target', 'or the mark that is wanted', 2)->optional(), Field::length('reach', 'Longest tape')->positive()->optional(), Field::listing('holes', 'Holes within reach', [Field::text('id', 'Name'), ...TapeHole::fields()], 0, 200)->optional(),
            Field::length('sigma', 'Uncertainty of a tape')->positive()->defaults(1.0), Field::length('baseSigma', 'of a hole')->between(0.0, null)->defaults(0.0), Field::number('leastCrossing', 'Tapes cross at least at', '°')->between(0.0, 90.0)->defaults(15.0),
        ];
    }

    public static function results(): array
    {
        return [
            Result::lengths('at', 'Mark at'), Result::named('first', 'From hole'), Result::named('second', 'and hole'), Result::length('firstReading', 'first tape'), Result::length('secondReading', 'second tape'), Result::number('crossing', 'They cross at', '°'), Result::length('sigma', 'Mark good to (1 σ)'), Result::lengths('ellipse', 'longest and shortest (1 σ)'),
            Result::group('check', 'Third tape', [Result::named('hole', 'from hole'), Result::length('expected', 'reads'), Result::length('reading', 'reads'), Result::length('low', 'at least'), Result::length('high', 'at most'), Result::number('sensitivity', 'sees of a slip'), Result::truth('agrees', 'agrees')]),
        ];
    }

    public function calculate(Values $given): array
    {
        $isWanted = $given->has('target') || $given->has('holes');
        foreach ($isWanted ? ['first', 'second', 'side', 'third'] : ['reach'] as $other) {
            if ($given->has($other)) {
                throw InvalidFields::at($other, 'give two tapes, or a mark that is wanted with its holes; not both.');
            }
        }
        foreach ($isWanted ? ['target', 'holes'] : ['first', 'second', 'side'] as $asked) {
            if (! $given->has($asked)) {
                throw InvalidFields::at($asked, 'missing.');
            }
        }

        return $isWanted ? $this->wanted($given) : $this->found($given);
    }

    /** @return array<string, mixed> */
    private function found(Values $given): array
    {
        [$first, $second] = [TapeHole::of($given->within('first'), 'first'), TapeHole::of($given->within('second'), 'second')];
        [$one, $other] = [$first->distance($given->within('first')->number('distance')), $second->distance($given->within('second')->number('distance'))];
        $apart = hypot($second->x - $first->x, $second->y - $first->y);
        $along = $apart < self::EQUAL ? 0.0 : ($apart ** 2 + $one ** 2 - $other ** 2) / (2 * $apart);
        $square = $one ** 2 - $along ** 2;
        if ($apart < self::EQUAL || $one <= 0.0 || $other <= 0.0 || $square < 0.0) {
            throw InvalidFields::at('second', 'the tapes do not meet.');
        }
        [$ux, $uy] = [($second->x - $first->x) / $apart, ($second->y - $first->y) / $apart];
        $up = ($given->text('side') === 'left' ? 1.0 : -1.0) * sqrt($square);
        $at = [$first->x + $along * $ux - $up * $uy, $first->y + $along * $uy + $up * $ux];
        $cross = $this->cross($first, $second, $at, $given) ?? throw InvalidFields::at('second', 'the tapes cross too flat, or the mark lies on a hole: take another hole.');

        return ['at' => $at, 'crossing' => $cross->crossing(), 'sigma' => $cross->sigma(), 'ellipse' => $cross->ellipse(), 'check' => $given->has('third') ? $this->checked($given->within('third'), $cross, $at) : null];
    }

    /**
     * @param  array{float, float}  $at
     * @return array<string, mixed>
     */
    private function checked(Values $third, TapeCross $cross, array $at): array
    {
        $hole = TapeHole::of($third, 'third');
        if (hypot($at[0] - $hole->x, $at[1] - $hole->y) < self::EQUAL) {
            throw InvalidFields::at('third.at', 'stands on the mark.');
        }
        $expected = $hole->reading(...$at);
        [$low, $high] = $cross->bounds($hole->toward(...$at), $expected);
        $read = $third->number('distance');

        return ['expected' => $expected, 'low' => $low, 'high' => $high, 'agrees' => $read >= $low && $read <= $high];
    }

    /** @return array<string, mixed> */
    private function wanted(Values $given): array
    {
        [$x, $y] = $given->numbers('target');
        $usable = $this->usable($given, $x, $y);
        $best = null;
        $names = array_keys($usable);
        foreach ($names as $i => $one) {
            foreach (array_slice($names, $i + 1) as $other) {
                $cross = $this->cross($usable[$one], $usable[$other], [$x, $y], $given);
                if ($cross !== null && ($best === null || abs($cross->sine()) > abs($best[2]->sine()) + self::EQUAL)) {
                    $best = [(string) $one, (string) $other, $cross];
                }
            }
        }
        if ($best === null) {
            throw InvalidFields::at('holes', 'no two of them are in reach and cross well enough.');
        }
        [$first, $second, $cross] = $best;

        return [
            'first' => $first, 'second' => $second, 'firstReading' => $usable[$first]->reading($x, $y), 'secondReading' => $usable[$second]->reading($x, $y), 'crossing' => $cross->crossing(), 'sigma' => $cross->sigma(), 'ellipse' => $cross->ellipse(),
            'check' => $this->third(array_diff_key($usable, [$first => true, $second => true]), $cross, $x, $y),
        ];
    }

    /** @return array<array-key, TapeHole> by name, in order: far enough off the mark, and in reach */
    private function usable(Values $given, float $x, float $y): array
    {
        $all = $usable = [];
        foreach ($given->list('holes') as $i => $entry) {
            $id = $entry->text('id');
            if (isset($all[$id])) {
                throw InvalidFields::at("holes[$i].id", "“{$id}” is used twice.");
            }
            $all[$id] = $hole = TapeHole::of($entry, "holes[$i]");
            $reading = $hole->reading($x, $y);
            if (hypot($x - $hole->x, $y - $hole->y) >= self::APART && $reading > 0.0 && $reading <= ($given->optional('reach') ?? INF)) {
                $usable[$id] = $hole;
            }
        }

        return $usable;
    }

    /**
     * @param  array<array-key, TapeHole>  $holes
     * @return ?array<string, mixed> of the hole that sees most of a slip
     */
    private function third(array $holes, TapeCross $cross, float $x, float $y): ?array
    {
        $best = null;
        foreach ($holes as $id => $hole) {
            $sees = $cross->sensitivity($hole->toward($x, $y));
            if ($best === null || $sees > $best['sensitivity'] + self::EQUAL) {
                $reading = $hole->reading($x, $y);
                [$low, $high] = $cross->bounds($hole->toward($x, $y), $reading);
                $best = ['hole' => (string) $id, 'reading' => $reading, 'low' => $low, 'high' => $high, 'sensitivity' => $sees];
            }
        }

        return $best;
    }

    /**
     * @param  array{float, float}  $at
     * @return ?TapeCross null where they cross too flat
     */
    private function cross(TapeHole $one, TapeHole $other, array $at, Values $given): ?TapeCross
    {
        if (min(hypot($at[0] - $one->x, $at[1] - $one->y), hypot($at[0] - $other->x, $at[1] - $other->y)) < self::EQUAL) {
            return null;
        }
        $cross = new TapeCross($one->toward(...$at), $other->toward(...$at), $given->number('sigma') ** 2 + $given->number('baseSigma') ** 2);
        $least = max($given->number('leastCrossing'), 1e-6);

        return $cross->crossing() < $least - self::EQUAL || $cross->crossing() > 180.0 - $least + self::EQUAL ? null : $cross;
    }
}
