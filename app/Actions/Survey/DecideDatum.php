<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Models\Survey;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Keeps a point in the datum, takes it out, or leaves it to the test again. Decisions are a log; the latest of a point counts. */
final readonly class DecideDatum
{
    /** @param  'in'|'out'|'tested'  $choice */
    public function handle(Survey $survey, User $user, int $pointId, string $choice, string $reason): void
    {
        DB::transaction(function () use ($survey, $user, $pointId, $choice, $reason): void {
            $survey->datumDecisions()->create(['point_id' => $pointId, 'choice' => $choice, 'reason' => $reason, 'user_id' => $user->id]);
            $survey->increment('revision');
        });
    }
}
