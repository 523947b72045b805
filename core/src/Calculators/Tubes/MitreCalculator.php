<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Tubes;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** Two tubes that meet at an angle by one saw cut on each, of equal or unequal depth. */
final readonly class MitreCalculator implements Calculator
{
    private const STEEPEST = 80.0;

    public static function name(): string
    {
        return 'mitre';
    }

    public static function title(): string
    {
        return 'Mitre of two tubes';
    }

    public static function purpose(): string
    {
        return 'At what angle each of two tubes is cut so that their faces fit, how long its edges are, and a template to wrap round it. If both cuts are wrong by an angle the joint is wrong by twice that: read the assembled angle before it is welded.';
    }

    public static function source(): string
    {
        return 'Plane geometry; valid for cuts up to 80° from square. A negative cut means a cope instead.';
    }

    public static function fields(): array
    {
        return [
            Field::number('deflection', 'The line of the tube turns by', '°')->between(0.0, 160.0), Field::group('first', 'First piece', MitredPiece::fields()), Field::group('second', 'Second piece', MitredPiece::fields(), 'Left out: as the first.')->optional(),
            Field::count('stations', 'Places on the template')->between(4.0, 360.0)->defaults(12), Field::length('paper', 'Thickness of the paper')->between(0.0, null)->defaults(0.1),
        ];
    }

    public static function results(): array
    {
        $piece = [
            Result::number('cutAngle', 'cut, from square', '°'), Result::number('bladeAngle', 'from the axis', '°'), Result::length('longPastShort', 'long point past the short'),
            Result::group('lengths', 'length', [Result::length('centre', 'on the centre line'), Result::length('long', 'long edge'), Result::length('short', 'short edge')]),
            Result::table('template', 'template', [Result::number('clock', 'clock', '°'), Result::length('wrap', 'round by'), Result::length('cutBack', 'cut back')]),
        ];

        return [Result::group('first', 'First piece', $piece), Result::group('second', 'Second piece', $piece), Result::length('faceLength', 'Length of the face'), Result::length('widthStep', 'First wider by')];
    }

    public function calculate(Values $given): array
    {
        $turn = $given->number('deflection');
        if ($turn <= 0.0 || $turn >= 160.0) {
            throw InvalidFields::at('deflection', 'over 0 and under 160 °.');
        }
        $first = MitredPiece::of($given->within('first'), 'first');
        $second = $given->has('second') ? MitredPiece::of($given->within('second'), 'second') : $first->withoutLength();
        $cut = rad2deg(atan2($second->depth - $first->depth * cos(deg2rad($turn)), $first->depth * sin(deg2rad($turn))));
        $told = [];
        foreach (['first' => [$first, $cut], 'second' => [$second, $turn - $cut]] as $name => [$piece, $angle]) {
            if ($angle < -1e-9 || $angle > self::STEEPEST + 1e-9) {
                throw InvalidFields::at($name, sprintf('would be cut at %.1f° from square; a mitre is cut from 0 to 80°. Cope the thinner tube instead.', $angle));
            }
            $told[$name] = $this->told($piece, max(0.0, $angle), $given, $name);
        }

        return [...$told, 'faceLength' => $first->depth / cos(deg2rad($cut)), 'widthStep' => $first->width - $second->width];
    }

    /** @return array<string, mixed> */
    private function told(MitredPiece $piece, float $angle, Values $given, string $path): array
    {
        $tan = tan(deg2rad($angle));
        $half = $piece->depth / 2 * $tan;
        if ($piece->length !== null && $piece->length - $half <= 1e-9) {
            throw InvalidFields::at("$path.centreLength", sprintf('more than %.1f mm, or nothing is left of its short edge.', $half));
        }

        return [
            'cutAngle' => $angle, 'bladeAngle' => 90.0 - $angle, 'longPastShort' => 2 * $half, 'lengths' => $piece->length === null ? null : ['centre' => $piece->length, 'long' => $piece->length + $half, 'short' => $piece->length - $half],
            'template' => $piece->template($tan, (int) $given->number('stations'), $given->number('paper')),
        ];
    }
}
