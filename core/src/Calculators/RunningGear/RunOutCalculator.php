<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** Dial readings round a shaft: bent or out of round, where, and what to shrink. */
final readonly class RunOutCalculator implements Calculator
{
    public static function name(): string
    {
        return 'run-out';
    }

    public static function title(): string
    {
        return 'Run-out of a shaft';
    }

    public static function purpose(): string
    {
        return 'Whether a shaft is out of line or out of round, from dial readings at any angles and stations; where along it the kink lies, and which side to tack and shrink first. On V-blocks or rollers the tube\'s own shape enters the reading.';
    }

    public static function source(): string
    {
        return 'Harmonic analysis by least squares; ISO 21940-11 for grades of balance; ISO 1101 and 12181 for the words.';
    }

    public static function fields(): array
    {
        return [
            Field::listing('stations', 'Stations', [
                Field::length('x', 'Along the shaft')->defaults(0.0), Field::number('start', 'First angle', '°')->defaults(0.0), Field::number('step', 'Step', '°')->between(-180.0, 180.0)->optional(),
                Field::series('angles', 'or each angle', '°', 5, 360)->optional(), Field::series('values', 'Readings', 'mm', 5, 360, 'Stands out towards the dial: plus. Not read: -.')->mayMiss(),
            ], 1, 60),
            Field::number('sigma', 'Uncertainty of a reading', 'mm')->positive()->defaults(0.01),
            Field::number('limit', 'Allowed, dial', 'mm')->positive()->defaults(0.5),
            Field::length('outer', 'Tube, outer diameter')->positive()->optional(),
            Field::choice('on', 'Turned on', ['centres', 'bearings', 'vBlocks', 'rollers'])->defaults('bearings'),
            Field::number('mass', 'Mass of the shaft', 'kg')->positive()->optional(),
            Field::number('speed', 'Speed', 'rev/min')->positive()->optional(),
        ];
    }

    public static function results(): array
    {
        return [
            Result::table('stations', 'Stations', [
                Result::length('x', 'at'), Result::word('verdict', 'what'), Result::word('state', 'bend'), Result::number('outOfLine', 'dial, of bend', 'mm'), Result::number('outOfLineSigma', '±', 'mm'),
                Result::number('diameterDifference', 'diameters differ by', 'mm'), Result::number('total', 'dial, in all', 'mm'), Result::truth('roundReliable', 'roundness to be believed'),
            ]),
            Result::group('tackFirst', 'Tack and shrink first', [Result::length('x', 'at'), Result::number('at', 'on the side at', '°')]),
            Result::table('kinks', 'Kinks', [Result::length('x', 'at'), Result::number('angle', 'angle', '°'), Result::number('convexAt', 'outer side at', '°'), Result::number('shrink', 'has to shrink by', 'mm')]),
            Result::group('unbalance', 'Unbalance', [Result::number('eccentricity', 'off by', 'mm'), Result::number('unbalance', 'unbalance', 'g·mm'), Result::number('force', 'force at speed', 'N'), Result::number('grade', 'grade', 'mm/s')]),
        ];
    }

    public function calculate(Values $given): array
    {
        $sigma = $given->number('sigma');
        $stations = [];
        foreach ($given->list('stations') as $i => $station) {
            $stations[] = ['x' => $station->number('x'), 'fit' => DialFit::of($station, $sigma, "stations[$i]")];
        }
        usort($stations, fn (array $a, array $b): int => $a['x'] <=> $b['x']);
        for ($i = 1; $i < count($stations); $i++) {
            if ($stations[$i]['x'] - $stations[$i - 1]['x'] < 1e-9) {
                throw InvalidFields::at('stations', 'two stand at one place of the shaft.');
            }
        }
        $kinks = $this->kinks($stations, $given->optional('outer'));
        $first = null;
        foreach ($kinks as $kink) {
            $first = $first === null || $kink['angle'] > $first['angle'] + 1e-12 ? $kink : $first;
        }

        return [
            'stations' => array_map(fn (array $one): array => $this->told($one['x'], $one['fit'], $given), $stations),
            'kinks' => $kinks, 'tackFirst' => $first === null ? null : ['x' => $first['x'], 'at' => $first['convexAt']], 'unbalance' => $this->unbalance($stations, $given->optional('mass'), $given->optional('speed')),
        ];
    }

    /** @return array<string, mixed> */
    private function told(float $x, DialFit $fit, Values $given): array
    {
        [$bend, $oval] = [$fit->harmonics[0], $fit->harmonics[1]];
        [$a, $sa, $b, $sb] = [$bend['amplitude'], $bend['sigma'], $oval['amplitude'], $oval['sigma']];
        $limit = $given->number('limit');
        $both = 2 * hypot($sa, $sb);

        return [
            'x' => $x, 'harmonics' => $fit->harmonics, 'total' => $fit->total, 'outOfLine' => 2 * $a, 'outOfLineSigma' => 2 * $sa, 'diameterDifference' => 4 * $b, 'rms' => $fit->rms, 'struck' => $fit->struck, 'traced' => $fit->traced(), 'readings' => $fit->readings,
            'verdict' => match (true) {
                $a < 2 * $sa && $b < 2 * $sb => 'neither', $a - $b > $both => 'outOfLine', $b - $a > $both => 'outOfRound', default => 'both'
            },
            'roundReliable' => in_array($given->text('on'), ['centres', 'bearings'], true),
            'state' => 2 * $a + 4 * $sa <= $limit + 1e-9 ? 'in' : (2 * $a - 4 * $sa > $limit + 1e-9 ? 'out' : 'unsure'),
        ];
    }

    /**
     * @param  list<array{x: float, fit: DialFit}>  $stations
     * @return list<array{x: float, angle: float, convexAt: ?float, shrink: ?float}>
     */
    private function kinks(array $stations, ?float $outer): array
    {
        $slope = fn (int $i, int $k): float => ($stations[$i + 1]['fit']->bend[$k] - $stations[$i]['fit']->bend[$k]) / ($stations[$i + 1]['x'] - $stations[$i]['x']);
        $kinks = [];
        for ($i = 1; $i < count($stations) - 1; $i++) {
            $kink = [$slope($i, 0) - $slope($i - 1, 0), $slope($i, 1) - $slope($i - 1, 1)];
            $size = hypot(...$kink);
            $kinks[] = ['x' => $stations[$i]['x'], 'angle' => rad2deg($size), 'convexAt' => $size < 1e-9 ? null : fmod(rad2deg(atan2(-$kink[1], -$kink[0])) + 360.0, 360.0), 'shrink' => $outer === null ? null : $size * $outer];
        }

        return $kinks;
    }

    /**
     * @param  list<array{x: float, fit: DialFit}>  $stations
     * @return ?array{eccentricity: float, unbalance: float, force: float, grade: float}
     */
    private function unbalance(array $stations, ?float $mass, ?float $speed): ?array
    {
        if ($mass === null || $speed === null) {
            return null;
        }
        $sum = [0.0, 0.0];
        for ($i = 1; $i < count($stations); $i++) {
            foreach ([0, 1] as $k) {
                $sum[$k] += ($stations[$i]['fit']->bend[$k] + $stations[$i - 1]['fit']->bend[$k]) / 2 * ($stations[$i]['x'] - $stations[$i - 1]['x']);
            }
        }
        $length = $stations[count($stations) - 1]['x'] - $stations[0]['x'];
        $off = $length > 0.0 ? hypot(...$sum) / $length : hypot(...$stations[0]['fit']->bend);
        $turn = 2 * M_PI * $speed / 60;

        return ['eccentricity' => $off, 'unbalance' => $mass * $off * 1000, 'force' => $mass * $off / 1000 * $turn ** 2, 'grade' => $off * $turn];
    }
}
