<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** How much tube a shaft loses or gets, where to mark it, and what is left of its slip. */
final readonly class ShaftCutCalculator implements Calculator
{
    public static function name(): string
    {
        return 'shaft-cut';
    }

    public static function title(): string
    {
        return 'Cut or lengthen a shaft';
    }

    public static function purpose(): string
    {
        return 'What to take out of a driveshaft or to let in, between which marks, and how far the slip is in at ride, bump and droop. Scribe a line along the tube before it is cut, and have the shaft balanced.';
    }

    public static function source(): string
    {
        return 'Sums of lengths; a clocking error ψ of two equal joints leaves β √(2 sin ψ) (Universal Joints and Driveshafts). Kerf, gap and clearances: shop defaults.';
    }

    public static function fields(): array
    {
        return [
            Field::length('length', 'Joint to joint, as measured')->positive(),
            Field::length('engagement', 'Slip in at that moment')->between(0.0, null)->optional(),
            Field::length('stickOut', 'or how far it stands out of its stop')->between(0.0, null)->optional(),
            Field::length('wantedLength', 'Joint to joint, wanted at ride')->positive(),
            Field::length('wantedEngagement', 'Slip in at ride, wanted')->between(0.0, null)->optional(),
            Field::length('wantedStickOut', 'or standing out at ride')->between(0.0, null)->optional(),
            Field::length('possible', 'Slip in when fully home')->positive()->optional(),
            Field::length('bump', 'Shortest distance of the joints', 'At full bump.')->positive()->optional(),
            Field::length('droop', 'Longest distance', 'At full droop.')->positive()->optional(),
            Field::length('leastClearance', 'Least clearance to the stop')->between(0.0, null)->defaults(10.0),
            Field::length('leastEngagement', 'Least slip in, by its maker')->between(0.0, null)->optional(),
            Field::length('tube', 'Tube now')->positive(),
            Field::choice('method', 'Way', ['shorten', 'newTube', 'insert'])->defaults('shorten'),
            Field::length('kerf', 'Saw cut')->between(0.0, null)->defaults(2.0)->proposing('sawCut'),
            Field::length('gap', 'Root gap of a weld')->between(0.0, null)->defaults(1.5)->proposing('rootGap'),
            Field::count('welds', 'Welds', 'Left empty: two for an insert, else one.')->between(0.0, 4.0)->optional(),
            Field::length('firstMark', 'First mark from its weld')->between(0.0, null)->optional(),
            Field::group('ears', 'Ears of both ends', [Field::length('rock', 'One end rocked flat: the other out of level by'), Field::length('span', 'over its ears')->positive(), Field::number('jointAngle', 'Angle of the joints', '°')->between(0.0, 60.0)])->optional(),
        ];
    }

    public static function results(): array
    {
        return [
            Result::length('cut', 'Take out (minus: let in)'),
            Result::length('marks', 'Between the outer edges of both cuts'),
            Result::length('secondMark', 'Second mark'),
            Result::length('newTube', 'New tube'),
            Result::length('insert', 'Insert'),
            Result::length('apart', 'Joint to joint, slip just apart'),
            Result::length('rideEngagement', 'Slip in at ride'),
            Result::length('bumpEngagement', 'at bump'),
            Result::length('droopEngagement', 'at droop'),
            Result::length('bottoming', 'To the stop at bump'),
            Result::word('bottomingState', 'clearance'),
            Result::word('engagementState', 'engagement at droop'),
            Result::group('phase', 'Ears out of line', [Result::number('angle', 'by', '°'), Result::number('residual', 'felt as one joint of', '°')]),
        ];
    }

    public function calculate(Values $given): array
    {
        $possible = $given->optional('possible');
        $now = $this->engagement($given, 'engagement', 'stickOut', $possible);
        $wanted = $this->engagement($given, 'wantedEngagement', 'wantedStickOut', $possible);
        [$bump, $droop] = [$given->optional('bump'), $given->optional('droop')];
        if ($bump !== null && $droop !== null && $bump > $droop) {
            throw InvalidFields::at('bump', 'the shortest distance is longer than the longest: exchange bump and droop.');
        }
        $cut = $given->number('length') + $now - $given->number('wantedLength') - $wanted;
        $apart = $given->number('wantedLength') + $wanted;
        $newTube = $given->number('tube') - $cut;
        if ($newTube <= 0.0) {
            throw InvalidFields::at('tube', sprintf('nothing is left of the tube: %g mm are taken out of it.', $cut));
        }
        $method = $given->text('method');
        $welds = $given->optional('welds') ?? ($method === 'insert' ? 2.0 : 1.0);
        if ($method === 'insert' && $cut >= 0.0) {
            throw InvalidFields::at('method', 'nothing is let in: the shaft becomes shorter.');
        }
        if ($method === 'shorten' && $cut < 0.0) {
            throw InvalidFields::at('method', sprintf('the shaft has to become %g mm longer: a new tube or an insert.', -$cut));
        }
        $marks = $method === 'shorten' ? $cut + $welds * $given->number('gap') : null;
        $atBump = $bump === null ? null : $apart - $bump;
        $atDroop = $droop === null ? null : $apart - $droop;
        $bottoming = $possible === null || $atBump === null ? null : $possible - $atBump;
        $first = $given->optional('firstMark');

        return [
            'cut' => $cut, 'apart' => $apart, 'newTube' => $newTube, 'insert' => $method === 'insert' ? -$cut + $given->number('kerf') - $welds * $given->number('gap') : null,
            'marks' => $marks, 'secondMark' => $marks === null || $first === null ? null : $first + $marks,
            'rideEngagement' => $wanted, 'bumpEngagement' => $atBump, 'droopEngagement' => $atDroop,
            'bottoming' => $bottoming, 'bottomingState' => Limit::atLeast($bottoming, $given->number('leastClearance')),
            'engagementState' => $atDroop !== null && $atDroop <= 0.0 ? 'out' : Limit::atLeast($atDroop, $given->optional('leastEngagement')),
            'phase' => $this->phase($given->group('ears')),
        ];
    }

    private function engagement(Values $given, string $in, string $out, ?float $possible): float
    {
        if ($given->has($in) === $given->has($out)) {
            throw InvalidFields::at($in, 'give how far the slip is in, or how far it stands out; not both, and not neither.');
        }
        if ($given->has($out) && $possible === null) {
            throw InvalidFields::at('possible', 'missing: how far the slip goes in when it is fully home.');
        }
        $engagement = $given->optional($in) ?? (float) $possible - $given->number($out);
        if ($engagement < 0.0 || ($possible !== null && $engagement > $possible)) {
            throw InvalidFields::at($given->has($in) ? $in : $out, $engagement < 0.0 ? 'stands out farther than the slip is long.' : 'is in farther than the slip goes.');
        }

        return $engagement;
    }

    /** @return ?array{angle: float, residual: float} */
    private function phase(?Values $ears): ?array
    {
        if ($ears === null) {
            return null;
        }
        if (abs($ears->number('rock')) > $ears->number('span')) {
            throw InvalidFields::at('ears.rock', 'cannot be more than the span of the ears.');
        }
        $angle = asin(abs($ears->number('rock')) / $ears->number('span'));

        return ['angle' => rad2deg($angle), 'residual' => $ears->number('jointAngle') * sqrt(2 * sin($angle))];
    }
}
