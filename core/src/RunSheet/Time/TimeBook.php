<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet\Time;

use Geodex\Core\RunSheet\Step;

/** What the steps of a shop really take: estimate against logged time by kind of step, which corrects the next estimate. */
final readonly class TimeBook
{
    /** Fewer say nothing yet. */
    private const LEAST = 3;

    /** A day that was forgotten to be logged must not spoil the book: shop default. */
    private const MOST_TIMES = 4.0;

    /** @param  list<KindTime>  $kinds  in the order met */
    private function __construct(public array $kinds) {}

    /** @param  list<LoggedTime>  $logged */
    public static function of(array $logged): self
    {
        $sums = [];
        foreach ($logged as $one) {
            if ($one->estimated > 0.0 && $one->taken > 0.0) {
                $sum = $sums[$one->kind] ?? [0, 0.0, 0.0];
                $sums[$one->kind] = [$sum[0] + 1, $sum[1] + $one->estimated, $sum[2] + $one->taken];
            }
        }

        return new self(array_map(fn (string $kind, array $sum): KindTime => new KindTime($kind, $sum[0], $sum[1], $sum[2], max(1 / self::MOST_TIMES, min(self::MOST_TIMES, $sum[2] / $sum[1]))), array_keys($sums), $sums));
    }

    /** What a step is expected to take, once enough of its kind were logged. */
    public function corrected(Step $step): Step
    {
        foreach ($this->kinds as $kind) {
            if ($kind->kind === $step->kind && $kind->count >= self::LEAST) {
                return $step->taking(round($step->minutes * $kind->factor));
            }
        }

        return $step;
    }
}
