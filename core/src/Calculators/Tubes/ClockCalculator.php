<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Tubes;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Geometry\Vector3;

/** How the two copes of one branch are turned against each other, from where it runs and on what it lies. */
final readonly class ClockCalculator implements Calculator
{
    private const SQUARE = 1e-9;

    private const FLATTEST = 10.0;

    public static function name(): string
    {
        return 'clock';
    }

    public static function title(): string
    {
        return 'Clock angle between two copes, and the mirror';
    }

    public static function purpose(): string
    {
        return 'By how much the cope at one end of a tube is turned against that at the other, what angle and offset each has, how long the tube is from foot to foot, and the same for the part of the other side. Etch “left” and “right” on the parts.';
    }

    public static function source(): string
    {
        return 'Vector algebra. Both templates share one zero line along the tube, on the wall that is longest at its end; clockwise looking from the first end to the second.';
    }

    public static function fields(): array
    {
        $header = [Field::numbers('direction', 'Runs along', '', 3, 'Rearward, right, up; of any length.'), Field::lengths('through', 'Through', 3, help: 'A point of its axis; left empty: the node.')->optional()];

        return [
            Field::lengths('from', 'First node', 3, help: 'Rearward, right, up.'), Field::lengths('to', 'Second node', 3), Field::group('fromHeader', 'Header at the first', $header), Field::group('toHeader', 'Header at the second', $header),
            Field::length('diameter', 'Diameter of the branch')->positive(), Field::length('paper', 'Thickness of the paper')->between(0.0, null)->defaults(0.1),
        ];
    }

    public static function results(): array
    {
        $end = [Result::number('angle', 'between the axes', '°'), Result::length('offset', 'beside the middle'), Result::lengths('foot', 'foot')];

        return [
            Result::length('nodeLength', 'Foot to foot'), Result::number('clock', 'Turned by', '°'), Result::length('wrap', 'round by'), Result::group('from', 'First end', $end), Result::group('to', 'Second end', $end),
            Result::group('mirror', 'Mirror part', [Result::number('clock', 'turned by', '°'), Result::length('fromOffset', 'first end, beside the middle'), Result::length('toOffset', 'second end, beside the middle')]),
        ];
    }

    public function calculate(Values $given): array
    {
        [$from, $to] = [$given->place('from') ?? throw InvalidFields::at('from', 'missing.'), $given->place('to') ?? throw InvalidFields::at('to', 'missing.')];
        if ($to->minus($from)->norm() < self::SQUARE) {
            throw InvalidFields::at('to', 'stands where the first node stands.');
        }
        $axis = $to->minus($from)->unit();
        $first = $this->seated($given->within('fromHeader'), $from, $axis, 'fromHeader');
        $second = $this->seated($given->within('toHeader'), $to, $axis->times(-1.0), 'toHeader');
        $length = $second['foot']->minus($first['foot'])->dot($axis);
        if ($length <= 0.0) {
            throw InvalidFields::at('toHeader.through', 'the feet stand in the wrong order: the headers pass the branch outside of each other.');
        }
        $clock = $this->turn(rad2deg(atan2($axis->dot($first['long']->cross($second['long'])), $first['long']->dot($second['long']))));

        return [
            'nodeLength' => $length, 'from' => ['angle' => $first['angle'], 'offset' => $first['offset'], 'foot' => $first['foot']->toArray()], 'to' => ['angle' => $second['angle'], 'offset' => $second['offset'], 'foot' => $second['foot']->toArray()],
            'clock' => $clock, 'wrap' => M_PI * ($given->number('diameter') + $given->number('paper')) * $clock / 360.0, 'mirror' => ['clock' => $this->turn(-$clock), 'fromOffset' => -$first['offset'], 'toOffset' => -$second['offset']],
        ];
    }

    /**
     * @param  Vector3  $away  along the branch, away from this header
     * @return array{angle: float, offset: float, foot: Vector3, long: Vector3}
     */
    private function seated(Values $header, Vector3 $node, Vector3 $away, string $path): array
    {
        [$x, $y, $z] = $header->numbers('direction');
        $given = Vector3::of($x, $y, $z);
        if ($given->norm() < 1e-12) {
            throw InvalidFields::at("$path.direction", 'has no length.');
        }
        $along = $given->unit();
        $cosine = $along->dot($away);
        // Which way round it was measured says nothing, but where it is square to the branch.
        if ($cosine < -self::SQUARE) {
            [$along, $cosine] = [$along->times(-1.0), -$cosine];
        }
        $across = $along->minus($away->times($cosine));
        $angle = rad2deg(atan2($across->norm(), $cosine));
        if ($angle < self::FLATTEST) {
            throw InvalidFields::at("$path.direction", 'the header runs less than 10° from the branch.');
        }
        $long = $across->times(-1.0)->unit();
        // Feet of the common perpendicular of both axes.
        $between = ($header->place('through') ?? $node)->minus($node);
        $square = 1.0 - $cosine ** 2;
        $onBranch = ($between->dot($away) - $cosine * $between->dot($along)) / $square;
        $onHeader = ($cosine * $between->dot($away) - $between->dot($along)) / $square;
        $foot = $node->plus($away->times($onBranch));

        return ['angle' => $angle, 'offset' => $foot->minus($node->plus($between)->plus($along->times($onHeader)))->dot($long->cross($away)), 'foot' => $foot, 'long' => $long];
    }

    /** Over −180 to 180. */
    private function turn(float $angle): float
    {
        return $angle <= -180.0 ? $angle + 360.0 : $angle;
    }
}
