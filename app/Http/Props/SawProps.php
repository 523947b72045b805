<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\Job;
use App\Parts\CutList;
use App\Parts\CutLists;

/** What a job has to saw, and the rack of the shop; mm. */
final readonly class SawProps
{
    /**
     * @param  list<CutListProps>  $lists
     * @param  list<StockItemProps>  $rack
     */
    public function __construct(public float $kerf, public float $trim, public array $lists, public array $rack) {}

    public static function from(Job $job, float $kerf, float $trim): self
    {
        return new self(
            $kerf, $trim, array_map(fn (CutList $list): CutListProps => CutListProps::from($list, $kerf, $trim), CutLists::of($job, $kerf, $trim)),
            array_values($job->workshop->stock()->get()->map(StockItemProps::from(...))->all()),
        );
    }
}
