<?php

declare(strict_types=1);

namespace App\Actions\Plan;

use App\Models\Job;
use App\Models\User;
use Geodex\Core\Fields\Values;
use Illuminate\Support\Facades\DB;

/** Keeps a round of readings across a gap, or takes the last one back. */
final readonly class KeepSpread
{
    private const MAX_ROUNDS = 100;

    public function add(Job $job, User $user, string $cut, Values $readings): void
    {
        $this->change($job, function (array $rounds) use ($user, $cut, $readings): array {
            abort_if(count($rounds) >= self::MAX_ROUNDS, 422, sprintf('No more than %d rounds are kept; take one back first.', self::MAX_ROUNDS));

            return [...$rounds, ['cut' => $cut, 'readings' => array_filter($readings->toArray(), is_float(...)), 'by' => $user->name, 'at' => now()->utc()->format('Y-m-d\TH:i:s\Z')]];
        });
    }

    public function takeBack(Job $job, string $cut): void
    {
        $this->change($job, function (array $rounds) use ($cut): array {
            $own = array_keys(array_filter($rounds, fn (array $round): bool => $round['cut'] === $cut));
            unset($rounds[$own === [] ? -1 : end($own)]);

            return array_values($rounds);
        });
    }

    /** @param  callable(list<array{cut: string, readings: array<string, float>, by: string, at: string}>): list<array{cut: string, readings: array<string, float>, by: string, at: string}>  $change */
    private function change(Job $job, callable $change): void
    {
        DB::transaction(function () use ($job, $change): void {
            $kept = Job::query()->whereKey($job->id)->lockForUpdate()->firstOrFail();
            $rounds = $change($kept->plan_spread ?? []);
            $kept->update(['plan_spread' => $rounds === [] ? null : $rounds]);
            $job->refresh();
        });
    }
}
