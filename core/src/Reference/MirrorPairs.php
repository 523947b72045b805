<?php

declare(strict_types=1);

namespace Geodex\Core\Reference;

use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Side;
use Geodex\Core\Geometry\Vector3;

/** The pairs of mates that are both measured, in the order of the job. */
final readonly class MirrorPairs
{
    private const MIN_TO_HOLD = 3;

    /** @param  list<array{string, string}>  $pairs  left and right */
    private function __construct(public array $pairs) {}

    /** @param  array<string, Vector3>  $at */
    public static function of(Frame $frame, array $at): self
    {
        $pairs = [];
        foreach ($frame->points as $point) {
            if ($point->side === Side::Left && $point->mate !== null && isset($at[$point->id], $at[$point->mate])) {
                $pairs[] = [$point->id, $point->mate];
            }
        }

        return new self($pairs);
    }

    /**
     * The pairs that the mirror plane is laid through: those taken as undamaged, or all where fewer than three are.
     *
     * @return list<array{string, string}>
     */
    public function holding(Frame $frame): array
    {
        $base = array_values(array_filter($this->pairs, fn (array $pair): bool => $frame->point($pair[0])->base && $frame->point($pair[1])->base));

        return count($base) >= self::MIN_TO_HOLD ? $base : $this->pairs;
    }

    /**
     * Middle of the first pair, which is station 0 of a frame without a chart.
     *
     * @param  array<string, Vector3>  $at
     */
    public function front(array $at): ?Vector3
    {
        return $this->pairs === [] ? null : $at[$this->pairs[0][0]]->plus($at[$this->pairs[0][1]])->times(0.5);
    }

    public function isHolding(Frame $frame, string $id): bool
    {
        return array_filter($this->holding($frame), fn (array $pair): bool => in_array($id, $pair, true)) !== [];
    }

    public function mate(string $id): ?string
    {
        foreach ($this->pairs as [$left, $right]) {
            if ($id === $left || $id === $right) {
                return $id === $left ? $right : $left;
            }
        }

        return null;
    }
}
