<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Who has a survey open, by when their screen last asked for news. */
final readonly class Presence
{
    private const SECONDS = 10;

    public static function seen(Survey $survey, User $user): void
    {
        DB::table('presences')->upsert(['survey_id' => $survey->id, 'user_id' => $user->id, 'seen_at' => Carbon::now()], ['survey_id', 'user_id'], ['seen_at']);
    }

    /** @return list<string> names of the others who are here now */
    public static function others(Survey $survey, User $user): array
    {
        /** @var list<string> */
        return DB::table('presences')->join('users', 'users.id', '=', 'presences.user_id')
            ->where('survey_id', $survey->id)->where('user_id', '!=', $user->id)
            ->where('seen_at', '>=', Carbon::now()->subSeconds(self::SECONDS))
            ->orderBy('users.name')->pluck('users.name')->all();
    }
}
