<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Marking;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** Holes for plug welds along a seam, clear of holes, bends and ends. */
final readonly class PlugsCalculator implements Calculator
{
    private const NEAR = 1e-9;

    public static function name(): string
    {
        return 'plugs';
    }

    public static function title(): string
    {
        return 'Plug holes along a seam';
    }

    public static function purpose(): string
    {
        return 'How large plug holes in a plate are, how far apart, and where each goes along a seam so that it keeps clear of holes, bends and ends. The spacing is that of plugs that carry; what the joint needs is another question.';
    }

    public static function source(): string
    {
        return 'AISC 360 J2.3 and AWS D1.1 for diameter and spacing of four diameters; ends and holes two diameters off, plasma holes 1.5 times the plate: shop defaults.';
    }

    public static function fields(): array
    {
        return [
            Field::length('thickness', 'Plate')->positive(), Field::places('seam', 'Seam, corner by corner', 2, 2), Field::length('diameter', 'Diameter')->positive()->optional(), Field::length('pitch', 'Wanted apart')->positive()->optional(), Field::length('edge', 'Ends of the seam off by')->between(0.0, null)->optional(),
            Field::length('clear', 'Edges of holes off by')->between(0.0, null)->optional(), Field::length('greatestPitch', 'No further apart than')->positive()->optional(),
            Field::listing('holes', 'Holes', [Field::lengths('at', 'at', 2), Field::length('diameter', 'diameter')->positive()], 0, 200)->optional(), Field::listing('keepOut', 'Keep out', [Field::length('from', 'from'), Field::length('to', 'to')], 0, 200)->optional(),
        ];
    }

    public static function results(): array
    {
        return [
            Result::count('count', 'Plugs'), Result::length('diameter', 'Diameter'), Result::length('leastDiameter', 'at least'), Result::length('greatestDiameter', 'at most'), Result::length('pitch', 'Planned apart'), Result::length('greatestGap', 'Farthest apart'), Result::length('leastPlasmaHole', 'Least hole by plasma'),
            Result::table('plugs', 'Plugs', [Result::length('along', 'along the seam'), Result::lengths('at', 'at'), Result::length('moved', 'moved by')]), Result::lengths('omitted', 'Left out'),
        ];
    }

    public function calculate(Values $given): array
    {
        $thickness = $given->number('thickness');
        $least = 2 * ceil(($thickness + 8) / 2 - self::NEAR);
        $greatest = max($least + 3, 2.25 * $thickness);
        $diameter = $given->optional('diameter') ?? $least;
        if ($diameter < $least - self::NEAR || $diameter > $greatest + self::NEAR) {
            throw InvalidFields::at('diameter', sprintf('from %g to %g mm in a plate of %g.', $least, $greatest, $thickness));
        }
        $apart = 4 * $diameter;
        $pitch = $given->optional('pitch') ?? $apart;
        if ($pitch < $apart - self::NEAR) {
            throw InvalidFields::at('pitch', sprintf('at least %g mm, four diameters.', $apart));
        }
        $seam = Seam::of($given->places('seam'));
        $edge = $given->optional('edge') ?? 2 * $diameter;
        $planned = $this->planned($seam->length, $edge, $pitch, $apart, $given->optional('greatestPitch'));
        $placed = $omitted = [];
        $barred = $this->barred($given, $seam, $given->optional('clear') ?? 2 * $diameter);
        foreach ($planned as $i => $at) {
            $along = $this->placed($at, $barred, $placed === [] ? -INF : $placed[count($placed) - 1]['along'] + $apart, ($planned[$i + 1] ?? INF) - $apart, $edge, $seam->length - $edge);
            if ($along === null) {
                $omitted[] = $at;
            } else {
                $placed[] = ['along' => $along, 'at' => $seam->at($along), 'moved' => $along - $at];
            }
        }
        $gaps = array_map(fn (int $i): float => $placed[$i]['along'] - $placed[$i - 1]['along'], array_keys(array_slice($placed, 1, null, true)));

        return $placed === [] ? throw InvalidFields::at('seam', 'there is no place for any plug on it.') : [
            'diameter' => $diameter, 'leastDiameter' => $least, 'greatestDiameter' => $greatest, 'pitch' => count($planned) < 2 ? null : ($seam->length - 2 * $edge) / (count($planned) - 1), 'count' => count($placed),
            'plugs' => $placed, 'omitted' => $omitted, 'greatestGap' => $gaps === [] ? null : max($gaps), 'leastPlasmaHole' => 1.5 * $thickness,
        ];
    }

    /** @return list<float> along the seam, evenly */
    private function planned(float $length, float $edge, float $pitch, float $apart, ?float $greatest): array
    {
        $room = $length - 2 * $edge;
        if ($room < -self::NEAR) {
            throw InvalidFields::at('seam', sprintf('at least %g mm long: both its ends are kept clear.', 2 * $edge));
        }
        $spaces = max((int) floor($room / $pitch + self::NEAR), $greatest === null ? 0 : (int) ceil($room / $greatest - self::NEAR));
        if ($spaces > 0 && $room / $spaces < $apart - self::NEAR) {
            throw InvalidFields::at('greatestPitch', 'cannot be kept with four diameters between plugs.');
        }
        if ($spaces > 5000) {
            throw InvalidFields::at('seam', 'takes more plugs than anybody welds: is its unit right?');
        }

        return $spaces === 0 ? [$length / 2] : array_map(fn (int $i): float => $edge + $room * $i / $spaces, range(0, $spaces));
    }

    /** @return list<array{float, float}> stretches along the seam where no plug may be, those that overlap joined */
    private function barred(Values $given, Seam $seam, float $clear): array
    {
        $barred = [];
        foreach ($given->list('keepOut') as $i => $out) {
            if ($out->number('from') >= $out->number('to')) {
                throw InvalidFields::at("keepOut[$i].to", 'lies behind its from.');
            }
            $barred[] = [$out->number('from'), $out->number('to')];
        }
        foreach ($given->list('holes') as $hole) {
            array_push($barred, ...$seam->near($hole->numbers('at'), $hole->number('diameter') / 2 + $clear));
        }
        usort($barred, fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $joined = [];
        foreach ($barred as [$from, $to]) {
            $last = count($joined) - 1;
            if ($last >= 0 && $from <= $joined[$last][1] + self::NEAR) {
                [$from, $to] = [$joined[$last][0], max($joined[$last][1], $to)];
                array_pop($joined);
            }
            $joined[] = [$from, $to];
        }

        return $joined;
    }

    /**
     * Where it is planned, or at the nearer end of what is barred; null where neither end keeps its distances.
     *
     * @param  list<array{float, float}>  $barred
     */
    private function placed(float $at, array $barred, float $behind, float $before, float $first, float $last): ?float
    {
        foreach ($barred as [$from, $to]) {
            if ($at > $from + self::NEAR && $at < $to - self::NEAR) {
                $ends = abs($at - $from) <= abs($to - $at) + self::NEAR ? [$from, $to] : [$to, $from];
                foreach ($ends as $end) {
                    if ($end >= max($behind, $first) - self::NEAR && $end <= min($before, $last) + self::NEAR) {
                        return $end;
                    }
                }

                return null;
            }
        }

        return $at >= $behind - self::NEAR ? $at : null;
    }
}
