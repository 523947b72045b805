<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Calculators\RunSheet\WeldPiece;
use Geodex\Core\RunSheet\Welds\WeldPlan;

/** A piece of a run in its place in the order; mm, kJ. */
final readonly class WeldPieceProps
{
    /**
     * @param  list<float>  $from  x, y, z
     * @param  list<float>  $to
     */
    public function __construct(public int $number, public string $group, public string $edge, public string $position, public array $from, public array $to, public float $length, public float $heat) {}

    /** @return list<self> in order */
    public static function all(WeldPlan $plan): array
    {
        $positions = [];
        foreach ($plan->edges as $edge) {
            $positions[$edge->id] = $edge->position();
        }

        return array_map(fn (WeldPiece $one, int $i): self => new self($i + 1, $one->group, $one->run, $positions[$one->run] ?? '', $one->from->toArray(), $one->to->toArray(), $one->to->minus($one->from)->norm(), $one->heat), $plan->sequence, array_keys($plan->sequence));
    }
}
