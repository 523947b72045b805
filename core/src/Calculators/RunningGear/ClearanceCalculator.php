<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Ids;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** The least gap of what moves to what stands still. */
final readonly class ClearanceCalculator implements Calculator
{
    private const USUAL = ['moving' => 20.0, 'bare' => 50.0, 'shielded' => 25.0];

    public static function name(): string
    {
        return 'clearance';
    }

    public static function title(): string
    {
        return 'Clearance through travel, exhaust growth';
    }

    public static function purpose(): string
    {
        return 'The least gap between parts that move and parts that stand, over the positions given, and how far an exhaust grows. Only these positions are judged: give at least droop, ride, bump and both rolls.';
    }

    public static function source(): string
    {
        return 'Closest points of segments and boxes: Ericson, Real-Time Collision Detection. Gaps and expansion: shop defaults.';
    }

    public static function fields(): array
    {
        return [
            Field::listing('moving', 'What moves', [
                Field::text('id', 'Name')->optional(), Field::length('radius', 'Radius')->between(0.0, null), Field::choice('gap', 'It is', ['moving', 'bare', 'shielded'], 'Bare and shielded: of an exhaust.')->defaults('moving'),
                Field::listing('positions', 'Positions', [Field::text('at', 'at'), Field::lengths('from', 'from', 3), Field::lengths('to', 'to', 3, help: 'Left empty: a ball.')->optional()], 0, 200)->optional(),
            ], 1, 60),
            Field::listing('fixed', 'What stands', [
                Field::text('id', 'Name')->optional(), Field::choice('kind', 'Shape', ['capsule', 'box']), Field::lengths('from', 'from', 3)->optional(), Field::lengths('to', 'to', 3)->optional(), Field::length('radius', 'Radius')->between(0.0, null)->optional(),
                Field::lengths('lowest', 'lowest corner', 3)->optional(), Field::lengths('highest', 'highest corner', 3)->optional(), Field::length('need', 'Gap it needs', 'Left empty: by what moves.')->between(0.0, null)->optional(),
            ], 1, 60),
            Field::group('limits', 'Gaps', [Field::length('moving', 'moving parts')->between(0.0, null)->defaults(20.0), Field::length('bare', 'bare exhaust')->between(0.0, null)->defaults(50.0), Field::length('shielded', 'shielded')->between(0.0, null)->defaults(25.0)])->optional(),
            Field::group('exhaust', 'Exhaust', [Field::length('length', 'Length')->positive(), Field::number('rise', 'Warmer by', 'K')->positive(), Field::number('coefficient', 'Expansion', '1/K')->positive()->defaults(12e-6), Field::length('slot', 'Slots allow')->between(0.0, null)->optional()])->optional(),
        ];
    }

    public static function results(): array
    {
        return [
            Result::table('pairs', 'Gaps', [Result::named('moving', 'moves'), Result::named('fixed', 'stands'), Result::length('least', 'least'), Result::length('need', 'needed'), Result::named('at', 'at'), Result::word('state', 'state')]),
            Result::group('exhaust', 'Exhaust', [Result::length('growth', 'grows by'), Result::word('state', 'slots')]),
        ];
    }

    public function calculate(Values $given): array
    {
        [$moving, $fixed] = [$given->list('moving'), $given->list('fixed')];
        [$names, $others] = [Ids::of($moving, 'm', 'moving'), Ids::of($fixed, 'f', 'fixed')];
        $bodies = array_map(fn (int $i, Values $one): Solid => Solid::of($one, "fixed[$i]"), array_keys($fixed), $fixed);
        $limits = $given->group('limits');
        $pairs = [];
        foreach ($moving as $i => $part) {
            foreach ($bodies as $k => $body) {
                $need = $fixed[$k]->optional('need') ?? $limits?->number($part->text('gap')) ?? self::USUAL[$part->text('gap')];
                $pairs[] = ['moving' => $names[$i], 'fixed' => $others[$k], 'need' => $need, ...$this->least($part, $body, $need)];
            }
        }
        $exhaust = $given->group('exhaust');
        $growth = $exhaust === null ? 0.0 : $exhaust->number('coefficient') * $exhaust->number('length') * $exhaust->number('rise');

        return ['pairs' => $pairs, 'exhaust' => $exhaust === null ? null : ['growth' => $growth, 'state' => Limit::atMost($growth, $exhaust->optional('slot'))]];
    }

    /** @return array{least: ?float, at: ?string, state: string, points: ?array{array{float, float, float}, array{float, float, float}}} */
    private function least(Values $part, Solid $body, float $need): array
    {
        $best = null;
        foreach ($part->list('positions') as $position) {
            $from = $position->place('from') ?? throw InvalidFields::at('moving', 'a position has a place.');
            [$gap, $points] = $body->gap($from, $position->place('to') ?? $from, $part->number('radius'));
            $best = $best === null || $gap < $best[0] - 1e-9 ? [$gap, $position->text('at'), $points] : $best;
        }
        if ($best === null) {
            return ['least' => null, 'at' => null, 'state' => 'not given', 'points' => null];
        }

        return ['least' => $best[0], 'at' => $best[1], 'state' => $best[0] <= 0.0 ? 'touches' : ($best[0] >= $need - 1e-9 ? 'in' : 'short'), 'points' => $best[2]];
    }
}
