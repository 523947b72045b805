<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Explanation;

use Geodex\Core\Survey\Reading\Reading;

/**
 * Repeats of one reading that agree are one observation: a mistake is made twice as easily as once, so two of them must not
 * outvote the rest. Repeats that differ by more than their sigmas allow stay apart, since one of them is another mistake.
 */
final readonly class PooledReadings
{
    /** @param  list<non-empty-list<Reading>>  $groups  of one observation each */
    private function __construct(private array $groups) {}

    /** @param  list<Reading>  $readings */
    public static function of(array $readings, float $critical): self
    {
        $same = $groups = [];
        foreach ($readings as $reading) {
            $same[$reading->kind->repeatKey()][] = $reading;
        }
        foreach ($same as $group) {
            array_push($groups, ...self::agree($group, $critical) ? [$group] : array_map(fn (Reading $reading): array => [$reading], $group));
        }

        return new self($groups);
    }

    /** @return list<Reading> one for each observation, with the weighted mean of its repeats */
    public function observations(): array
    {
        return array_map(function (array $group): Reading {
            if (count($group) === 1) {
                return $group[0];
            }
            [$mean, $sigma] = self::mean($group);

            return new Reading(id: $group[0]->id, kind: $group[0]->kind, value: $mean, sigma: $sigma, struckBecause: null, asRead: $group[0]->asRead);
        }, $this->groups);
    }

    /** @return non-empty-list<Reading> the repeats behind one observation */
    public function behind(int $observation): array
    {
        return $this->groups[$observation];
    }

    /** @param  non-empty-list<Reading>  $group */
    private static function agree(array $group, float $critical): bool
    {
        [$mean] = self::mean($group);
        foreach ($group as $reading) {
            // A reading is part of its own mean, which takes 1/n off the variance of the difference.
            if (count($group) > 1 && abs($reading->value - $mean) > $critical * $reading->sigma * sqrt(1 - 1 / count($group))) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param  non-empty-list<Reading>  $group
     * @return array{float, float} weighted mean and its sigma
     */
    private static function mean(array $group): array
    {
        $weight = $sum = 0.0;
        foreach ($group as $reading) {
            $weight += $reading->sigma ** -2;
            $sum += $reading->value * $reading->sigma ** -2;
        }

        return [$sum / $weight, sqrt(1 / $weight)];
    }
}
