<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Actions\Bench\BenchWork;
use App\Models\BenchRound;
use App\Models\Job;
use Geodex\Core\Bench\LevelPlan;
use Geodex\Core\Bench\SettingPlan;
use Geodex\Core\Bench\SquarePlan;
use Geodex\Core\Bench\UnusableBench;
use Geodex\Core\Words\Sentence;

/** A round with what to do about it; mm. */
final readonly class BenchRoundProps
{
    /**
     * @param  'level'|'square'|'set'  $kind
     * @param  list<ScrewTurnProps>  $turns  of a level round
     * @param  list<CornerMoveProps>  $corners  of a square round
     * @param  list<SupportMoveProps>  $supports  of a setting round
     * @param  list<Sentence>  $says  what it comes to, in sentences
     * @param  'none'|'hanging'|'part-loaded'|'standing'  $load  how the vehicle stands
     * @param  bool  $showsMoves  whether one of the moves is more than the tolerance
     */
    public function __construct(
        public int $id,
        public string $kind,
        public float $worst,
        public bool $good,
        public string $by,
        public string $at,
        public array $turns,
        public array $corners,
        public array $supports,
        public array $says,
        public bool $hasPoints,
        public string $load,
        public bool $showsMoves,
    ) {}

    public static function from(Job $job, BenchRound $round): self
    {
        try {
            $plan = BenchWork::of($job, $round->kind, $round->input)->plan;
            $says = $plan->says();
        } catch (UnusableBench $unusable) {
            // The bench was changed after this round; what was measured stays.
            $plan = null;
            $says = [Sentence::plain($unusable->errorCode(), $unusable->getMessage())];
        }

        return new self(
            id: $round->id, kind: $round->kind, worst: $round->worst_mm, good: $round->good, by: $round->user->name ?? '', at: $round->created_at->utc()->format('Y-m-d\TH:i:s\Z'),
            turns: $plan instanceof LevelPlan ? array_map(ScrewTurnProps::from(...), $plan->turns) : [],
            corners: $plan instanceof SquarePlan ? array_map(CornerMoveProps::from(...), $plan->moves) : [],
            supports: $plan instanceof SettingPlan ? array_map(SupportMoveProps::from(...), $plan->moves) : [],
            says: $says,
            hasPoints: isset($round->input['frontLeftPoint']) || isset($round->input['rearLeftPoint']),
            load: match ($round->input['load'] ?? null) {
                'hanging' => 'hanging',
                'part-loaded' => 'part-loaded',
                'standing' => 'standing',
                default => 'none',
            },
            showsMoves: $plan !== null && $plan->largestMove() > BenchWork::jig($job)->tolerance,
        );
    }
}
