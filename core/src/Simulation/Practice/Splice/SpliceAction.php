<?php

declare(strict_types=1);

namespace Geodex\Core\Simulation\Practice\Splice;

/** One thing that a trainee does. */
final readonly class SpliceAction
{
    /**
     * @param  'do'|'marks'|'heights'|'move'|'jack'|'weld'|'wait'  $kind  a step done; marks or heights read; the tack opened and moved; the front left post raised; a piece of the root welded; waited
     * @param  string  $step  that is done
     * @param  float  $amount  mm, of a move or a jack; place of the piece in the list, of a weld; minutes that were waited
     */
    private function __construct(public string $kind, public string $step, public float $amount) {}

    /**
     * @param  array<mixed>  $given
     * @return ?self null where it is none
     */
    public static function of(array $given): ?self
    {
        [$kind, $step, $amount] = [$given['kind'] ?? null, $given['step'] ?? '', $given['amount'] ?? 0.0];
        $isKnown = in_array($kind, ['do', 'marks', 'heights', 'move', 'jack', 'weld', 'wait'], true);

        return $isKnown && is_string($step) && is_numeric($amount) && abs((float) $amount) < 1000.0 ? new self($kind, $step, (float) $amount) : null;
    }

    /** @return array{kind: string, step: string, amount: float} */
    public function toArray(): array
    {
        return ['kind' => $this->kind, 'step' => $this->step, 'amount' => $this->amount];
    }
}
