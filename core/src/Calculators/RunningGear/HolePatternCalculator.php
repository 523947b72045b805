<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Ids;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** A pattern of holes from tapes between them, to drill again elsewhere. */
final readonly class HolePatternCalculator implements Calculator
{
    public static function name(): string
    {
        return 'hole-pattern';
    }

    public static function title(): string
    {
        return 'Hole pattern by tape';
    }

    public static function purpose(): string
    {
        return 'Where the holes of a mount stand to each other, from a tape between them: the first two are the base line, each other one needs tapes to two holes before it, and more tapes are its check. Centre to centre: edge to like edge is the same for holes of one size. Printed at full size it is a template.';
    }

    public static function source(): string
    {
        return 'Least squares of the tapes, every tape of equal weight. 0.5 mm for a steel tape: shop default.';
    }

    public static function fields(): array
    {
        return [
            Field::listing('holes', 'Holes', [Field::text('id', 'Name')->optional(), Field::length('diameter', 'Diameter')->positive(), Field::choice('side', 'Seen from the first toward the second it lies', ['left', 'right'])->defaults('left')], 2, 40),
            Field::listing('tapes', 'Tapes, centre to centre', [Field::text('from', 'from'), Field::text('to', 'to'), Field::length('length', 'reads')->positive()], 1, 200),
            Field::length('sigma', 'A tape is good to')->positive()->defaults(0.5),
        ];
    }

    public static function results(): array
    {
        return [
            Result::word('state', 'Tapes'), Result::count('spare', 'Tapes more than needed'), Result::sentence('say', 'Check'),
            Result::table('holes', 'Holes, from the first along the line to the second', [Result::named('id', 'hole'), Result::length('x', 'along'), Result::length('y', 'left'), Result::length('diameter', 'diameter')]),
            Result::table('tapes', 'Tapes', [Result::named('from', 'from'), Result::named('to', 'to'), Result::length('length', 'read'), Result::length('off', 'reads too long by')]),
            Result::length('wide', 'Pattern along the base'), Result::length('high', 'across it'),
        ];
    }

    public function calculate(Values $given): array
    {
        $holes = $given->list('holes');
        $ids = Ids::of($holes, '', 'holes');
        $pattern = HolePattern::of($ids, array_map(fn (Values $one): float => $one->text('side') === 'right' ? -1.0 : 1.0, $holes), $this->tapes($given->list('tapes'), $ids));
        $off = $pattern->off();
        $spare = count($off) - (2 * count($ids) - 3);
        $allowed = 3 * $given->number('sigma');
        $worst = $off === [] ? 0.0 : max(array_map(abs(...), $off));
        [$xs, $ys] = [array_column($pattern->places, 0), array_column($pattern->places, 1)];

        return [
            'state' => $spare === 0 ? 'unchecked' : ($worst <= $allowed + 1e-9 ? 'in' : 'out'), 'spare' => $spare, 'say' => HolePatternWords::check($spare, $worst <= $allowed + 1e-9, $pattern, (int) array_search($worst, array_map(abs(...), $off), true)),
            'holes' => array_map(fn (int $i, string $id): array => ['id' => $id, 'x' => $pattern->places[$i][0], 'y' => $pattern->places[$i][1], 'diameter' => $holes[$i]->number('diameter')], array_keys($ids), $ids),
            'tapes' => array_map(fn (array $tape, float $o): array => ['from' => $ids[$tape[0]], 'to' => $ids[$tape[1]], 'length' => $tape[2], 'off' => $o], $pattern->tapes, $off),
            'wide' => max([0.0, ...$xs]) - min([0.0, ...$xs]), 'high' => max([0.0, ...$ys]) - min([0.0, ...$ys]),
        ];
    }

    /**
     * @param  list<Values>  $given
     * @param  list<string>  $ids
     * @return list<array{int, int, float}>
     */
    private function tapes(array $given, array $ids): array
    {
        $tapes = [];
        foreach ($given as $i => $tape) {
            [$from, $to] = [self::hole($tape->text('from'), $ids, "tapes[$i].from"), self::hole($tape->text('to'), $ids, "tapes[$i].to")];
            $tapes[] = $from === $to ? throw InvalidFields::at("tapes[$i].to", 'is the hole it starts from.') : [$from, $to, $tape->number('length')];
        }

        return $tapes;
    }

    /** @param  list<string>  $ids */
    private static function hole(string $name, array $ids, string $path): int
    {
        $at = array_search($name, $ids, true);

        return is_int($at) ? $at : throw InvalidFields::at($path, sprintf('no hole is called “%s”; there are %s.', $name, implode(', ', $ids)));
    }
}
