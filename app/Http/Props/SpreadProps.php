<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\PlannedJob;
use Geodex\Core\Plan\Shift;
use Geodex\Core\Plan\Stand\SpreadGuide;

/** The loose half of one cut: what to read across the gap, and the rounds so far. */
final readonly class SpreadProps
{
    /**
     * @param  list<FieldProps>  $fields  none where the chart has too few points about the cut
     * @param  list<SpreadReadingProps>  $readings
     * @param  list<SpreadRoundProps>  $rounds
     * @param  float  $tolerance  mm
     */
    public function __construct(public string $operation, public float $cut, public array $fields, public array $readings, public array $rounds, public float $tolerance) {}

    /** @return list<self> one for each cut that is planned */
    public static function all(PlannedJob $job): array
    {
        $plan = $job->plan;

        return $plan === null ? [] : array_map(fn (Shift $shift): self => self::of($job, $shift, SpreadGuide::across($plan, $shift)), $plan->shifts->all);
    }

    private static function of(PlannedJob $job, Shift $shift, ?SpreadGuide $guide): self
    {
        $tolerance = $job->shop->value(SpreadGuide::tolerance());
        if ($guide === null) {
            return new self($shift->operation, $shift->cut, [], [], [], $tolerance);
        }
        $rounds = array_values(array_filter($job->job->plan_spread ?? [], fn (array $round): bool => $round['cut'] === $shift->operation));
        $planned = $guide->planned();

        return new self(
            operation: $shift->operation, cut: $shift->cut, fields: array_map(FieldProps::from(...), SpreadGuide::fields()),
            readings: array_map(fn (string $field, string $between): SpreadReadingProps => new SpreadReadingProps($field, $between, $planned[$field]), array_keys($guide->between()), $guide->between()),
            rounds: array_map(fn (array $round): SpreadRoundProps => SpreadRoundProps::from($guide, $round, $job->shop), $rounds),
            tolerance: $tolerance,
        );
    }
}
