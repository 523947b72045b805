<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** The arm of an anti-roll bar and its drop link through travel, from the side. */
final readonly class RollBarCalculator implements Calculator
{
    public static function name(): string
    {
        return 'roll-bar';
    }

    public static function title(): string
    {
        return 'Anti-roll bar and its links through travel';
    }

    public static function purpose(): string
    {
        return 'How far the arm of an anti-roll bar swings, how its link stands to it, and whether the link comes near going over centre. Seen from the side; both ends are ball joints; the bar turns in its bushes only.';
    }

    public static function source(): string
    {
        return 'Circles about two centres; Race Car Vehicle Dynamics, chapter 16. 30° to the line over centre: shop default.';
    }

    public static function fields(): array
    {
        return [
            Field::lengths('bar', 'Axis of the bar: rearward, up', 2), Field::lengths('arm', 'End of its arm', 2), Field::lengths('axle', 'Lower end of the link', 2),
            Field::listing('travel', 'Travel of the lower end', [Field::length('z', 'up'), Field::length('x', 'rearward')->defaults(0.0)], 1, 100)->shortFor('z'),
            Field::number('least', 'Arm and link no nearer to one line than', '°')->between(0.0, 89.0)->defaults(30.0),
        ];
    }

    public static function results(): array
    {
        return [
            Result::length('armLength', 'Arm'), Result::length('linkLength', 'Link, centre to centre'), Result::word('state', 'Through travel'), Result::number('nearest', 'Nearest to one line', '°'),
            Result::table('travel', 'Travel', [Result::length('travel', 'up'), Result::number('swing', 'arm swings', '°'), Result::number('between', 'arm to link', '°'), Result::word('state', 'state')]),
        ];
    }

    public function calculate(Values $given): array
    {
        [$bar, $arm, $axle] = [$given->numbers('bar'), $given->numbers('arm'), $given->numbers('axle')];
        [$a, $l] = [hypot($arm[0] - $bar[0], $arm[1] - $bar[1]), hypot($axle[0] - $arm[0], $axle[1] - $arm[1])];
        foreach (['arm' => $a, 'axle' => $l] as $path => $length) {
            if ($length < 1.0) {
                throw InvalidFields::at($path, 'stands on the point before it: an arm and a link are at least 1 mm long.');
            }
        }
        $ride = atan2($arm[1] - $bar[1], $arm[0] - $bar[0]);
        // The arm stays on that side of the line from bar to axle on which it stands at ride.
        $side = ($axle[0] - $bar[0]) * ($arm[1] - $bar[1]) - ($axle[1] - $bar[1]) * ($arm[0] - $bar[0]) >= 0.0 ? 1.0 : -1.0;
        $travel = array_map(fn (Values $one): array => ['travel' => $one->number('z'), ...$this->at($one, $bar, $axle, $a, $l, $side, $ride, $given->number('least'))], $given->list('travel'));
        $states = array_column($travel, 'state');
        $angles = array_filter(array_column($travel, 'between'), is_float(...));

        return [
            'armLength' => $a, 'linkLength' => $l, 'travel' => $travel, 'nearest' => $angles === [] ? null : min(array_map(fn (float $one): float => min($one, 180.0 - $one), $angles)),
            'state' => in_array('out of reach', $states, true) ? 'out of reach' : (in_array('over', $states, true) ? 'over' : 'in'),
        ];
    }

    /**
     * @param  list<float>  $bar
     * @param  list<float>  $axle
     * @return array{swing: ?float, between: ?float, state: string}
     */
    private function at(Values $moved, array $bar, array $axle, float $a, float $l, float $side, float $ride, float $least): array
    {
        [$x, $z] = [$axle[0] + $moved->number('x') - $bar[0], $axle[1] + $moved->number('z') - $bar[1]];
        $d = hypot($x, $z);
        if ($d > $a + $l || $d < abs($a - $l) || $d === 0.0) {
            return ['swing' => null, 'between' => null, 'state' => 'out of reach'];
        }
        $angle = atan2($z, $x) + $side * acos(max(-1.0, min(1.0, ($a ** 2 + $d ** 2 - $l ** 2) / (2 * $a * $d))));
        $between = rad2deg(acos(max(-1.0, min(1.0, ($a ** 2 + $l ** 2 - $d ** 2) / (2 * $a * $l)))));

        return ['swing' => rad2deg(atan2(sin($angle - $ride), cos($angle - $ride))), 'between' => $between, 'state' => min($between, 180.0 - $between) < $least ? 'over' : 'in'];
    }
}
