<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\PracticeRun;
use App\Models\PracticeSplice;

/** An exercise in the list. */
final readonly class PracticeRowProps
{
    /**
     * @param  'apprentice'|'journeyman'|'master'  $level
     * @param  int  $readings  taken, or things done to a splice
     */
    public function __construct(public int $id, public int $seed, public string $level, public int $readings, public ?int $score, public string $at) {}

    public static function ofSplice(PracticeSplice $splice): self
    {
        return new self(id: $splice->id, seed: $splice->seed, level: $splice->level->value, readings: count($splice->actions), score: $splice->score, at: $splice->created_at->toDateString());
    }

    public static function from(PracticeRun $run): self
    {
        return new self(id: $run->id, seed: $run->seed, level: $run->level->value, readings: count($run->readings), score: $run->score, at: $run->created_at->toDateString());
    }
}
