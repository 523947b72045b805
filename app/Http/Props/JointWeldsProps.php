<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\RunSheet\Welds\SeamTacks;
use Geodex\Core\RunSheet\Welds\SequenceScore;
use Geodex\Core\RunSheet\Welds\WeldPlan;
use Geodex\Core\Words\Sentence;

/** How one joint of both rails is tacked and welded; mm, kJ. */
final readonly class JointWeldsProps
{
    /**
     * @param  list<WeldPieceProps>  $sequence
     * @param  list<SequenceScoreProps>  $scores  the steadiest first
     * @param  list<SeamTacksProps>  $tacks
     * @param  list<Sentence>  $distortion  and whether torch and hand reach it
     * @param  float  $heat  of all runs, kJ
     */
    public function __construct(public string $operation, public string $title, public string $school, public bool $isHeld, public bool $isTurned, public array $sequence, public array $scores, public array $tacks, public array $distortion, public float $heat) {}

    public static function from(string $operation, string $title, WeldPlan $plan, bool $isHeld, bool $isTurned): self
    {
        return new self(
            $operation, $title, $plan->school->value, $isHeld, $isTurned, WeldPieceProps::all($plan), array_map(fn (SequenceScore $one): SequenceScoreProps => new SequenceScoreProps($one->school->value, $one->school->label(), $one->sideways, $one->upright, $one->along), $plan->scores),
            array_map(fn (SeamTacks $one): SeamTacksProps => new SeamTacksProps($one->seam, $one->length, $one->tackLength, $one->centres), $plan->tacks), [...$plan->distortion?->said() ?? [], ...($plan->access === null ? [] : [$plan->access])], $plan->heat,
        );
    }
}
