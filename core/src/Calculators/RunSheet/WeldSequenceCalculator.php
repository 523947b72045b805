<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunSheet;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Ids;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Geometry\Vector3;

/** In which order runs are welded and seams tacked, so that heat stays balanced. */
final readonly class WeldSequenceCalculator implements Calculator
{
    public static function name(): string
    {
        return 'weld-sequence';
    }

    public static function title(): string
    {
        return 'Weld sequence and tacks';
    }

    public static function purpose(): string
    {
        return 'In which order pieces of runs are welded so that their heat stays balanced about the section and not on top of the last piece, beside the order as listed; and where a seam is tacked, in which order. A rule of thumb, not the best there is; whether a piece is cool is asked at each step.';
    }

    public static function source(): string
    {
        return 'Heat moments about the section; pieces of 60 mm, 150 mm apart, back-step; tacks of 15 mm or four plates, 30 plates apart: shop defaults.';
    }

    public static function fields(): array
    {
        return [
            Field::listing('runs', 'Runs', [Field::text('id', 'Name')->optional(), Field::lengths('from', 'from', 3), Field::lengths('to', 'to', 3), Field::number('heatInput', 'heat', 'kJ/mm')->positive()->optional(), Field::number('heat', 'or in all', 'kJ')->positive()->optional(), Field::text('group', 'group')->optional()], 0, 200)->optional(),
            Field::lengths('centre', 'Middle of the section', 3)->optional(), Field::length('longest', 'Longest piece')->positive()->defaults(60.0), Field::length('leastDistance', 'Next piece off the last by')->between(0.0, null)->defaults(150.0), Field::number('lengthWeight', 'Lengthwise counts')->between(0.0, 10.0)->defaults(0.2), Field::truth('backStep', 'Back-step')->defaults(true),
            Field::listing('seams', 'Seams to tack', [Field::text('id', 'Name')->optional(), Field::length('length', 'long')->positive(), Field::length('thickness', 'plate')->positive(), Field::length('tackLength', 'tack')->positive()->optional(), Field::length('spacing', 'apart')->positive()->optional()], 0, 100)->optional(),
        ];
    }

    public static function results(): array
    {
        $moment = [Result::number('x', 'lengthwise', 'kJ·mm'), Result::number('y', 'sideways', 'kJ·mm'), Result::number('z', 'up and down', 'kJ·mm')];

        return [
            Result::number('totalHeat', 'Heat', 'kJ'), Result::count('tooNear', 'Steps too near the last'), Result::group('greatestImbalance', 'Out of balance at most', $moment), Result::group('asListed', 'in the order listed', $moment), Result::group('final', 'at the end', $moment),
            Result::table('sequence', 'Sequence', [Result::named('run', 'run'), Result::count('piece', 'piece'), Result::lengths('from', 'from'), Result::lengths('to', 'to'), Result::number('heat', 'heat', 'kJ')]),
            Result::table('tacks', 'Tacks', [Result::named('seam', 'seam'), Result::count('count', 'tacks'), Result::length('tackLength', 'each'), Result::lengths('centres', 'middles, in order')]),
        ];
    }

    public function calculate(Values $given): array
    {
        [$runs, $seams] = [$given->list('runs'), $given->list('seams')];
        if ($runs === [] && $seams === []) {
            throw InvalidFields::at('runs', 'neither runs nor seams were given.');
        }
        $pieces = $this->pieces($runs, $given->number('longest'), $given->truth('backStep'));
        $balance = new HeatBalance($given->place('centre') ?? Vector3::of(0.0, 0.0, 0.0), $given->number('leastDistance'), $given->number('lengthWeight'));
        [$order, $near] = $balance->order($pieces);
        $along = $balance->along($order);

        return [
            'sequence' => array_map(fn (WeldPiece $one): array => $one->told(), $order), 'greatestImbalance' => $along['greatest'], 'asListed' => $balance->along($pieces)['greatest'], 'final' => $along['final'], 'tooNear' => $near,
            'totalHeat' => array_sum(array_map(fn (WeldPiece $one): float => $one->heat, $pieces)), 'tacks' => $this->tacks($seams),
        ];
    }

    /**
     * @param  list<Values>  $runs
     * @return list<WeldPiece>
     */
    private function pieces(array $runs, float $longest, bool $backStep): array
    {
        $pieces = [];
        foreach (Ids::of($runs, 'run', 'runs') as $i => $id) {
            $run = $runs[$i];
            [$from, $to] = [$run->place('from') ?? throw InvalidFields::at("runs[$i].from", 'missing.'), $run->place('to') ?? throw InvalidFields::at("runs[$i].to", 'missing.')];
            $length = $to->minus($from)->norm();
            if ($length < 1e-9) {
                throw InvalidFields::at("runs[$i].to", 'the run has no length.');
            }
            if ($run->has('heat') === $run->has('heatInput')) {
                throw InvalidFields::at("runs[$i].heat", 'the heat of a millimetre or of the whole run, one of both.');
            }
            $heat = $run->optional('heat') ?? $run->number('heatInput') * $length;
            $many = (int) ceil($length / $longest - 1e-9);
            if (count($pieces) + $many > 2000) {
                throw InvalidFields::at('longest', 'makes more than 2000 pieces.');
            }
            for ($n = 0; $n < $many; $n++) {
                [$a, $b] = [$from->plus($to->minus($from)->times($n / $many)), $from->plus($to->minus($from)->times(($n + 1) / $many))];
                $pieces[] = new WeldPiece($id, $n + 1, $run->text('group'), $backStep ? $b : $a, $backStep ? $a : $b, $heat / $many);
            }
        }

        return $pieces;
    }

    /**
     * @param  list<Values>  $seams
     * @return list<array{seam: string, tackLength: float, count: int, centres: list<float>}>
     */
    private function tacks(array $seams): array
    {
        $told = [];
        foreach (Ids::of($seams, 'seam', 'seams') as $i => $id) {
            $seam = $seams[$i];
            [$length, $thickness] = [$seam->number('length'), $seam->number('thickness')];
            $tack = $seam->optional('tackLength') ?? max(15.0, 4 * $thickness);
            if ($length < $tack - 1e-9) {
                throw InvalidFields::at("seams[$i].length", sprintf('at least the %g mm of one tack.', $tack));
            }
            $spacing = $seam->optional('spacing') ?? 30 * $thickness;
            if (($length - $tack) / $spacing > 2000) {
                throw InvalidFields::at("seams[$i].spacing", 'makes more than 2000 tacks.');
            }
            $centres = Tacks::along($length, $tack, $spacing);
            $told[] = ['seam' => $id, 'tackLength' => $tack, 'count' => count($centres), 'centres' => $centres];
        }

        return $told;
    }
}
