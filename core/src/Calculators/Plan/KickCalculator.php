<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plan;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** A kick, an arch or a replaced end of rail: pieces and mitres in the side view. */
final readonly class KickCalculator implements Calculator
{
    private const KEYS = ['kick' => ['direction', 'height', 'angle', 'start'], 'arch' => ['direction', 'height', 'angle', 'start', 'topLength', 'angleAfter'], 'replace' => ['from', 'to']];

    private const NEEDED = ['kick' => ['height', 'angle'], 'arch' => ['height', 'angle', 'topLength'], 'replace' => ['from', 'to']];

    private const SHARPEST_BEND = 90.0;

    public static function name(): string
    {
        return 'kick';
    }

    public static function title(): string
    {
        return 'Kick, arch or new end';
    }

    public static function purpose(): string
    {
        return 'Pieces, mitres and where the old rails are cut, for a kick, an arch over the axle or a replaced end. Side view; equal depth on both sides of a joint; kerf and shrinkage come from the insert, for each joint.';
    }

    public static function source(): string
    {
        return 'Plane geometry of mitred joints: each is cut on the bisector of its bend.';
    }

    public static function fields(): array
    {
        $end = [Field::length('x', 'Station'), Field::length('z', 'Height'), Field::number('slope', 'Slope', '°', 'Rises rearward: plus.')->between(-80.0, 80.0)->defaults(0.0)];

        return [
            Field::choice('kind', 'What is made', array_keys(self::KEYS)),
            Field::length('depth', 'Depth of the rail at the joints')->positive(),
            Field::length('rootGap', 'Root gap')->between(0.0, null)->defaults(0.0),
            Field::choice('direction', 'Direction', ['up', 'down'])->optional(),
            Field::length('height', 'Height')->positive()->optional(),
            Field::number('angle', 'Angle of the leg', '°')->between(0.0, 80.0)->optional(),
            Field::length('start', 'Station of the first joint')->optional(),
            Field::length('topLength', 'Level middle', 'Of an arch, on its centre line.')->positive()->optional(),
            Field::number('angleAfter', 'Angle of the rear leg', '°')->between(0.0, 80.0)->optional(),
            Field::group('from', 'Old rail ends at', $end)->optional(),
            Field::group('to', 'and begins again at', $end)->optional(),
        ];
    }

    public static function results(): array
    {
        return [
            Result::length('advance', 'Rearward, first to last joint'),
            Result::length('rise', 'Upward'),
            Result::length('centreLength', 'Centre lines together'),
            Result::length('extraLength', 'longer than straight'),
            Result::table('pieces', 'Pieces', [
                Result::number('slope', 'slope', '°'), Result::length('centre', 'centre'), Result::length('top', 'top edge'), Result::length('bottom', 'bottom edge'), Result::number('mitreStart', 'mitre', '°'),
                Result::number('mitreEnd', 'other end', '°'), Result::length('stockLength', 'stock'),
            ]),
            Result::table('joints', 'Joints', [
                Result::length('x', 'station'), Result::length('z', 'height'), Result::number('bend', 'bend', '°'), Result::number('mitre', 'mitre', '°'), Result::length('cutDepth', 'depth of the cut'),
                Result::group('railEnd', 'old rail', [Result::length('top', 'top'), Result::length('bottom', 'bottom')]),
            ]),
        ];
    }

    public function calculate(Values $given): array
    {
        $kind = $given->text('kind');
        $this->mustBeOf($kind, $given);
        [$places, $slopes] = $kind === 'replace' ? $this->replaced($given) : $this->kicked($kind, $given);
        $depth = $given->number('depth');
        $joints = [];
        foreach ($places as $i => $place) {
            $bend = $slopes[$i + 1] - $slopes[$i];
            if (abs($bend) > self::SHARPEST_BEND) {
                throw InvalidFields::at('angle', sprintf('a bend of %.1f° is sharper than can be mitred.', $bend));
            }
            $joints[] = $this->joint(place: $place, bend: $bend, depth: $depth, gap: $given->number('rootGap'), end: match ($i) {
                0 => -1, count($places) - 1 => 1, default => 0,
            });
        }
        $pieces = [];
        $total = 0.0;
        for ($i = 0; $i < count($places) - 1; $i++) {
            $length = hypot($places[$i + 1][0] - $places[$i][0], $places[$i + 1][1] - $places[$i][1]);
            $total += $length;
            $pieces[] = $this->piece(length: $length, slope: $slopes[$i + 1], start: $joints[$i]['mitre'], end: $joints[$i + 1]['mitre'], depth: $depth, gap: $given->number('rootGap'));
        }
        $advance = $places[count($places) - 1][0] - $places[0][0];

        return [
            'kind' => $kind,
            'advance' => $advance,
            'rise' => $places[count($places) - 1][1] - $places[0][1],
            'centreLength' => $total,
            'extraLength' => $total - $advance,
            'joints' => $joints,
            'pieces' => $pieces,
        ];
    }

    private function mustBeOf(string $kind, Values $given): void
    {
        foreach (array_unique(array_merge(...array_values(self::KEYS))) as $key) {
            $isGiven = $given->has($key);
            if ($isGiven && ! in_array($key, self::KEYS[$kind], true)) {
                throw InvalidFields::at($key, "does not belong to a $kind; it takes ".implode(', ', self::KEYS[$kind]).'.');
            }
            if (! $isGiven && in_array($key, self::NEEDED[$kind], true)) {
                throw InvalidFields::at($key, "missing: a $kind needs it.");
            }
        }
        foreach (['angle', 'angleAfter'] as $key) {
            if ($given->optional($key) === 0.0) {
                throw InvalidFields::at($key, 'a leg without an angle never gets there; more than 0, at most 80 °.');
            }
        }
    }

    /** @return array{non-empty-list<array{float, float}>, list<float>} joints, and the slopes before, between and behind them */
    private function kicked(string $kind, Values $given): array
    {
        $way = $given->text('direction') === 'down' ? -1 : 1;
        [$height, $angle, $x] = [$way * $given->number('height'), $way * $given->number('angle'), $given->optional('start') ?? 0.0];
        $places = [[$x, 0.0], [$x + $height / tan(deg2rad($angle)), $height]];
        if ($kind === 'kick') {
            return [$places, [0.0, $angle, 0.0]];
        }
        $after = $way * ($given->optional('angleAfter') ?? $given->number('angle'));
        $top = $places[1][0] + $given->number('topLength');

        return [[...$places, [$top, $height], [$top + $height / tan(deg2rad($after)), 0.0]], [0.0, $angle, 0.0, -$after, 0.0]];
    }

    /** @return array{non-empty-list<array{float, float}>, list<float>} */
    private function replaced(Values $given): array
    {
        [$from, $to] = [$given->group('from'), $given->group('to')];
        [$x0, $z0, $x1, $z1] = [$from?->number('x') ?? 0.0, $from?->number('z') ?? 0.0, $to?->number('x') ?? 0.0, $to?->number('z') ?? 0.0];
        if ($x1 <= $x0) {
            throw InvalidFields::at('to.x', 'has to lie behind from.x.');
        }

        return [[[$x0, $z0], [$x1, $z1]], [$from?->number('slope') ?? 0.0, rad2deg(atan2($z1 - $z0, $x1 - $x0)), $to?->number('slope') ?? 0.0]];
    }

    /**
     * @param  array{float, float}  $place
     * @param  int  $end  −1 where the old rail ends, +1 where it begins again
     * @return array{x: float, z: float, bend: float, mitre: float, edgeOffset: float, cutDepth: float, railEnd: ?array{centre: float, top: float, bottom: float}}
     */
    private function joint(array $place, float $bend, float $depth, float $gap, int $end): array
    {
        $half = deg2rad($bend / 2);
        $offset = $depth / 2 * tan($half);
        $back = $gap / (2 * cos($half));

        return [
            'x' => $place[0], 'z' => $place[1], 'bend' => $bend, 'mitre' => $bend / 2, 'edgeOffset' => $offset, 'cutDepth' => $depth / cos($half),
            'railEnd' => $end === 0 ? null : ['centre' => $end * $back, 'top' => $end * ($back + $offset), 'bottom' => $end * ($back - $offset)],
        ];
    }

    /** @return array<string, float> */
    private function piece(float $length, float $slope, float $start, float $end, float $depth, float $gap): array
    {
        [$t0, $t1] = [tan(deg2rad($start)), tan(deg2rad($end))];
        $centre = $length - $gap / (2 * cos(deg2rad($start))) - $gap / (2 * cos(deg2rad($end)));
        [$top, $bottom] = [$centre - $depth / 2 * ($t0 + $t1), $centre + $depth / 2 * ($t0 + $t1)];
        if (min($top, $bottom) <= 0.0) {
            throw InvalidFields::at('depth', 'the mitres of a piece meet before its edge has any length.');
        }

        return [
            'slope' => $slope, 'centre' => $centre, 'top' => $top, 'bottom' => $bottom, 'mitreStart' => $start, 'mitreEnd' => $end,
            'stockLength' => $centre + $depth / 2 * (abs($t0) + abs($t1)),
        ];
    }
}
