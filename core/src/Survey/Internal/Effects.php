<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Internal;

use Geodex\Core\Frame\Frame;
use Geodex\Core\LinearAlgebra\SparseRow;
use Geodex\Core\Survey\Reading\DesignRow;
use Geodex\Core\Survey\Reading\ReadingKind;
use Geodex\Core\Survey\SurveyResult;
use Geodex\Core\Survey\Verdict;

/** What a further reading would do to each coordinate that is undecided and held: Σaᵀ, through the base points where deviations rest on them. */
final class Effects
{
    /** A partial this small is none. */
    private const NO_PART = 1e-12;

    /** @var array<int, array{float, float}> deviation and tolerance (mm) of each undecided coordinate that is held, by column */
    public readonly array $undecided;

    /** Sum of the variances of those coordinates (mm²). */
    public readonly float $variance;

    /** @var list<array<int, float>> their rows of the covariance */
    private readonly array $undecidedRows;

    /** @var ?array<int, array<int, float>> */
    private ?array $withMotions = null;

    /** @var array<string, array<int, list<float>>> effects of reading one coordinate, by point and axis */
    private array $coordinates = [];

    /** @param  bool  $none  leave what is undecided alone */
    public function __construct(Frame $frame, private readonly SurveyResult $result, bool $none)
    {
        $undecided = $rows = [];
        $variance = 0.0;
        foreach ($none ? [] : $result->points as $point) {
            foreach ($point->axes as $axis => $verdict) {
                if ($verdict === Verdict::Unsure && ($point->determined[$axis] ?? false) && $point->deviation !== null) {
                    $column = $result->covariance->columns[$point->id] + $axis;
                    $undecided[$column] = [$point->deviation->toArray()[$axis], $frame->point($point->id)->tolerance->mm[$axis]];
                    $rows[] = ($result->covariance->cross ?? $result->covariance->matrix)[$column];
                    $variance += $result->covariance->matrix[$column][$column];
                }
            }
        }
        [$this->undecided, $this->undecidedRows, $this->variance] = [$undecided, $rows, $variance];
    }

    /**
     * Σaᵀ on each undecided coordinate.
     *
     * @param  array<int, float>  $row  design row in chart axes, not weighted
     * @return list<float>
     */
    public function of(array $row): array
    {
        $this->withMotions ??= $this->motionsOfBase();

        return $this->effects($row, $this->result->covariance->motions->seenBy($row));
    }

    /**
     * Sum of the squared effects on the undecided coordinates.
     *
     * @param  array<int, float>  $row  in chart axes
     */
    public function squared(ReadingKind $kind, array $row, DesignRow $design): float
    {
        $sum = 0.0;
        if ($kind::seesBench()) {
            foreach ($this->benchEffects($kind, $design) as $effect) {
                $sum += $effect * $effect;
            }

            return $sum;
        }
        foreach ($this->undecidedRows as $r) {
            $effect = SparseRow::dot($row, $r);
            $sum += $effect * $effect;
        }

        return $sum;
    }

    /**
     * S Q aᵀ on the undecided coordinates of a reading that sees the bench: a sum over the few coordinates that it reads.
     *
     * @return list<float>
     */
    private function benchEffects(ReadingKind $kind, DesignRow $design): array
    {
        $effects = array_fill(0, count($this->undecidedRows), 0.0);
        foreach ($kind->points() as $p => $id) {
            for ($axis = 0; $axis < 3; $axis++) {
                $partial = $design->partials[3 * $p + $axis];
                if (abs($partial) < self::NO_PART) {
                    continue;
                }
                foreach ($this->coordinateEffects($id, $axis) as $u => $effect) {
                    $effects[$u] += $partial * $effect;
                }
            }
        }

        return array_values($effects);
    }

    /**
     * S Q aᵀ of reading one coordinate of a point on the bench; kept, since heights, offsets and rises share them.
     *
     * @return list<float> on each undecided coordinate
     */
    private function coordinateEffects(string $id, int $axis): array
    {
        if (isset($this->coordinates[$id][$axis])) {
            return $this->coordinates[$id][$axis];
        }
        $solved = $this->result->solved;
        $unit = [0.0, 0.0, 0.0];
        $unit[$axis] = 1.0;
        $row = $solved->network->unweighted([$id], $solved->datum->turned($unit));
        $this->withMotions ??= $this->motionsOfBase();

        return $this->coordinates[$id][$axis] = $this->effects($row, $this->result->covariance->motions->seenBy($row));
    }

    /**
     * @param  array<int, float>  $row
     * @param  array<int, float>  $seen  how the row sees the six motions of the base points
     * @return list<float>
     */
    private function effects(array $row, array $seen): array
    {
        $effects = [];
        foreach (array_keys($this->undecided) as $u => $column) {
            $effect = SparseRow::dot($row, $this->undecidedRows[$u]);
            foreach ($this->withMotions[$column] ?? [] as $c => $motion) {
                $effect += $motion * $seen[$c];
            }
            $effects[] = $effect;
        }

        return $effects;
    }

    /** @return array<int, array<int, float>> none where deviations do not rest on base points */
    private function motionsOfBase(): array
    {
        return $this->result->covariance->cross === null ? $this->result->covariance->motions->withMotions($this->result->solved->cofactors) : [];
    }
}
