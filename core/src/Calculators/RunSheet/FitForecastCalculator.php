<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunSheet;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** The chance that all bolts of a pattern enter, and which hole is better drilled last. */
final readonly class FitForecastCalculator implements Calculator
{
    /** Chance from which holes are drilled without more ado. */
    private const SURE = 0.95;

    public static function name(): string
    {
        return 'fit-forecast';
    }

    public static function title(): string
    {
        return 'Will the bolts enter';
    }

    public static function purpose(): string
    {
        return 'How likely all bolts of a pattern enter two parts whose holes are only known so well, which hole is the worst, and which is better left and drilled through when the others are in.';
    }

    public static function source(): string
    {
        return 'Least-squares fit of both patterns; below by the Gaussian correlation inequality, above by the distances of pairs. 95 % before all holes are drilled: shop default.';
    }

    public static function fields(): array
    {
        return [
            Field::length('firstSigma', 'Holes of the one part, ± (1 σ)')->between(0.0, null)->defaults(0.0), Field::length('secondSigma', 'of the other, ± (1 σ)')->between(0.0, null)->defaults(0.0), Field::length('play', 'Play', 'Radial, of holes that give none of their own.')->positive()->optional(),
            Field::listing('holes', 'Holes', [
                Field::text('id', 'Name'), Field::lengths('at', 'at', 2), Field::length('play', 'play')->positive()->optional(), Field::length('bolt', 'bolt ⌀')->positive()->optional(), Field::length('firstHole', 'hole of the one ⌀')->positive()->optional(), Field::length('secondHole', 'of the other ⌀')->positive()->optional(),
                Field::length('sigma', '± (1 σ)')->positive()->optional(), Field::lengths('deviation', 'known to be off by', 2)->optional(),
            ], 2, 60),
        ];
    }

    public static function results(): array
    {
        return [
            Result::number('lower', 'Chance at least'), Result::number('upper', 'at most'), Result::named('advice', 'Advice'), Result::named('worst', 'Worst hole'), Result::named('leaveUndrilled', 'Drill last'), Result::number('lowerWithout', 'the others then at least'),
            Result::table('holes', 'Holes', [Result::named('id', 'hole'), Result::number('probability', 'chance'), Result::lengths('residualSigma', '± (1 σ)'), Result::lengths('residual', 'off by')]),
        ];
    }

    public function calculate(Values $given): array
    {
        $pattern = $this->pattern($given);
        $fit = BoltFit::of($pattern);
        [$last, $without] = count($pattern) > 2 ? $this->lastDrilled($pattern) : [null, null];

        return [
            'lower' => $fit->lower, 'upper' => max($fit->lower, BoltFit::atMost($pattern)), 'holes' => array_map(fn (BoltHole $hole, array $one): array => ['id' => $hole->id, ...$one], $pattern, $fit->holes),
            'worst' => $pattern[$this->greatest(array_map(fn (array $one): float => -$one['probability'], $fit->holes))]->id, 'leaveUndrilled' => $last, 'lowerWithout' => $without,
            'advice' => match (true) {
                $fit->lower >= self::SURE => 'drill-all', ($without ?? 0.0) >= self::SURE => 'leave-one', default => 'match-drill'
            },
        ];
    }

    /**
     * @param  list<BoltHole>  $pattern
     * @return array{string, float}
     */
    private function lastDrilled(array $pattern): array
    {
        $without = array_map(fn (int $i): float => BoltFit::of(array_values(array_filter($pattern, fn (int $k): bool => $k !== $i, ARRAY_FILTER_USE_KEY)))->lower, array_keys($pattern));
        $best = $this->greatest($without);

        return [$pattern[$best]->id, $without[$best]];
    }

    /** @param  list<float>  $values */
    private function greatest(array $values): int
    {
        $best = 0;
        foreach ($values as $i => $value) {
            $best = round($value, 9) > round($values[$best], 9) ? $i : $best;
        }

        return $best;
    }

    /** @return list<BoltHole> */
    private function pattern(Values $given): array
    {
        $pattern = [];
        foreach ($given->list('holes') as $i => $one) {
            $at = [$one->numbers('at')[0], $one->numbers('at')[1]];
            foreach ($pattern as $k => $other) {
                if ($other->id === $one->text('id')) {
                    throw InvalidFields::at("holes[$i].id", "“{$other->id}” is used twice.");
                }
                if (hypot($at[0] - $other->at[0], $at[1] - $other->at[1]) < 1.0) {
                    throw InvalidFields::at("holes[$i].at", "less than 1 mm from holes[$k].");
                }
            }
            $sigma = $one->optional('sigma') ?? hypot($given->number('firstSigma'), $given->number('secondSigma'));
            if ($sigma <= 0.0) {
                throw InvalidFields::at("holes[$i].sigma", 'missing: how well its place is known, here or for all holes of a part.');
            }
            $off = $one->has('deviation') ? $one->numbers('deviation') : [0.0, 0.0];
            $pattern[] = new BoltHole($one->text('id'), $at, $this->play($one, $given->optional('play'), "holes[$i]"), $sigma, [$off[0], $off[1]]);
        }

        return $pattern;
    }

    private function play(Values $hole, ?float $usual, string $path): float
    {
        [$bolt, $first, $second] = [$hole->optional('bolt'), $hole->optional('firstHole'), $hole->optional('secondHole')];
        if ($bolt === null && $first === null && $second === null) {
            return $hole->optional('play') ?? $usual ?? throw InvalidFields::at("$path.play", 'missing: here, for all holes, or as a bolt with the diameters of both its holes.');
        }
        if ($hole->optional('play') !== null) {
            throw InvalidFields::at("$path.play", 'either the play or the bolt, not both.');
        }
        if ($bolt === null || $first === null || $second === null) {
            throw InvalidFields::at($path, 'a bolt needs bolt, firstHole and secondHole.');
        }
        $play = ($first + $second) / 2 - $bolt;

        return $play > 1e-9 && $bolt <= min($first, $second) ? $play : throw InvalidFields::at("$path.bolt", sprintf('does not pass: less than %g mm, with play.', min($first, $second)));
    }
}
