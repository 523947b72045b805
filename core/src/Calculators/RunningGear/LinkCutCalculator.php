<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** A link: tube between its bungs, thread, misalignment, buckling. */
final readonly class LinkCutCalculator implements Calculator
{
    public static function name(): string
    {
        return 'link-cut';
    }

    public static function title(): string
    {
        return 'Cut a link';
    }

    public static function purpose(): string
    {
        return 'How long the tube of a link is cut, how far its ends are screwed in and may be turned, and what pushes it out of its line. Straight link, load in its line; a bent one needs its own check.';
    }

    public static function source(): string
    {
        return 'Shigley\'s Mechanical Engineering Design (thread, Johnson and Euler); stress area ISO 898-1. Engagement of one diameter: shop default, 1.25 is another school.';
    }

    public static function fields(): array
    {
        return [
            Field::length('centres', 'Ball centre to ball centre')->positive(),
            Field::group('tube', 'Tube', [Field::length('outer', 'Outer diameter')->positive(), Field::length('wall', 'Wall')->positive(), Field::number('modulus', 'Modulus', 'MPa')->positive()->defaults(205_000.0), Field::number('yield', 'Yield', 'MPa')->positive()->defaults(355.0)])->optional(),
            Field::listing('ends', 'Both ends', [
                Field::length('out', 'Ball centre to the face of the bung', 'With its jam nut.')->between(0.0, null),
                Field::length('flange', 'Of the bung outside the tube')->between(0.0, null)->defaults(0.0),
                Field::group('thread', 'Thread', [
                    Field::length('diameter', 'Diameter')->positive(), Field::length('pitch', 'Pitch')->positive(), Field::choice('hand', 'Hand', ['right', 'left'])->defaults('right'),
                    Field::length('shank', 'Ball centre to the end of the thread')->positive(), Field::length('depth', 'Depth of the bung')->positive(),
                    Field::length('leastOut', 'Ball centre to the bung at the least')->between(0.0, null)->defaults(0.0), Field::number('factor', 'Screwed in at least, diameters')->positive()->defaults(1.0),
                ])->optional(),
                Field::group('misalignment', 'Misalignment', [Field::number('plan', 'in plan', '°')->between(-89.0, 89.0), Field::number('tilt', 'tilted', '°')->between(-89.0, 89.0), Field::number('limit', 'Limit of the joint', '°')->positive()->optional()])->optional(),
            ], 2, 2),
            Field::number('load', 'Load, pushed together', 'N', 'Pulled: minus.')->optional(),
            Field::length('adjust', 'Longer by', 'Shorter: minus.')->optional(),
        ];
    }

    public static function results(): array
    {
        return [
            Result::length('tube', 'Cut the tube to'),
            Result::table('ends', 'Ends', [Result::length('engagement', 'screwed in'), Result::length('least', 'at least'), Result::length('most', 'at most'), Result::word('state', 'thread'), Result::number('threadShear', 'shear', 'MPa'), Result::number('threadTension', 'tension', 'MPa'), Result::number('misalignment', 'misalignment', '°'), Result::word('misalignmentState', 'joint')]),
            Result::length('lengthen', 'Can be made longer by'),
            Result::length('shorten', 'and shorter by'),
            Result::length('perTurn', 'One turn of the tube'),
            Result::number('turns', 'Turns for what is asked'),
            Result::group('buckling', 'Pushed together', [Result::number('slenderness', 'slenderness'), Result::number('limit', 'Euler from'), Result::number('load', 'buckles at', 'N'), Result::word('rule', 'rule'), Result::number('safety', 'load carried to load')]),
        ];
    }

    public function calculate(Values $given): array
    {
        $ends = $given->list('ends');
        $centres = $given->number('centres');
        $tube = $centres - array_sum(array_map(fn (Values $end): float => $end->number('out') + $end->number('flange'), $ends));
        if ($tube <= 0.0) {
            throw InvalidFields::at('centres', 'no room is left for a tube between the ends.');
        }
        $load = $given->optional('load');
        $told = array_map(fn (int $i, Values $end): array => $this->end($end, $load, "ends[$i]"), array_keys($ends), $ends);
        $threads = array_values(array_filter(array_map(fn (Values $end): ?Values => $end->group('thread'), $ends)));
        $turn = $threads === [] ? null : abs(array_sum(array_map(fn (int $i, Values $thread): float => ($i === 0 ? 1 : -1) * ($thread->text('hand') === 'right' ? 1 : -1) * $thread->number('pitch'), array_keys($threads), $threads)));
        $adjust = $given->optional('adjust');
        $lengthen = $shorten = 0.0;
        foreach ($told as $end) {
            if ($end['engagement'] !== null && $end['least'] !== null && $end['most'] !== null) {
                $lengthen += max(0.0, $end['engagement'] - $end['least']);
                $shorten += max(0.0, $end['most'] - $end['engagement']);
            }
        }

        return [
            'tube' => $tube, 'ends' => $told,
            'lengthen' => $threads === [] ? null : $lengthen, 'shorten' => $threads === [] ? null : $shorten,
            'perTurn' => $turn, 'turns' => $turn === null || $adjust === null || $turn < 1e-12 ? null : $adjust / $turn,
            'buckling' => $this->buckling($given->group('tube'), $centres, $load),
        ];
    }

    /** @return array{engagement: ?float, least: ?float, most: ?float, state: string, threadShear: ?float, threadTension: ?float, misalignment: ?float, misalignmentState: string} */
    private function end(Values $end, ?float $load, string $path): array
    {
        $thread = $end->group('thread');
        $turned = $end->group('misalignment');
        $misalignment = $turned === null ? null : rad2deg(acos(cos(deg2rad($turned->number('plan'))) * cos(deg2rad($turned->number('tilt')))));
        $joint = ['misalignment' => $misalignment, 'misalignmentState' => Limit::atMost($misalignment, $turned?->optional('limit'))];
        if ($thread === null) {
            return ['engagement' => null, 'least' => null, 'most' => null, 'state' => 'not given', 'threadShear' => null, 'threadTension' => null, ...$joint];
        }
        [$d, $p] = [$thread->number('diameter'), $thread->number('pitch')];
        if ($p >= $d) {
            throw InvalidFields::at("$path.thread.pitch", 'is as large as the thread itself.');
        }
        $engagement = $thread->number('shank') - $end->number('out');
        [$least, $most] = [$thread->number('factor') * $d, min($thread->number('depth'), $thread->number('shank') - $thread->number('leastOut'))];

        return [
            'engagement' => $engagement, 'least' => $least, 'most' => $most, 'state' => Limit::atLeast($engagement, $least) === 'in' && Limit::atMost($engagement, $most) === 'in' ? 'in' : 'out',
            'threadShear' => $load === null || $engagement <= 0.0 ? null : abs($load) / (0.5 * M_PI * ($d - 0.64952 * $p) * $engagement),
            'threadTension' => $load === null ? null : abs($load) / (M_PI / 4 * ($d - 0.9382 * $p) ** 2), ...$joint,
        ];
    }

    /** @return ?array{slenderness: float, limit: float, load: float, rule: string, safety: ?float} */
    private function buckling(?Values $tube, float $length, ?float $load): ?array
    {
        if ($tube === null) {
            return null;
        }
        [$outer, $inner, $e, $yield] = [$tube->number('outer'), $tube->number('outer') - 2 * $tube->number('wall'), $tube->number('modulus'), $tube->number('yield')];
        if ($inner < 0.0) {
            throw InvalidFields::at('tube.wall', 'is more than half of the outer diameter.');
        }
        [$area, $inertia] = [M_PI / 4 * ($outer ** 2 - $inner ** 2), M_PI / 64 * ($outer ** 4 - $inner ** 4)];
        [$slenderness, $limit] = [$length / sqrt($inertia / $area), sqrt(2 * M_PI ** 2 * $e / $yield)];
        $isShort = $slenderness < $limit;
        $carries = $isShort ? $area * $yield * (1 - $yield * $slenderness ** 2 / (4 * M_PI ** 2 * $e)) : M_PI ** 2 * $e * $inertia / $length ** 2;

        return ['slenderness' => $slenderness, 'limit' => $limit, 'load' => $carries, 'rule' => $isShort ? 'johnson' : 'euler', 'safety' => $load === null || $load <= 0.0 ? null : $carries / $load];
    }
}
