<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Models\Reading;
use App\Models\Strike;
use App\Models\Survey;
use App\Models\User;

/** Takes back the last thing somebody did in a survey, as a new entry of the log. */
final readonly class UndoLast
{
    public function __construct(private MarkReading $marks) {}

    /** @return ?string what was undone, null if there was nothing */
    public function handle(Survey $survey, User $user): ?string
    {
        $reading = Reading::where('survey_id', $survey->id)->where('user_id', $user->id)->with('lastStrike')->latest('id')->get()
            ->first(fn (Reading $reading): bool => $reading->lastStrike?->kind !== 'struck');
        $strike = Strike::where('user_id', $user->id)->where('kind', 'struck')
            ->whereIn('reading_id', Reading::where('survey_id', $survey->id)->select('id'))
            ->whereRaw('id = (select max(s.id) from strikes s where s.reading_id = strikes.reading_id)')
            ->where('reason', '!=', self::REASON)
            ->latest('id')->first();
        if ($strike !== null && ($reading === null || $strike->created_at >= $reading->created_at)) {
            $this->marks->restore(Reading::findOrFail($strike->reading_id), $user);

            return 'The strike was taken back.';
        }
        if ($reading === null) {
            return null;
        }
        $this->marks->strike($reading, $user, self::REASON);

        return "Reading {$reading->number} was taken back.";
    }

    public const REASON = 'Taken back by undo';
}
