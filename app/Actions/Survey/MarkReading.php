<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Models\Reading;
use App\Models\Strike;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Strikes a reading out with a reason, or takes the strike back. Doing either twice changes nothing. */
final readonly class MarkReading
{
    public function strike(Reading $reading, User $user, string $reason): void
    {
        $this->mark($reading, $user, 'struck', $reason);
    }

    public function restore(Reading $reading, User $user): void
    {
        $this->mark($reading, $user, 'restored', '');
    }

    /** @param  'struck'|'restored'  $kind */
    private function mark(Reading $reading, User $user, string $kind, string $reason): void
    {
        DB::transaction(function () use ($reading, $user, $kind, $reason): void {
            $survey = $reading->survey()->lockForUpdate()->firstOrFail();
            $now = $reading->strikes()->reorder('id', 'desc')->value('kind') ?? 'restored';
            if ($now !== $kind) {
                Strike::create(['reading_id' => $reading->id, 'kind' => $kind, 'reason' => $reason, 'user_id' => $user->id]);
                $survey->increment('revision');
            }
        });
    }
}
