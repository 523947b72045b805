<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Models\Survey;
use App\Models\User;
use Geodex\Core\Survey\Reading\ReadingKinds;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Marks a reading as one that cannot be taken on this frame, or takes the mark back. Doing either twice changes nothing. */
final readonly class BlockReading
{
    /** @param  list<string>  $points */
    public function block(Survey $survey, User $user, string $kind, array $points): void
    {
        $reading = ReadingKinds::between($kind, $points)->key();
        if (DB::table('blocked_readings')->insertOrIgnore(['survey_id' => $survey->id, 'reading' => $reading, 'user_id' => $user->id, 'created_at' => Carbon::now()]) > 0) {
            $survey->increment('revision');
        }
    }

    public function free(Survey $survey, string $reading): void
    {
        if (DB::table('blocked_readings')->where('survey_id', $survey->id)->where('reading', $reading)->delete() > 0) {
            $survey->increment('revision');
        }
    }
}
