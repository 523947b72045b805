<?php

declare(strict_types=1);

namespace App\Http\Props;

/** One move of a loose half, in its place among the others; mm and degrees. */
final readonly class SpreadMoveProps
{
    /**
     * @param  'turn'|'heights'|'sideways'|'gap'  $move
     * @param  ?string  $corner  that is pushed or lifted; null where all of the half moves
     * @param  float  $by  rearward, right or up positive; of a turn what the corner moves to the right
     * @param  ?float  $angle  of a turn
     */
    public function __construct(public string $move, public ?string $corner, public float $by, public ?float $sigma, public ?float $angle) {}

    /**
     * @param  array{move: string, angle?: float, amount?: float, sigma?: float, corners?: list<array{id: string, change: float|list<float>, sigma?: float}>}  $told
     * @return list<self>
     */
    public static function all(array $told): array
    {
        $move = match ($told['move']) {
            'turn' => 'turn',
            'heights' => 'heights',
            'sideways' => 'sideways',
            default => 'gap',
        };

        return isset($told['corners'])
            ? array_map(fn (array $one): self => new self($move, $one['id'], is_array($one['change']) ? $one['change'][1] ?? 0.0 : $one['change'], $one['sigma'] ?? null, $told['angle'] ?? null), $told['corners'])
            : [new self($move, null, $told['amount'] ?? 0.0, $told['sigma'] ?? null, null)];
    }
}
