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
use Geodex\Core\Units\Spoken;

/** A round with what to do about it; mm. */
final readonly class BenchRoundProps
{
    /**
     * @param  'level'|'square'|'set'  $kind
     * @param  list<ScrewTurnProps>  $turns  of a level round
     * @param  list<CornerMoveProps>  $corners  of a square round
     * @param  list<SupportMoveProps>  $supports  of a setting round
     * @param  list<string>  $says  what it comes to, in sentences
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
            $says = self::say($plan);
        } catch (UnusableBench $unusable) {
            // The bench was changed after this round; what was measured stays.
            $plan = null;
            $says = [$unusable->getMessage()];
        }

        return new self(
            $round->id, $round->kind, $round->worst_mm, $round->good, $round->user->name ?? '', $round->created_at->utc()->format('Y-m-d\TH:i:s\Z'),
            $plan instanceof LevelPlan ? array_map(ScrewTurnProps::from(...), $plan->turns) : [],
            $plan instanceof SquarePlan ? array_map(CornerMoveProps::from(...), $plan->moves) : [],
            $plan instanceof SettingPlan ? array_map(SupportMoveProps::from(...), $plan->moves) : [],
            $says,
            isset($round->input['frontLeftPoint']) || isset($round->input['rearLeftPoint']),
            match ($round->input['load'] ?? null) {
                'hanging' => 'hanging',
                'part-loaded' => 'part-loaded',
                'standing' => 'standing',
                default => 'none',
            },
            $plan !== null && self::largest($plan) > BenchWork::jig($job)->tolerance,
        );
    }

    /** Largest of the moves that a plan asks for (mm). */
    private static function largest(LevelPlan|SquarePlan|SettingPlan $plan): float
    {
        return max([0.0, ...match (true) {
            $plan instanceof LevelPlan => array_map(fn ($turn): float => abs($turn->change), $plan->turns),
            $plan instanceof SquarePlan => array_map(fn ($move): float => hypot($move->rearward, $move->right), $plan->moves),
            default => array_merge([], ...array_map(fn ($move): array => [abs($move->right), abs($move->liftLeft), abs($move->liftRight)], $plan->moves)),
        }]);
    }

    /** @return list<string> */
    private static function say(LevelPlan|SquarePlan|SettingPlan $plan): array
    {
        $says = [];
        if ($plan instanceof LevelPlan) {
            $says[] = $plan->level ? sprintf('Level: the corners are within %s.', Spoken::measure($plan->spread)) : sprintf('The corners differ by %s.', Spoken::measure($plan->spread));
            $says[] = sprintf('The plane through them %s %s rearward and %s %s to the right.', $plan->along < 0 ? 'falls' : 'rises', Spoken::measure(abs($plan->along)), $plan->across < 0 ? 'falls' : 'rises', Spoken::measure(abs($plan->across)));
            if (abs($plan->twist) > 0.05) {
                $says[] = sprintf('No plane fits better than %s: the bench itself is wound.', Spoken::measure(abs($plan->twist)));
            }
            if (abs($plan->misclosure) > 0.05) {
                $says[] = sprintf('Round the four beams the level is out with itself by %s; turn it end for end and read again.', Spoken::measure(abs($plan->misclosure)));
            }
        } elseif ($plan instanceof SquarePlan) {
            $says[] = $plan->text;
            if (! $plan->square && $plan->rack !== null && $plan->moves !== []) {
                $says[] = sprintf('By its diagonals the %s side sits %s rearward.', $plan->rack > 0 ? 'right' : 'left', Spoken::measure(abs($plan->rack)));
            }
            if ($plan->misclosure > 0.5) {
                $says[] = sprintf('The six lengths contradict each other by %s; measure the odd one again.', Spoken::measure($plan->misclosure));
            }
        } else {
            $says[] = $plan->readyToTack ? 'Ready to tack: everything is within tolerance.' : 'Not ready to tack: '.implode('; ', $plan->left).'.';
            if ($plan->readyToTack && abs($plan->wound) > 0.5) {
                $says[] = sprintf('The vehicle itself is wound by %s from front to rear; no lift takes that out.', Spoken::measure(abs($plan->wound)));
            }
        }

        return $says;
    }
}
