<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\LinearAlgebra\EigenSolver;

/** Dial readings round one place of a shaft, as harmonics: the first is a bend, the second an oval, the third a triangle; one bump is struck. */
final readonly class DialFit
{
    private const LEAST = 5;

    /** Readings from which a bump can be told from a shape. */
    private const BUMP_FROM = 8;

    private const STRUCK = 3.0;

    private const NOTHING = 1e-6;

    /** Degrees between two places of the shape that is drawn. */
    private const TRACED_EVERY = 5;

    /**
     * @param  list<array{amplitude: float, at: ?float, sigma: float}>  $harmonics
     * @param  array{float, float}  $bend  of the axis: cosine and sine of the first (mm)
     * @param  list<array{at: float, read: float}>  $readings  degrees; mm above the mean of the shape
     */
    private function __construct(public array $harmonics, public array $bend, public float $total, public float $rms, public ?int $struck, public array $readings) {}

    /** @throws InvalidFields if the readings do not tell a shape */
    public static function of(Values $station, float $sigma, string $path): self
    {
        $values = $station->readings('values');
        $angles = self::angles($station, count($values), $path);
        $used = array_filter($values, is_float(...));
        if (count($used) < self::LEAST) {
            throw InvalidFields::at("$path.values", 'fewer than 5 readings do not tell a bend from a shape.');
        }
        $struck = self::bump($angles, $used, $sigma, $path);
        if ($struck !== null) {
            unset($used[$struck]);
        }
        $many = count($used) >= 7 ? 3 : 2;
        ['solution' => $solution, 'cofactors' => $cofactors, 'residuals' => $residuals] = self::fit($angles, $used, $many, $path);
        $harmonics = [];
        for ($k = 1; $k <= $many; $k++) {
            [$i, $c, $s] = [2 * $k - 1, $solution[2 * $k - 1], $solution[2 * $k]];
            $amplitude = hypot($c, $s);
            [$u, $v] = $amplitude < self::NOTHING ? [M_SQRT1_2, M_SQRT1_2] : [$c / $amplitude, $s / $amplitude];
            $variance = $cofactors[$i][$i] * $u ** 2 + 2 * $cofactors[$i][$i + 1] * $u * $v + $cofactors[$i + 1][$i + 1] * $v ** 2;
            $harmonics[] = ['amplitude' => $amplitude, 'at' => $amplitude < self::NOTHING ? null : fmod(rad2deg(atan2($s, $c)) + 360.0, 360.0) / $k, 'sigma' => $sigma * sqrt(max(0.0, $variance))];
        }

        $readings = [];
        foreach ($values as $i => $value) {
            if ($value !== null) {
                $readings[] = ['at' => rad2deg($angles[$i]), 'read' => $value - $solution[0]];
            }
        }

        return new self($harmonics, [$solution[1], $solution[2]], max([-INF, ...array_values($used)]) - min([INF, ...array_values($used)]), sqrt(array_sum(array_map(fn (float $one): float => $one ** 2, $residuals)) / count($residuals)), $struck, $readings);
    }

    /**
     * The shape all round, to be drawn: where and how far it stands out of a circle.
     *
     * @return list<array{at: float, out: float}> degrees; mm
     */
    public function traced(): array
    {
        $traced = [];
        for ($at = 0; $at < 360; $at += self::TRACED_EVERY) {
            $out = 0.0;
            foreach ($this->harmonics as $k => $one) {
                $out += $one['at'] === null ? 0.0 : $one['amplitude'] * cos(($k + 1) * deg2rad($at - $one['at']));
            }
            $traced[] = ['at' => (float) $at, 'out' => $out];
        }

        return $traced;
    }

    /** @return list<float> radians */
    private static function angles(Values $station, int $many, string $path): array
    {
        if ($station->has('step') === $station->has('angles')) {
            throw InvalidFields::at("$path.step", 'give the step between readings, or each angle; not both, and not neither.');
        }
        if ($station->has('angles')) {
            $angles = $station->numbers('angles');

            return count($angles) === $many ? array_map(deg2rad(...), $angles) : throw InvalidFields::at("$path.angles", sprintf('%d angles for %d readings.', count($angles), $many));
        }

        return array_map(fn (int $i): float => deg2rad($station->number('start') + $i * $station->number('step')), range(0, $many - 1));
    }

    /**
     * The one reading that does not fit where all others then do.
     *
     * @param  list<float>  $angles
     * @param  array<int, float>  $used
     */
    private static function bump(array $angles, array $used, float $sigma, string $path): ?int
    {
        if (count($used) < self::BUMP_FROM) {
            return null;
        }
        $many = count($used) >= 10 ? 3 : 2;
        $off = self::standardised($angles, $used, $many, $sigma, $path);
        $most = max([0.0, ...array_values($off)]);
        $worst = (int) array_search($most, $off, true);
        if ($most <= self::STRUCK) {
            return null;
        }
        unset($used[$worst]);

        return max([0.0, ...array_values(self::standardised($angles, $used, $many, $sigma, $path))]) <= self::STRUCK ? $worst : null;
    }

    /**
     * @param  list<float>  $angles
     * @param  array<int, float>  $used
     * @return array<int, float>
     */
    private static function standardised(array $angles, array $used, int $many, float $sigma, string $path): array
    {
        ['residuals' => $residuals, 'redundancy' => $redundancy] = self::fit($angles, $used, $many, $path);

        $off = [];
        foreach (array_keys($used) as $r => $i) {
            $off[$i] = $redundancy[$r] < 1e-9 ? 0.0 : abs($residuals[$r]) / ($sigma * sqrt($redundancy[$r]));
        }

        return $off;
    }

    /**
     * @param  list<float>  $angles
     * @param  array<int, float>  $used
     * @return array{solution: array<int, float>, cofactors: array<int, array<int, float>>, residuals: list<float>, redundancy: list<float>}
     */
    private static function fit(array $angles, array $used, int $many, string $path): array
    {
        $rows = array_map(function (int $i) use ($angles, $many): array {
            $row = [1.0];
            for ($k = 1; $k <= $many; $k++) {
                array_push($row, cos($k * $angles[$i]), sin($k * $angles[$i]));
            }

            return $row;
        }, array_keys($used));
        $unknowns = 2 * $many + 1;
        $normals = (new EigenSolver)->factor($rows, $unknowns);
        if (count($used) < $unknowns || $normals->freeDirections() !== []) {
            throw InvalidFields::at("$path.values", 'these angles do not tell a bend from a shape: read more of them, spread round the shaft.');
        }
        $right = array_fill(0, $unknowns, 0.0);
        $values = array_values($used);
        foreach ($rows as $r => $row) {
            foreach ($row as $k => $one) {
                $right[$k] += $one * $values[$r];
            }
        }
        $solution = $normals->solve($right);
        $cofactors = $normals->cofactors();
        $residuals = $redundancy = [];
        foreach ($rows as $r => $row) {
            $leverage = 0.0;
            foreach ($row as $i => $p) {
                foreach ($row as $j => $q) {
                    $leverage += $p * $q * $cofactors[$i][$j];
                }
            }
            $residuals[] = $values[$r] - array_sum(array_map(fn (float $one, float $of): float => $one * $of, $row, $solution));
            $redundancy[] = 1.0 - $leverage;
        }

        return ['solution' => $solution, 'cofactors' => $cofactors, 'residuals' => $residuals, 'redundancy' => $redundancy];
    }
}
