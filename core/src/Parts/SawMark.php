<?php

declare(strict_types=1);

namespace Geodex\Core\Parts;

/** Where one piece lies on its bar, from the end that is trimmed; mm. */
final readonly class SawMark
{
    /**
     * @param  float  $end  of the piece
     * @param  float  $saw  middle of the cut behind it
     */
    private function __construct(public float $start, public float $end, public float $saw) {}

    /**
     * Pieces one after the other, a kerf between them.
     *
     * @param  list<float>  $lengths  in the order at the saw
     * @return list<self>
     */
    public static function along(array $lengths, float $kerf, float $trim): array
    {
        $marks = [];
        $at = $trim;
        foreach ($lengths as $length) {
            $marks[] = new self($at, $at + $length, $at + $length + $kerf / 2);
            $at += $length + $kerf;
        }

        return $marks;
    }
}
