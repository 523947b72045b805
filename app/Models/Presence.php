<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Query\JoinClause;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Who has a survey open, by when their screen last asked for news. */
final readonly class Presence
{
    private const SECONDS = 10;

    /** Nobody is written down more often than this: a screen asks every two seconds. */
    private const AGAIN_SECONDS = 4;

    public static function seen(int $survey, User $user): void
    {
        DB::table('presences')->upsert(['survey_id' => $survey, 'user_id' => $user->id, 'seen_at' => Carbon::now()], ['survey_id', 'user_id'], ['seen_at']);
    }

    /**
     * Where a survey stands, whose it is and who has it open: all that a screen that asks for news needs, in one query.
     *
     * @return ?object{survey: int, workshop: int, revision: int, others: string, seen: ?string} others by name, with commas between them
     */
    public static function at(int $job, string $code, User $user): ?object
    {
        $since = Carbon::now()->subSeconds(self::SECONDS);

        /** @var ?object{survey: int, workshop: int, revision: int, others: string, seen: ?string} */
        return DB::table('surveys')->join('jobs', 'jobs.id', '=', 'surveys.job_id')
            ->leftJoin('presences as mine', fn (JoinClause $join) => $join->on('mine.survey_id', '=', 'surveys.id')->where('mine.user_id', $user->id))
            ->where('surveys.job_id', $job)->where('surveys.code', $code)
            ->select(['surveys.id as survey', 'jobs.workshop_id as workshop', 'surveys.revision', 'mine.seen_at as seen'])
            ->selectSub(DB::table('presences')->join('users', 'users.id', '=', 'presences.user_id')->whereColumn('survey_id', 'surveys.id')
                ->where('user_id', '!=', $user->id)->where('seen_at', '>=', $since)->selectRaw("coalesce(group_concat(users.name order by users.name separator ','), '')"), 'others')
            ->first();
    }

    /** Whether it is time to write down again that somebody is here. */
    public static function isDue(?string $seen): bool
    {
        return $seen === null || Carbon::parse($seen)->isBefore(Carbon::now()->subSeconds(self::AGAIN_SECONDS));
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
