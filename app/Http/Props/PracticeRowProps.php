<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\PracticeRun;

/** An exercise in the list. */
final readonly class PracticeRowProps
{
    /** @param  'apprentice'|'journeyman'|'master'  $level */
    public function __construct(public int $id, public int $seed, public string $level, public int $readings, public ?int $score, public string $at) {}

    public static function from(PracticeRun $run): self
    {
        return new self(id: $run->id, seed: $run->seed, level: $run->level->value, readings: count($run->readings), score: $run->score, at: $run->created_at->toDateString());
    }
}
