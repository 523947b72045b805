<?php

declare(strict_types=1);

namespace Geodex\Core\Frame;

use Geodex\Core\Units\InvalidQuantity;

/** How unsure measured reference positions are, together: covariance of x, y, z of each point in turn (mm²). */
final readonly class ReferenceCovariance
{
    /**
     * @param  list<string>  $points
     * @param  list<list<float>>  $matrix  3n x 3n, symmetric
     */
    private function __construct(public array $points, private array $matrix) {}

    /**
     * @param  list<string>  $points
     * @param  list<list<float>>  $matrix  3n x 3n, mm²
     *
     * @throws InvalidQuantity if it is not square of that size, or a variance is negative
     */
    public static function of(array $points, array $matrix): self
    {
        $n = 3 * count($points);
        foreach ($matrix as $i => $row) {
            if (count($row) !== $n || ! is_finite(array_sum($row)) || $row[$i] < -1e-9) {
                throw InvalidQuantity::covariance($n);
            }
        }
        if (count($matrix) !== $n) {
            throw InvalidQuantity::covariance($n);
        }

        return new self($points, $matrix);
    }

    /** @return list<list<float>> */
    public function matrix(): array
    {
        return $this->matrix;
    }

    /**
     * Laid on the unknowns of a network.
     *
     * @param  array<string, int>  $columns  first unknown of each point
     * @return array<int, array<int, float>> square, zero for points that it does not know
     */
    public function onColumns(array $columns): array
    {
        $n = 3 * count($columns);
        $laid = array_fill(0, $n, array_fill(0, $n, 0.0));
        foreach ($this->points as $p => $from) {
            foreach ($this->points as $q => $to) {
                if (! isset($columns[$from], $columns[$to])) {
                    continue;
                }
                for ($i = 0; $i < 3; $i++) {
                    for ($j = 0; $j < 3; $j++) {
                        $laid[$columns[$from] + $i][$columns[$to] + $j] = $this->matrix[3 * $p + $i][3 * $q + $j];
                    }
                }
            }
        }

        return $laid;
    }
}
