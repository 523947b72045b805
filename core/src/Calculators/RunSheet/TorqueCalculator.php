<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunSheet;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** How tight a metric bolt is, dry or oiled, and how long it has to be. */
final readonly class TorqueCalculator implements Calculator
{
    private const COARSE = [5 => 0.8, 6 => 1.0, 8 => 1.25, 10 => 1.5, 12 => 1.75, 14 => 2.0, 16 => 2.0, 18 => 2.5, 20 => 2.5, 22 => 2.5, 24 => 3.0];

    private const NUT = [5 => 4.7, 6 => 5.2, 8 => 6.8, 10 => 8.4, 12 => 10.8, 14 => 12.8, 16 => 14.8, 18 => 15.8, 20 => 18.0, 22 => 19.4, 24 => 21.5];

    private const WASHER = [5 => 1.0, 6 => 1.6, 8 => 1.6, 10 => 2.0, 12 => 2.5, 14 => 2.5, 16 => 3.0, 18 => 3.0, 20 => 3.0, 22 => 3.0, 24 => 4.0];

    /** @var array<string, float> MPa */
    private const PROOF = ['4.6' => 225.0, '4.8' => 310.0, '5.6' => 280.0, '5.8' => 380.0, '6.8' => 440.0, '8.8' => 580.0, '9.8' => 650.0, '10.9' => 830.0, '12.9' => 970.0];

    private const NUT_FACTOR = ['dry' => 0.20, 'oiled' => 0.14];

    public static function name(): string
    {
        return 'torque';
    }

    public static function title(): string
    {
        return 'Bolt: torque, dry or oiled, and length';
    }

    public static function purpose(): string
    {
        return 'To what torque a metric bolt is tightened, what it is stretched with, what the same torque does when it was oiled, and which stock length it needs. Torque tells the stretch to about a third either way. No thread in the shear plane; tightened again after 100 and 1000 km.';
    }

    public static function source(): string
    {
        return 'ISO 898-1 for stress area and proof; T = K d F, K 0.20 dry and 0.14 oiled (Shigley), 75 % of proof, ± 30 %: shop defaults.';
    }

    public static function fields(): array
    {
        return [
            Field::number('size', 'Size M'), Field::length('pitch', 'Pitch', 'Left empty: coarse.')->positive()->optional(), Field::choice('class', 'Class', array_map(strval(...), array_keys(self::PROOF))), Field::choice('condition', 'Thread', ['dry', 'oiled']),
            Field::number('nutFactor', 'Nut factor')->between(0.0, 0.5)->optional(), Field::number('preloadShare', 'Share of proof')->between(0.0, 0.9)->defaults(0.75), Field::number('scatter', 'Wrench scatters by')->between(0.0, 1.0)->defaults(0.30),
            Field::lengths('grip', 'What is gripped', 0, 20)->positive()->optional(), Field::count('washers', 'Washers')->between(0.0, 4.0)->defaults(2),
        ];
    }

    public static function results(): array
    {
        return [
            Result::number('torque', 'Torque', 'N·m'), Result::number('preload', 'Stretched with', 'N'), Result::number('preloadLow', 'at least', 'N'), Result::number('preloadHigh', 'at most', 'N'), Result::number('proofLoad', 'Proof', 'N'), Result::number('proofShareIfOiled', 'Share of proof if it was oiled'), Result::number('stressArea', 'Stress area', 'mm²'),
            Result::length('neededLength', 'Length needed'), Result::length('boltLength', 'Stock length'),
        ];
    }

    public function calculate(Values $given): array
    {
        $size = $given->number('size');
        $coarse = floor($size) === $size ? self::COARSE[(int) $size] ?? null : null;
        if ($coarse === null) {
            throw InvalidFields::at('size', 'one of M'.implode(', M', array_keys(self::COARSE)).'.');
        }
        $pitch = $given->optional('pitch') ?? $coarse;
        if ($pitch >= $size / 2) {
            throw InvalidFields::at('pitch', 'less than half the size.');
        }
        [$factor, $share, $scatter] = [$given->optional('nutFactor') ?? self::NUT_FACTOR[$given->text('condition')] ?? 0.2, $given->number('preloadShare'), $given->number('scatter')];
        foreach (['nutFactor' => $factor > 0.05, 'preloadShare' => $share > 0.0, 'scatter' => $scatter < 1.0] as $name => $isGood) {
            if (! $isGood) {
                throw InvalidFields::at($name, ['nutFactor' => 'over 0.05.', 'preloadShare' => 'over 0.', 'scatter' => 'under 1.'][$name]);
            }
        }
        $area = M_PI / 4 * ($size - 0.9382 * $pitch) ** 2;
        $proof = $area * ($given->text('class') === '8.8' && $size > 16.0 ? 600.0 : self::PROOF[$given->text('class')] ?? 0.0);
        $preload = $share * $proof;
        $needed = $given->has('grip') && $given->numbers('grip') !== [] ? array_sum($given->numbers('grip')) + $given->number('washers') * self::WASHER[(int) $size] + self::NUT[(int) $size] + 2 * $pitch : null;

        return [
            'stressArea' => $area, 'proofLoad' => $proof, 'preload' => $preload, 'preloadLow' => $preload * (1 - $scatter), 'preloadHigh' => $preload * (1 + $scatter), 'torque' => $factor * $size / 1000 * $preload,
            'proofShareIfOiled' => $given->text('condition') === 'dry' ? $share * $factor / self::NUT_FACTOR['oiled'] : $share, 'neededLength' => $needed, 'boltLength' => $needed === null ? null : $this->stock($needed),
        ];
    }

    private function stock(float $needed): float
    {
        foreach ([16, ...range(20, 100, 5), ...range(110, 160, 10), 180, 200] as $length) {
            if ($length >= $needed - 1e-9) {
                return (float) $length;
            }
        }
        throw InvalidFields::at('grip', sprintf('a bolt of %.1f mm would be needed; the longest in stock has 200.', $needed));
    }
}
