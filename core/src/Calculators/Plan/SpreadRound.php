<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plan;

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Plan\Stand\SpreadGuide;
use Geodex\Core\Shop\Shop;

/** One round of readings across the gap: how the loose half lies, and the moves in the order in which a person can make them. */
final readonly class SpreadRound
{
    /**
     * @param  array<string, mixed>  $told  by the calculator “spread”
     * @param  float  $worst  largest move of a corner, sideways or along (mm)
     */
    private function __construct(public array $told, public float $worst, public bool $isSet) {}

    /** @throws InvalidFields if the readings do not fix the half */
    public static function of(SpreadGuide $guide, Values $given, Shop $shop): self
    {
        $told = Calculators::run('spread', $guide->document($given));
        /** @var list<array{move: string, amount?: float, corners?: list<array{change: float|list<float>}>}> $moves */
        $moves = $told['moves'];
        $worst = 0.0;
        foreach ($moves as $move) {
            $changes = array_map(fn (array $corner): float => is_array($corner['change']) ? hypot(...$corner['change']) : abs($corner['change']), $move['corners'] ?? []);
            $worst = max([$worst, abs($move['amount'] ?? 0.0), ...$changes]);
        }

        return new self($told, $worst, $worst <= $shop->value(SpreadGuide::tolerance()));
    }
}
