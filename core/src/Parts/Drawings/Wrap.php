<?php

declare(strict_types=1);

namespace Geodex\Core\Parts\Drawings;

use Geodex\Core\Parts\Layer;
use Geodex\Core\Parts\Note;
use Geodex\Core\Parts\PartDrawing;
use Geodex\Core\Parts\Stroke;

/** A paper to wrap round a tube, its upper edge the line to cut along. */
final readonly class Wrap
{
    /** The paper goes this far beyond a full turn. */
    private const OVERLAP = 10.0;

    /** Paper below the lowest place of the cut. */
    private const TAIL = 40.0;

    /**
     * @param  non-empty-list<array{float, float}>  $edge  round by, and up to where the metal stays; from the zero line, a full turn
     * @param  list<array{float, string}>  $lines  along the tube, and what they are
     * @param  list<string>  $says
     */
    public static function of(string $name, array $edge, array $lines, array $says): PartDrawing
    {
        $turn = $edge[count($edge) - 1][0];
        $over = [];
        foreach ($edge as [$u, $y]) {
            if ($u > 0.0 && $u <= self::OVERLAP) {
                $over[] = [$turn + $u, $y];
            }
        }
        $end = self::upAt($edge, self::OVERLAP);
        if ($over === [] || $over[count($over) - 1][0] < $turn + self::OVERLAP - 1e-6) {
            $over[] = [$turn + self::OVERLAP, $end];
        }
        $low = min(array_column($edge, 1)) - self::TAIL;
        $strokes = [Stroke::through(Layer::Cut, [[0.0, $low], [$turn + self::OVERLAP, $low], ...array_reverse($over), ...array_reverse($edge)], isClosed: true)];
        $notes = [];
        foreach ([...$lines, [$turn, 'zero']] as [$u, $says1]) {
            $strokes[] = Stroke::through($u > 0.0 && $u < $turn ? Layer::Mark : Layer::Centre, [[$u, $low], [$u, self::upAt($edge, $u)]]);
            $notes[] = new Note([$u + 1.0, $low + 2.0], $says1, 3.0);
        }
        foreach ($says as $i => $line) {
            $notes[] = new Note([8.0, $low + self::TAIL - 8.0 - 5.5 * $i], $line, 4.0);
        }

        return PartDrawing::of($name, $strokes, [], $notes);
    }

    /**
     * Four lines a quarter turn apart, the first where the wall is longest.
     *
     * @return list<array{float, string}>
     */
    public static function quarters(float $turn): array
    {
        return [[0.0, 'zero'], [$turn / 4, '90'], [$turn / 2, '180'], [3 * $turn / 4, '270']];
    }

    /** @param  non-empty-list<array{float, float}>  $edge */
    private static function upAt(array $edge, float $round): float
    {
        foreach ($edge as $i => [$u, $y]) {
            if ($u >= $round - 1e-9) {
                [$before, $high] = $edge[max(0, $i - 1)];

                return $u - $before < 1e-9 ? $y : $high + ($y - $high) * ($round - $before) / ($u - $before);
            }
        }

        return $edge[count($edge) - 1][1];
    }
}
