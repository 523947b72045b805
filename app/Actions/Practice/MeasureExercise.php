<?php

declare(strict_types=1);

namespace App\Actions\Practice;

use App\Models\PracticeRun;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Survey\Call\CallReader;
use Geodex\Core\Units\LengthUnit;
use Illuminate\Support\Facades\DB;

/** Has the simulated helper of an exercise take a reading, and closes the exercise with an answer. */
final readonly class MeasureExercise
{
    private const MAX_READINGS = 400;

    /** @throws CoreFailure if the points are not understood */
    public function handle(PracticeRun $run, string $call): void
    {
        $exercise = $run->exercise();
        $kind = (new CallReader($exercise->simulated->frame))->read("$call 1", LengthUnit::Millimetre)->kind;
        DB::transaction(function () use ($run, $exercise, $kind): void {
            $held = PracticeRun::whereKey($run->id)->lockForUpdate()->firstOrFail();
            $number = count($held->readings) + 1;
            abort_if($number > self::MAX_READINGS, 422, 'That is enough readings for one frame; say what is bent.');
            $held->update(['readings' => [...$held->readings, ['number' => $number, 'kind' => $kind::name(), 'points' => $kind->points(), 'value' => $exercise->measurer->read($kind, $number)->value]]]);
            $run->setRawAttributes($held->getAttributes(), true);
        });
    }

    /** @param  array{findings: list<array{pattern: string, section: string, positive: bool, side: ?string}>, readings: list<string>}  $statement */
    public function finish(PracticeRun $run, array $statement): void
    {
        $run->statement = $statement;
        $run->score = PracticeScore::of($run)->points;
        $run->save();
    }
}
