<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Survey\SurveyedPlaces;

/** Places of a sheet that are those of surveyed points: “left” is point RW, “links[0].frame” is point LF. */
final readonly class SheetPoints
{
    /** A place that differs by less is the same (mm): a form shows hundredths. */
    private const SAME_MM = 0.02;

    private const WHEELS = ['left', 'right', 'frontLeft', 'frontRight'];

    /** @param  array<string, string>  $points  point by path of the field */
    public function __construct(public array $points) {}

    /**
     * With the places of the survey in place of what was typed.
     *
     * @param  array<string, mixed>  $values
     * @return array<string, mixed>
     *
     * @throws InvalidFields if the survey has not found a point
     */
    public function filled(string $tool, array $values, SurveyedPlaces $survey): array
    {
        foreach ($this->points as $path => $point) {
            /** @var array<string, mixed> $values */
            $values = self::put($values, self::steps($path), self::place($tool, $survey, $point) ?? throw InvalidFields::at($path, "the survey has not found point “{$point}”."));
        }
        $wheels = $this->wheels($tool, $values);

        return $wheels === null ? $values : [...$values, 'covariance' => $survey->covariance($wheels)];
    }

    /**
     * @param  array<string, mixed>  $values
     * @return array<string, string> point by path, of those that the survey now finds elsewhere or not at all
     */
    public function stale(string $tool, array $values, SurveyedPlaces $survey): array
    {
        return array_filter($this->points, function (string $point, string $path) use ($tool, $values, $survey): bool {
            [$was, $is] = [self::at($values, self::steps($path)), self::place($tool, $survey, $point)];
            if (! is_array($was) || $is === null) {
                return true;
            }
            $off = array_map(fn (float $one, int|string $key): float => is_numeric($was[$key] ?? null) ? abs($one - (float) $was[$key]) : INF, $is, array_keys($is));

            return max([0.0, ...$off]) > self::SAME_MM;
        }, ARRAY_FILTER_USE_BOTH);
    }

    /**
     * The points of all wheels that were given, where all are the survey's: then it tells how unsure they are together.
     *
     * @param  array<string, mixed>  $values
     * @return ?list<string>
     */
    private function wheels(string $tool, array $values): ?array
    {
        $given = $tool === 'axle-square' ? array_values(array_filter(self::WHEELS, fn (string $one): bool => isset($values[$one]))) : [];
        if ($given === [] || array_diff($given, array_keys($this->points)) !== []) {
            return null;
        }

        return array_map(fn (string $one): string => $this->points[$one], $given);
    }

    /** @return array{x: float, y: float}|list<float>|null as the field takes it */
    private static function place(string $tool, SurveyedPlaces $survey, string $point): ?array
    {
        if ($tool !== 'axle-square') {
            return ($survey->inSpace()[$point] ?? null)?->toArray();
        }
        $at = $survey->inPlan()[$point] ?? null;

        return $at === null ? null : ['x' => $at->x, 'y' => $at->y];
    }

    /** @return list<string> of “links[0].frame”: links, 0, frame */
    private static function steps(string $path): array
    {
        return explode('.', str_replace(['[', ']'], ['.', ''], $path));
    }

    /**
     * @param  array<array-key, mixed>  $values
     * @param  list<string>  $steps
     * @param  array<array-key, mixed>  $place
     * @return array<array-key, mixed>
     */
    private static function put(array $values, array $steps, array $place): array
    {
        $step = array_shift($steps) ?? '';
        if ($steps === []) {
            return [...$values, $step => $place];
        }
        $inner = $values[$step] ?? null;
        $values[$step] = self::put(is_array($inner) ? $inner : [], $steps, $place);

        return $values;
    }

    /**
     * @param  array<array-key, mixed>  $values
     * @param  list<string>  $steps
     */
    private static function at(array $values, array $steps): mixed
    {
        return array_reduce($steps, fn (mixed $within, string $step): mixed => is_array($within) ? $within[$step] ?? null : null, $values);
    }
}
