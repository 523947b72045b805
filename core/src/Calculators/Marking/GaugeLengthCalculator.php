<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Marking;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Calculators\RunningGear\Limit;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** Two witness marks across a cut: what they have to read before, tacked and cold, and what is sawn for that. */
final readonly class GaugeLengthCalculator implements Calculator
{
    private const COVERAGE = 1.96;

    public static function name(): string
    {
        return 'gauge-length';
    }

    public static function title(): string
    {
        return 'Gauge length across a cut';
    }

    public static function purpose(): string
    {
        return 'What two witness marks across a cut have to read before it, when it is tacked and when it is cold, and how long the insert, the band or the gap is for that. When it is tacked the shrinkage is still to come.';
    }

    public static function source(): string
    {
        return 'Sums along the rail; 95 % of the difference of two readings. 0.5 mm a reading, 1 mm allowed: shop defaults.';
    }

    public static function fields(): array
    {
        return [
            Field::choice('joint', 'What is done', ['insert', 'band', 'gap'], 'Let in, cut out, or set apart without an insert.'), Field::length('change', 'Longer by', 'Shorter: minus.'), Field::length('gauge', 'Marks apart before')->positive(), Field::length('kerf', 'Kerf')->between(0.0, null),
            Field::length('rootGap', 'Root gap of a joint')->between(0.0, null)->defaults(0.0), Field::length('shrinkage', 'A joint shrinks by')->between(0.0, null)->defaults(0.0),
            Field::group('readings', 'Read', [Field::length('tacked', 'tacked')->optional(), Field::length('cold', 'cold')->optional()])->optional(), Field::length('sigma', 'Uncertainty of a reading')->positive()->defaults(0.5), Field::length('tolerance', 'Allowed')->positive()->defaults(1.0),
        ];
    }

    public static function results(): array
    {
        $read = [Result::length('deviation', 'off by'), Result::length('uncertainty', '±'), Result::word('verdict', 'state')];

        return [
            Result::length('insertLength', 'Insert'), Result::length('bandBetweenMarks', 'Band, between its outer marks'), Result::length('pieceOut', 'What comes out'), Result::length('faceGap', 'Faces apart'),
            Result::group('stages', 'Marks apart', [Result::length('before', 'before'), Result::length('tacked', 'tacked'), Result::length('cold', 'cold')]), Result::group('readings', 'As read', [Result::group('tacked', 'tacked', $read), Result::group('cold', 'cold', $read)]),
        ];
    }

    public function calculate(Values $given): array
    {
        [$joint, $change, $gauge, $kerf, $gap, $shrinkage] = [$given->text('joint'), $given->number('change'), $given->number('gauge'), $given->number('kerf'), $given->number('rootGap'), $given->number('shrinkage')];
        if ($gauge <= $kerf) {
            throw InvalidFields::at('gauge', 'more than the kerf: the marks stand on either side of the cut.');
        }
        $insert = $joint === 'insert' ? $change + $kerf - 2 * $gap + 2 * $shrinkage : null;
        $band = $joint === 'band' ? -$change + $gap - $shrinkage : null;
        $faces = $joint === 'gap' ? $change + $kerf + $shrinkage : null;
        match (true) {
            $insert !== null && $insert <= 0.0 => throw InvalidFields::at('change', 'leaves no insert.'),
            $band !== null && $change >= 0.0 => throw InvalidFields::at('change', 'a band makes it shorter: minus.'),
            $band !== null && $band >= $gauge => throw InvalidFields::at('gauge', sprintf('more than the %.1f mm of the band between its marks.', $band)),
            $band !== null && $band - 2 * $kerf <= 0.0 => throw InvalidFields::at('kerf', 'two kerfs eat the band.'),
            $faces !== null && $faces < 0.0 => throw InvalidFields::at('change', 'the faces would run into each other.'),
            default => null,
        };
        $stages = ['before' => $gauge, 'tacked' => $gauge + $change + ($joint === 'insert' ? 2 : 1) * $shrinkage, 'cold' => $gauge + $change];
        $readings = $given->group('readings');

        return [
            'insertLength' => $insert, 'bandBetweenMarks' => $band, 'pieceOut' => $band === null ? null : $band - 2 * $kerf, 'faceGap' => $faces, 'stages' => $stages,
            'readings' => $readings === null || (! $readings->has('tacked') && ! $readings->has('cold')) ? null : array_combine(['tacked', 'cold'], array_map(fn (string $at): ?array => $readings->has($at) ? $this->judged($readings->number($at) - $stages[$at], $given) : null, ['tacked', 'cold'])),
        ];
    }

    /** @return array{deviation: float, uncertainty: float, verdict: string} */
    private function judged(float $deviation, Values $given): array
    {
        $uncertainty = self::COVERAGE * $given->number('sigma') * M_SQRT2;

        return ['deviation' => $deviation, 'uncertainty' => $uncertainty, 'verdict' => Limit::within($deviation, $uncertainty / 2, $given->number('tolerance'))];
    }
}
