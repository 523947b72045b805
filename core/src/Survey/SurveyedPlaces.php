<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

use Geodex\Core\Geometry\Vector3;

/** Where a survey found its points, and how what is unsure of them hangs together: for work that goes on from measured points (mm, mm²). */
final readonly class SurveyedPlaces
{
    /**
     * @param  array<string, Vector3>  $places  of points that the readings fix along and across
     * @param  array<string, true>  $flat  of these, those whose height is not fixed
     * @param  array<string, array{int, int}>  $rows  of the covariance, along and across
     * @param  array<int, array<int, float>>  $covariance
     */
    private function __construct(private array $places, private array $flat, private array $rows, private array $covariance) {}

    public static function none(): self
    {
        return new self([], [], [], []);
    }

    public static function of(SurveyResult $survey): self
    {
        $places = $flat = $rows = [];
        foreach ($survey->points as $point) {
            $column = $survey->covariance->columns[$point->id] ?? null;
            if ($point->measured === null || $column === null || ! ($point->determined[0] ?? false) || ! $point->determined[1]) {
                continue;
            }
            $places[$point->id] = $point->measured;
            $rows[$point->id] = [$column, $column + 1];
            if (! $point->determined[2]) {
                $flat[$point->id] = true;
            }
        }
        $wanted = array_merge(...array_values($rows));

        return new self($places, $flat, $rows, array_map(fn (int $i): array => array_map(fn (int $j): float => $survey->covariance->matrix[$i][$j], array_combine($wanted, $wanted)), array_combine($wanted, $wanted)));
    }

    /** @return array<string, Vector3> those whose height is fixed too */
    public function inSpace(): array
    {
        return array_diff_key($this->places, $this->flat);
    }

    /** @return array<string, Vector3> */
    public function inPlan(): array
    {
        return $this->places;
    }

    /**
     * Of x and y of each point in turn.
     *
     * @param  list<string>  $ids
     * @return ?list<list<float>> null where one was not found
     */
    public function covariance(array $ids): ?array
    {
        if (array_diff($ids, array_keys($this->rows)) !== []) {
            return null;
        }
        $columns = array_merge(...array_map(fn (string $id): array => $this->rows[$id], $ids));

        return array_map(fn (int $i): array => array_map(fn (int $j): float => ($this->covariance[$i][$j] + $this->covariance[$j][$i]) / 2, $columns), $columns);
    }
}
