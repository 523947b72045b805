<?php

declare(strict_types=1);

namespace Geodex\Core\Parts;

use Geodex\Core\Calculators\Plates\Edge;

/** A line of a drawing: straight edges and arcs one after the other, closed or open; mm. */
final readonly class Stroke
{
    /** @param  non-empty-list<Edge>  $edges */
    private function __construct(public Layer $layer, public array $edges, public bool $isClosed) {}

    /** @param  non-empty-list<Edge>  $edges */
    public static function loop(Layer $layer, array $edges): self
    {
        return new self($layer, $edges, true);
    }

    /**
     * @param  list<list<float>>  $places  two or more
     *
     * @throws \LogicException if there are fewer
     */
    public static function through(Layer $layer, array $places, bool $isClosed = false): self
    {
        $edges = [];
        foreach ($places as $i => [$x, $y]) {
            $next = $places[$i + 1] ?? ($isClosed ? $places[0] : null);
            if ($next !== null && hypot($next[0] - $x, $next[1] - $y) > Edge::NEAR) {
                $edges[] = Edge::between([$x, $y], [$next[0], $next[1]]);
            }
        }

        return new self($layer, $edges === [] ? throw new \LogicException('A line runs through two places or more.') : $edges, $isClosed);
    }

    public static function box(Layer $layer, float $left, float $low, float $right, float $high): self
    {
        return self::through($layer, [[$left, $low], [$right, $low], [$right, $high], [$left, $high]], isClosed: true);
    }

    /** The image in a mirror that stands upright; a closed line keeps the metal on its left. */
    public function reflected(): self
    {
        $turned = array_map(fn (Edge $edge): Edge => Edge::between([-$edge->to[0], $edge->to[1]], [-$edge->from[0], $edge->from[1]], $edge->bulge), array_reverse($this->edges));

        return new self($this->layer, $turned, $this->isClosed);
    }

    public function moved(float $x, float $y): self
    {
        return new self($this->layer, array_map(fn (Edge $edge): Edge => Edge::between([$edge->from[0] + $x, $edge->from[1] + $y], [$edge->to[0] + $x, $edge->to[1] + $y], $edge->bulge), $this->edges), $this->isClosed);
    }

    /**
     * Straight pieces that leave an arc by no more than that.
     *
     * @return non-empty-list<array{float, float}>
     */
    public function flattened(float $error): array
    {
        $places = [$this->edges[0]->from];
        foreach ($this->edges as $edge) {
            $steps = $edge->isArc() ? max(1, (int) ceil(abs($edge->sweep()) / (2 * acos(max(-1.0, 1 - min($error, $edge->radius) / $edge->radius))))) : 1;
            for ($i = 1; $i <= $steps; $i++) {
                $places[] = $i === $steps ? $edge->to : $edge->at($i / $steps);
            }
        }

        return $places;
    }
}
