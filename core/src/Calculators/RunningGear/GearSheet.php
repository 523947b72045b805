<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Failure\CoreFailure;

/** One sheet of the running gear: what was entered, what the job said of it then, and what comes of it now, before the plan and after. */
final readonly class GearSheet
{
    /**
     * @param  array<string, mixed>  $values  as the calculator takes them; mm
     * @param  array<string, mixed>  $facts  that it started from
     */
    public function __construct(public string $tool, public array $values, private array $facts) {}

    /**
     * What the job says otherwise now than when the sheet was kept; what a person had changed is his own and never stale.
     *
     * @param  array<string, mixed>  $now  facts of the same tool
     * @return array<string, array{was: mixed, is: mixed}> by field
     */
    public function stale(array $now): array
    {
        $stale = [];
        foreach ($now as $name => $is) {
            $was = $this->facts[$name] ?? null;
            if (! self::same($was, $is) && ($was === null || self::same($this->values[$name] ?? null, $was))) {
                $stale[$name] = ['was' => $was, 'is' => $is];
            }
        }

        return $stale;
    }

    /**
     * With what the job says now in place of what it said.
     *
     * @param  array<string, mixed>  $now
     * @return array<string, mixed>
     */
    public function takenOver(array $now): array
    {
        return [...$this->values, ...array_map(fn (array $one): mixed => $one['is'], $this->stale($now))];
    }

    /**
     * The sheet as it was before the plan: each value that is the plan's in place of what was before.
     *
     * @param  array<string, mixed>  $before
     * @param  array<string, mixed>  $after
     * @return ?array<string, mixed> null where the plan changes nothing in it
     */
    public function asBefore(array $before, array $after): ?array
    {
        $values = $this->values;
        foreach ($before as $name => $was) {
            if (self::same($this->values[$name] ?? null, $after[$name] ?? null) && ! self::same($was, $after[$name] ?? null)) {
                $values[$name] = $was;
            }
        }

        return $values === $this->values ? null : $values;
    }

    /**
     * @param  array<string, mixed>  $values
     * @return array<string, mixed>
     *
     * @throws CoreFailure
     */
    public function worked(array $values): array
    {
        return Calculators::run($this->tool, $values);
    }

    private static function same(mixed $one, mixed $other): bool
    {
        return match (true) {
            is_numeric($one) && is_numeric($other) => abs((float) $one - (float) $other) <= 1e-6 * max(1.0, abs((float) $one)),
            // A form fills in what a fact leaves open: only what the fact says has to agree.
            is_array($one) && is_array($other) => array_reduce(array_keys($other), fn (bool $all, int|string $key): bool => $all && self::same($one[$key] ?? null, $other[$key]), true) && (! array_is_list($other) || count($one) === count($other)),
            default => $one === $other,
        };
    }
}
