<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators;

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\Values;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/**
 * How much its supports twist a frame: the front rolls against the rear. Four corners of a rigid body lie in a plane but for one degree of freedom,
 * which is the twist; one foot higher by h is a twist of h.
 */
final readonly class SupportTwistCalculator implements Calculator
{
    private const CORNERS = ['frontLeft' => 'Front left', 'frontRight' => 'Front right', 'rearLeft' => 'Rear left', 'rearRight' => 'Rear right'];

    private const COVERAGE = 1.96;

    public static function name(): string
    {
        return 'support-twist';
    }

    public static function title(): string
    {
        return 'Twist on its supports';
    }

    public static function purpose(): string
    {
        return 'Heights of four corners, on posts or jacks, and the same four on its wheels if they were read: how far the supports wind the frame, and which jack takes it out. Stand clear of what is lifted, and let it rest on stands.';
    }

    public static function fields(): array
    {
        return [
            Field::group('heights', 'Heights on the supports', self::corners()),
            Field::group('reference', 'The same four on its wheels', self::corners(), 'Left empty: a level frame.')->optional(),
            Field::length('frontWidth', 'Between the front points')->positive(),
            Field::length('rearWidth', 'Between the rear points')->positive(),
            Field::length('sigma', 'A height is good to (one sigma)', 'A careful staff: 1 mm.')->positive()->defaults(1.0),
            Field::length('limit', 'Allowed twist', '2 mm')->positive()->defaults(2.0),
        ];
    }

    public static function results(): array
    {
        return [
            Result::sentence('text', 'What it says'),
            Result::sentence('verdict', 'Verdict'),
            Result::length('twist', 'Twist, front less rear, right side high'),
            Result::number('twistAngle', 'Twist as an angle', '°'),
            Result::number('frontRoll', 'Roll of the front', '°'),
            Result::number('rearRoll', 'Roll of the rear', '°'),
            Result::length('referenceTwist', 'Twist on its wheels'),
            Result::length('difference', 'What the supports put in'),
            Result::length('uncertainty', 'Half of its 95 % interval'),
            Result::lengths('jacks', 'One jack, up positive'),
        ];
    }

    public static function source(): string
    {
        return 'Twist τ = w̄ [(front right − front left) / front width − (rear right − rear left) / rear width], w̄ the mean width; ± 1.96 w̄ σ √(2/w² front + 2/w² rear), √2 of it against a reference (propagation of variances).';
    }

    public function calculate(Values $given): array
    {
        $heights = $given->group('heights') ?? new Values([]);
        $reference = $given->group('reference');
        [$wide, $behind] = [$given->number('frontWidth'), $given->number('rearWidth')];
        $mean = ($wide + $behind) / 2;
        [$front, $rear] = $this->rolls($heights, $wide, $behind);
        $twist = $mean * ($front - $rear);
        $before = null;
        if ($reference !== null) {
            [$a, $b] = $this->rolls($reference, $wide, $behind);
            $before = $mean * ($a - $b);
        }
        $difference = $twist - ($before ?? 0.0);
        $uncertainty = self::COVERAGE * $mean * $given->number('sigma') * sqrt((2 / $wide ** 2 + 2 / $behind ** 2) * ($reference === null ? 1 : 2));
        $limit = $given->number('limit');
        $verdict = match (true) {
            abs($difference) - $uncertainty > $limit => 'out',
            abs($difference) + $uncertainty <= $limit => 'in',
            default => 'unsure',
        };
        $jacks = ['frontLeft' => $difference * $wide / $mean, 'frontRight' => -$difference * $wide / $mean, 'rearLeft' => -$difference * $behind / $mean, 'rearRight' => $difference * $behind / $mean];

        return [
            'text' => $this->say(verdict: $verdict, twist: $difference, expanded: $uncertainty, limit: $limit, frontLeft: $jacks['frontLeft']),
            'twist' => $twist,
            'twistAngle' => rad2deg(atan($front) - atan($rear)),
            'frontRoll' => rad2deg(atan($front)),
            'rearRoll' => rad2deg(atan($rear)),
            'referenceTwist' => $before,
            'difference' => $difference,
            'uncertainty' => $uncertainty,
            'verdict' => $verdict,
            'jacks' => $jacks,
        ];
    }

    private function say(string $verdict, float $twist, float $expanded, float $limit, float $frontLeft): Sentence
    {
        $then = match ($verdict) {
            'in' => ', within {limit}.',
            'out' => ', more than {limit}: {move} the front left by {jack}, or move one other jack as below, and read again.',
            default => '; too close to {limit} to call. Read the heights again.',
        };

        return Sentence::of(
            "support-twist.$verdict", "The supports wind the frame by {twist}$then",
            twist: Measure::computed(abs($twist), $expanded), limit: Measure::given($limit), move: $frontLeft > 0 ? 'raise' : 'let down', jack: Measure::computed(abs($frontLeft)),
        );
    }

    /** @return array{float, float} how far the right side stands above the left in front and behind, by the width there */
    private function rolls(Values $heights, float $wide, float $behind): array
    {
        return [($heights->number('frontRight') - $heights->number('frontLeft')) / $wide, ($heights->number('rearRight') - $heights->number('rearLeft')) / $behind];
    }

    /** @return list<Field> */
    private static function corners(): array
    {
        return array_map(fn (string $name, string $label): Field => Field::length($name, $label), array_keys(self::CORNERS), self::CORNERS);
    }
}
