<?php

declare(strict_types=1);

namespace App\Documents;

use App\Actions\Survey\AssessSurvey;
use App\Models\Job;
use Geodex\Core\RunSheet\Holds\StageMovement;

/** What every point did from one survey of a job to the next, each against what it was held against. */
final readonly class MovementOfJob
{
    private const AXES = ['station', 'offset', 'height'];

    /**
     * @param  list<string>  $surveys  names, in order
     * @param  list<array{point: string, axis: string, stages: list<StageMovement>, whole: StageMovement}>  $rows  what moved beyond doubt in one stage or in all
     * @param  int  $still  coordinates of which nothing of the kind can be said
     */
    private function __construct(public array $surveys, public array $rows, public int $still) {}

    public static function of(Job $job, AssessSurvey $assess): self
    {
        $found = [];
        foreach ($job->ownSurveys() as $survey) {
            try {
                $points = $assess->handle($survey)->assessment->survey->points ?? [];
            } catch (UnreadableJob) {
                continue;
            }
            $places = [];
            foreach ($points as $point) {
                if ($point->deviation !== null && $point->sigma !== null && $point->isDetermined()) {
                    $places[$point->id] = [$point->deviation->toArray(), $point->sigma->toArray()];
                }
            }
            if ($places !== []) {
                $found[$survey->called()] = $places;
            }
        }

        return self::split($found);
    }

    /** @param  array<string, array<string, array{array{float, float, float}, array{float, float, float}}>>  $found  by survey and point: what it is off, and one sigma */
    private static function split(array $found): self
    {
        $rows = [];
        $still = 0;
        foreach (array_keys(array_replace([], ...array_values($found))) as $point) {
            foreach (self::AXES as $axis => $name) {
                $read = [];
                foreach ($found as $survey => $places) {
                    if (isset($places[$point])) {
                        $read[$survey] = [$places[$point][0][$axis], $places[$point][1][$axis]];
                    }
                }
                [$stages, $whole] = [StageMovement::split($read), StageMovement::whole($read)];
                if ($whole === null) {
                    continue;
                }
                $moved = array_filter([...$stages, $whole], fn (StageMovement $one): bool => $one->isSignificant) !== [];
                $rows = $moved ? [...$rows, ['point' => (string) $point, 'axis' => $name, 'stages' => $stages, 'whole' => $whole]] : $rows;
                $still += $moved ? 0 : 1;
            }
        }

        return new self(array_map(strval(...), array_keys($found)), $rows, $still);
    }
}
