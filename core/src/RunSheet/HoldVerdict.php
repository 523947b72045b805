<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet;

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Fields\InvalidFields;

/** What a reading at a hold point means: go on, measure again, open the tack and move, or stop. */
final readonly class HoldVerdict
{
    /** A tape over witness marks: shop default (mm). */
    public const SIGMA = 0.3;

    /** @param  ?array<string, mixed>  $told  as the calculator of hold points says it; null where there is nothing to measure */
    private function __construct(public string $action, public ?array $told) {}

    /**
     * @param  ?float  $reading  mm; null where it was looked at
     *
     * @throws InvalidFields if a reading is missing
     */
    public static function of(Hold $hold, ?float $reading, float $sigma): self
    {
        if ($hold->target === null || $hold->tolerance === null) {
            return new self('go-on', null);
        }
        if ($reading === null) {
            throw InvalidFields::at('reading', 'missing: '.$hold->what.'.');
        }
        $pending = $hold->pending === null ? [] : ['pending' => ['change' => $hold->pending, 'sigma' => $hold->pendingSigma ?? 0.0]];
        $told = Calculators::run('hold-point', ['deviation' => $reading - $hold->target, 'sigma' => $sigma, 'tolerance' => $hold->tolerance, 'stage' => $hold->stage, ...$pending]);

        return new self(is_string($told['action']) ? $told['action'] : 'stop', $told);
    }

    public function mayGoOn(): bool
    {
        return $this->action === 'go-on';
    }
}
