<?php

declare(strict_types=1);

namespace App\Actions\Gear;

use App\Actions\Saving\StaleSave;
use App\Documents\GearOfJob;
use App\Documents\Parts\Revision;
use App\Documents\PlannedJob;
use App\Models\Job;
use App\Models\User;
use App\Models\Worksheet;
use Geodex\Core\Calculators\RunningGear\SheetPoints;
use Geodex\Core\Failure\CoreFailure;
use Illuminate\Support\Facades\DB;

/** Keeps a sheet of the running gear, with what the job says of it now, so that it can be told when that changes. */
final readonly class KeepWorksheet
{
    private const MOST_SHEETS = 200;

    /**
     * @param  array<string, mixed>  $given  as the calculator takes it, mm
     * @param  SheetPoints  $points  which places of it are the survey's
     * @param  ?Worksheet  $sheet  that is changed; null for a new one
     * @param  ?string  $readAt  revision of the sheet that the change was made from; null where nobody read it before
     *
     * @throws CoreFailure if nothing can be worked out of it
     * @throws StaleSave if somebody else changed the sheet since
     */
    public function handle(Job $job, User $user, string $tool, string $title, array $given, SheetPoints $points, ?Worksheet $sheet = null, ?string $readAt = null): Worksheet
    {
        abort_if($sheet === null && $job->worksheets()->count() >= self::MOST_SHEETS, 422, sprintf('A job keeps no more than %d sheets.', self::MOST_SHEETS));

        $gear = GearOfJob::of(PlannedJob::of($job));
        $given = $points->filled($tool, $given, $gear->survey);

        return DB::transaction(function () use ($job, $user, $tool, $title, $given, $points, $gear, $sheet, $readAt): Worksheet {
            $kept = $sheet === null ? new Worksheet(['job_id' => $job->id]) : Worksheet::query()->lockForUpdate()->findOrFail($sheet->id);
            $theirs = $sheet === null ? null : $kept->entered();
            $kept->fill(['tool' => $tool, 'title' => $title, 'given' => $given, 'facts' => $gear->after->of($tool), 'points' => $points->points === [] ? null : $points->points, 'user_id' => $user->id]);
            if ($theirs !== null && $readAt !== null && Revision::ofState($theirs) !== $readAt && Revision::ofState($theirs) !== Revision::ofState($kept->entered())) {
                throw new StaleSave('this sheet', $theirs, $kept->entered());
            }
            $kept->sheet()->worked($given);
            $kept->save();

            return $kept;
        });
    }
}
