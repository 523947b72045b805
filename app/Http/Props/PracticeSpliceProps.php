<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\PracticeSplice;
use Geodex\Core\Calculators\RunSheet\WeldPiece;
use Geodex\Core\RunSheet\OrderedStep;
use Geodex\Core\Simulation\Practice\Splice\SpliceScore;

/** A splice as its trainee sees it; what nobody sees only once it is finished. */
final readonly class PracticeSpliceProps
{
    /**
     * @param  'apprentice'|'journeyman'|'master'  $level
     * @param  list<RunStepProps>  $steps  done ones first, then as they are listed: which comes next is for the trainee to say
     * @param  list<PracticeFoundProps>  $readings  the newest first
     * @param  list<PracticePieceProps>  $pieces  of the root, as listed
     * @param  list<JudgedProps>  $lines
     * @param  ?float  $drewIn  what nobody saw, mm
     * @param  ?float  $twist  as the posts were first set, mm
     */
    public function __construct(public int $id, public int $seed, public string $level, public array $steps, public array $readings, public array $pieces, public ?int $score, public array $lines, public ?float $drewIn, public ?float $twist) {}

    public static function from(PracticeSplice $splice): self
    {
        $exercise = $splice->exercise();
        $bench = $splice->bench($exercise);
        $score = $splice->score === null ? null : SpliceScore::of($exercise, $bench);
        $states = [];
        foreach ($bench->sheet()->steps as $one) {
            $states[$one->step->id] = $one;
        }
        // As they are listed, and not as they are ordered: that would give it away.
        $steps = array_map(fn ($step): RunStepProps => RunStepProps::from(new OrderedStep($step, isset($bench->done[$step->id]) ? 'done' : 'possible', [], isset($states[$step->id]) && $states[$step->id]->isEarly), null), $exercise->steps);
        usort($steps, fn (RunStepProps $a, RunStepProps $b): int => [$a->state !== 'done', crc32($splice->seed.$a->id)] <=> [$b->state !== 'done', crc32($splice->seed.$b->id)]);

        return new self(
            $splice->id, $splice->seed, $splice->level->value, $steps,
            array_map(fn (array $one): PracticeFoundProps => new PracticeFoundProps($one['step'], $one['what'], $one['read'], $one['action'], $one['move']), array_reverse($bench->readings)),
            array_map(fn (WeldPiece $one, int $i): PracticePieceProps => new PracticePieceProps($i, "$one->run, piece $one->number", ($place = array_search($one, $bench->welded, true)) === false ? null : (int) $place + 1, $bench->warmth($one)), $exercise->pieces, array_keys($exercise->pieces)),
            $score?->points, JudgedProps::all($score->lines ?? []), $score === null ? null : $exercise->drawsIn, $score === null ? null : $exercise->twist,
        );
    }
}
