<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunSheet;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\Values;

/** What a joint of a kind will shrink by, from what a shop has seen. */
final readonly class ShrinkageBookCalculator implements Calculator
{
    private const COVERAGE = 1.96;

    public static function name(): string
    {
        return 'shrinkage-book';
    }

    public static function title(): string
    {
        return 'Shrinkage book';
    }

    public static function purpose(): string
    {
        return 'What the next joint of a kind will shrink by and how sure that is, from an estimate and the cases that were measured. Only cases with heat, support and fit recorded count. Say always how many there are.';
    }

    public static function source(): string
    {
        return 'Normal conjugate prior (Gelman, Bayesian Data Analysis). 0.3 mm from joint to joint: shop default.';
    }

    public static function fields(): array
    {
        return [
            Field::group('prior', 'Estimate', [Field::length('mean', 'shrinks by'), Field::length('sigma', 'uncertainty (1 σ)')->positive()]), Field::length('scatter', 'From joint to joint')->positive()->defaults(0.3),
            Field::listing('observations', 'Cases', [Field::length('value', 'shrank by'), Field::length('sigma', 'measured to (1 σ)')->between(0.0, null)->defaults(0.0), Field::text('kind', 'kind of joint')->optional(), Field::truth('recorded', 'heat, support and fit recorded')->defaults(true)], 0, 1000)->optional(),
            Field::text('kind', 'Kind of joint', 'Left empty: all.')->optional(), Field::count('joints', 'Joints')->between(1.0, 1000.0)->defaults(1),
        ];
    }

    public static function results(): array
    {
        return [
            Result::count('used', 'Cases'), Result::length('preset', 'All joints together'), Result::length('presetSigma', '± (1 σ)'), Result::length('mean', 'A joint on average'), Result::length('sigma', '± (1 σ)'), Result::length('predictiveSigma', 'The next one ± (1 σ)'), Result::length('low', 'at least'), Result::length('high', 'at most'),
            Result::length('sampleMean', 'Mean of the cases'), Result::length('sampleScatter', 'their scatter'), Result::word('scatterDoubtful', 'Scatter more than was thought'),
        ];
    }

    public function calculate(Values $given): array
    {
        [$prior, $scatter] = [$given->within('prior'), $given->number('scatter')];
        $used = array_values(array_filter($given->list('observations'), fn (Values $one): bool => $one->truth('recorded') && (! $given->has('kind') || $one->text('kind') === $given->text('kind'))));
        $weight = 1 / $prior->number('sigma') ** 2;
        $sum = $weight * $prior->number('mean');
        foreach ($used as $one) {
            $more = 1 / ($scatter ** 2 + $one->number('sigma') ** 2);
            $weight += $more;
            $sum += $more * $one->number('value');
        }
        $mean = $sum / $weight;
        $next = sqrt(1 / $weight + $scatter ** 2);
        $values = array_map(fn (Values $one): float => $one->number('value'), $used);
        $many = count($values);
        $average = $many === 0 ? null : array_sum($values) / $many;
        $spread = $many < 2 ? null : sqrt(array_sum(array_map(fn (float $one): float => ($one - array_sum($values) / $many) ** 2, $values)) / ($many - 1));
        $joints = $given->number('joints');

        return [
            'used' => $many, 'mean' => $mean, 'sigma' => 1 / sqrt($weight), 'predictiveSigma' => $next, 'low' => $mean - self::COVERAGE * $next, 'high' => $mean + self::COVERAGE * $next, 'sampleMean' => $average, 'sampleScatter' => $spread,
            'scatterDoubtful' => $many >= 3 && $spread !== null && $spread > 2 * $scatter + 1e-9, 'preset' => $joints * $mean, 'presetSigma' => sqrt($joints ** 2 / $weight + $joints * $scatter ** 2),
        ];
    }
}
