<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunSheet;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** How far welds bend, kink and shorten a member. */
final readonly class DistortionCalculator implements Calculator
{
    private const MM_PER_INCH = 25.4;

    public static function name(): string
    {
        return 'distortion';
    }

    public static function title(): string
    {
        return 'Distortion by welds';
    }

    public static function purpose(): string
    {
        return 'An estimate, half as much either way, of how far welds along a member bow it, welds across it shorten and kink it, and fillets bend a flange edge. The ends rise: plus. The shop’s own book of cases replaces it; held until cold it is a part of it only.';
    }

    public static function source(): string
    {
        return 'Blodgett, Design of Welded Structures; Lincoln, Procedure Handbook of Arc Welding.';
    }

    public static function fields(): array
    {
        return [
            Field::length('length', 'Member')->positive()->optional(), Field::number('inertia', 'Its inertia', 'mm⁴')->positive()->optional(),
            Field::listing('longitudinal', 'Welds along', [...WeldArea::fields(), Field::length('z', 'above the neutral axis'), Field::length('from', 'from')->defaults(0.0), Field::length('to', 'to')->optional(), Field::number('share', 'share of it')->between(0.0, 1.0)->defaults(1.0)], 0, 100)->optional(),
            Field::listing('transverse', 'Welds across', [...WeldArea::fields(), Field::length('thickness', 'plate')->positive(), Field::length('z', 'above the neutral axis')->defaults(0.0), Field::length('length', 'long')->positive()->defaults(1.0)], 0, 100)->optional(),
            Field::listing('angular', 'Fillets on a flange', [Field::length('width', 'flange, wide')->positive(), Field::length('leg', 'leg')->positive(), Field::length('thickness', 'thickness')->positive()], 0, 100)->optional(),
            Field::number('factor', 'Of it, where held')->between(0.0, 2.0)->defaults(1.0),
        ];
    }

    public static function results(): array
    {
        return [Result::length('bow', 'Bow at mid length'), Result::number('bend', 'Turn between the ends', '°'), Result::number('kink', 'Kink', '°'), Result::length('lengthChange', 'Longer by'), Result::lengths('transverse', 'Each weld across shrinks by'), Result::lengths('angular', 'Flange bends by at most')];
    }

    public function calculate(Values $given): array
    {
        [$along, $across, $flange, $factor] = [$given->list('longitudinal'), $given->list('transverse'), $given->list('angular'), $given->number('factor')];
        if ($along === [] && $across === [] && $flange === []) {
            throw InvalidFields::at('longitudinal', 'no weld was given at all.');
        }
        if ($factor <= 0.0) {
            throw InvalidFields::at('factor', 'over 0.');
        }
        [$bow, $bend] = $this->bent($given, $along);
        $shrink = array_map(fn (int $i, Values $weld): float => 0.10 * WeldArea::of($weld, "transverse[$i]") / $weld->number('thickness'), array_keys($across), $across);
        [$mean, $slope] = $this->across($across, $shrink);
        $scaled = fn (?float $value): ?float => $value === null ? null : $value * $factor;

        return [
            'bow' => $scaled($bow), 'bend' => $scaled($bend), 'transverse' => array_map(fn (float $one): float => $one * $factor, $shrink), 'lengthChange' => $scaled($mean === null ? null : -$mean), 'kink' => $scaled($slope === null ? null : rad2deg($slope)),
            'angular' => array_map(fn (Values $one): float => $factor * self::MM_PER_INCH * 0.02 * $one->number('width') / self::MM_PER_INCH * ($one->number('leg') / self::MM_PER_INCH) ** 1.3 / ($one->number('thickness') / self::MM_PER_INCH) ** 2, $flange),
        ];
    }

    /**
     * @param  list<Values>  $welds  along
     * @return array{?float, ?float} bow (mm) and turn between the ends (°)
     */
    private function bent(Values $given, array $welds): array
    {
        if ($welds === []) {
            return [null, null];
        }
        foreach (['length', 'inertia'] as $asked) {
            if (! $given->has($asked)) {
                throw InvalidFields::at($asked, 'missing: welds along the member bend it by it.');
            }
        }
        $length = $given->number('length');
        // Of the moment diagram that a unit load at mid length draws.
        $moment = fn (float $x): float => $x <= $length / 2 ? $x ** 2 / 4 : $length ** 2 / 8 - ($length - $x) ** 2 / 4;
        $bow = $turn = 0.0;
        foreach ($welds as $i => $weld) {
            [$from, $to] = [$weld->number('from'), $weld->optional('to') ?? $length];
            if ($from < 0.0 || $to > $length + 1e-9 || $to <= $from) {
                throw InvalidFields::at("longitudinal[$i].to", sprintf('behind its from, and both within the %g mm of the member.', $length));
            }
            $curve = 0.04 * WeldArea::of($weld, "longitudinal[$i]") * $weld->number('share') * $weld->number('z') / $given->number('inertia');
            $bow += $curve * ($moment($to) - $moment($from));
            $turn += $curve * ($to - $from);
        }

        return [$bow, rad2deg($turn)];
    }

    /**
     * @param  list<Values>  $welds
     * @param  list<float>  $shrink
     * @return array{?float, ?float} weighted mean, and slope over the height (rad)
     */
    private function across(array $welds, array $shrink): array
    {
        if ($welds === []) {
            return [null, null];
        }
        $weights = array_map(fn (Values $weld): float => $weld->number('length'), $welds);
        $heights = array_map(fn (Values $weld): float => $weld->number('z'), $welds);
        [$mean, $middle] = [self::weighted($weights, $shrink), self::weighted($weights, $heights)];
        $square = self::weighted($weights, array_map(fn (float $z): float => ($z - $middle) ** 2, $heights));
        $tilt = self::weighted($weights, array_map(fn (float $z, float $d): float => ($z - $middle) * ($d - $mean), $heights, $shrink));

        return [$mean, $square < 1e-9 ? 0.0 : $tilt / $square];
    }

    /**
     * @param  list<float>  $weights
     * @param  list<float>  $values
     */
    private static function weighted(array $weights, array $values): float
    {
        return array_sum(array_map(fn (float $w, float $v): float => $w * $v, $weights, $values)) / array_sum($weights);
    }
}
