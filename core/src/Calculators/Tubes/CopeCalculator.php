<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Tubes;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** The end of a round tube shaped to lie on another, on a box or on a face, with the thickness of its wall. */
final readonly class CopeCalculator implements Calculator
{
    public static function name(): string
    {
        return 'cope';
    }

    public static function title(): string
    {
        return 'Cope of a round tube';
    }

    public static function purpose(): string
    {
        return 'Where to cut the end of a round tube all round so that it lies on a header, what is left open on either face of its wall, how a hole saw is set, and how long the blank is. Clock 0 is where the wall is longest, on the obtuse side; clockwise seen from the free end.';
    }

    public static function source(): string
    {
        return 'Analytic geometry of two cylinders; not for a header that bends at the joint.';
    }

    public static function fields(): array
    {
        return [
            Field::group('branch', 'Branch', [Field::length('diameter', 'Diameter')->positive(), Field::length('wall', 'Wall')->positive()]), Field::group('header', 'Header', Cope::header()), ...Cope::seat(),
            Field::count('stations', 'Places on the template')->between(4.0, 360.0)->defaults(12), Field::length('paper', 'Thickness of the paper')->between(0.0, null)->defaults(0.1),
            Field::length('nodeLength', 'Foot to foot', 'Without another cope: foot to the square end.')->positive()->optional(), Field::group('other', 'Cope at the other end', [Field::group('header', 'Header', Cope::header()), ...Cope::seat()])->optional(),
        ];
    }

    public static function results(): array
    {
        return [
            Result::length('blank', 'Cut the blank to'), Result::length('least', 'Cut, least from the foot'), Result::length('greatest', 'greatest'), Result::length('outerGap', 'Open outside, at most'), Result::length('innerGap', 'Open inside, at most'), Result::length('circumference', 'Template, round'),
            Result::group('holeSaw', 'Hole saw', [Result::length('diameter', 'diameter'), Result::number('fromSquare', 'set from square', '°'), Result::length('offset', 'beside the middle'), Result::length('depth', 'travels by')]),
            Result::table('straight', 'By straight saw cuts alone', [Result::count('cuts', 'cuts'), Result::length('gap', 'open at most'), Result::table('planes', 'set from square, most cut at clock, from the foot there', [Result::number('fromSquare', 'from square', '°'), Result::number('clock', 'clock', '°'), Result::length('longest', 'cut')])]),
            Result::table('stations', 'Template', [Result::number('clock', 'clock', '°'), Result::length('wrap', 'round by'), Result::length('cut', 'cut'), Result::length('outer', 'outer face meets at'), Result::length('inner', 'inner face')]),
        ];
    }

    public function calculate(Values $given): array
    {
        $branch = $given->within('branch');
        [$diameter, $wall] = [$branch->number('diameter'), $branch->number('wall')];
        if ($wall >= $diameter / 2) {
            throw InvalidFields::at('branch.wall', 'less than half the diameter.');
        }
        $cope = Cope::of($given, $diameter, $wall, '');
        if ($given->has('other') && ! $given->has('nodeLength')) {
            throw InvalidFields::at('nodeLength', 'missing: from foot to foot, where there is another cope.');
        }
        $other = $given->has('other') ? Cope::of($given->within('other'), $diameter, $wall, 'other.') : null;
        [$least, $greatest] = Cope::extremes($cope->cut(...));
        $paper = $given->number('paper');
        $many = (int) $given->number('stations');

        return [
            'stations' => array_map(function (int $i) use ($cope, $many, $diameter, $paper): array {
                $clock = 2 * M_PI * $i / $many;

                return ['clock' => 360.0 * $i / $many, 'wrap' => ($diameter + $paper) / 2 * $clock, 'outer' => $cope->outer($clock), 'inner' => $cope->inner($clock), 'cut' => $cope->cut($clock)];
            }, range(0, $many - 1)),
            'least' => $least, 'greatest' => $greatest,
            'outerGap' => Cope::extremes(fn (float $clock): float => $cope->cut($clock) - $cope->outer($clock))[1], 'innerGap' => Cope::extremes(fn (float $clock): float => $cope->cut($clock) - $cope->inner($clock))[1],
            'circumference' => M_PI * ($diameter + $paper), 'holeSaw' => $cope->holeSaw(), 'straight' => StraightCuts::of($cope, $diameter / 2), 'blank' => $this->blank($given->optional('nodeLength'), $least, $other),
        ];
    }

    private function blank(?float $length, float $least, ?Cope $other): ?float
    {
        if ($length === null) {
            return null;
        }
        $blank = $length - $least - ($other === null ? 0.0 : Cope::extremes($other->cut(...))[0]);

        return $blank > 0.0 ? $blank : throw InvalidFields::at('nodeLength', 'nothing is left of the blank between the copes.');
    }
}
