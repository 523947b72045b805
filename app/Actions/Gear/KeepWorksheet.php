<?php

declare(strict_types=1);

namespace App\Actions\Gear;

use App\Documents\GearOfJob;
use App\Documents\PlannedJob;
use App\Models\Job;
use App\Models\User;
use App\Models\Worksheet;
use Geodex\Core\Failure\CoreFailure;

/** Keeps a sheet of the running gear, with what the job says of it now, so that it can be told when that changes. */
final readonly class KeepWorksheet
{
    private const MOST_SHEETS = 200;

    /**
     * @param  array<string, mixed>  $given  as the calculator takes it, mm
     * @param  ?Worksheet  $sheet  that is changed; null for a new one
     *
     * @throws CoreFailure if nothing can be worked out of it
     */
    public function handle(Job $job, User $user, string $tool, string $title, array $given, ?Worksheet $sheet = null): Worksheet
    {
        abort_if($sheet === null && $job->worksheets()->count() >= self::MOST_SHEETS, 422, sprintf('A job keeps no more than %d sheets.', self::MOST_SHEETS));
        $sheet ??= new Worksheet(['job_id' => $job->id]);
        $sheet->fill(['tool' => $tool, 'title' => $title, 'given' => $given, 'facts' => GearOfJob::of(PlannedJob::of($job))->after->of($tool), 'user_id' => $user->id]);
        $sheet->sheet()->worked($given);
        $sheet->save();

        return $sheet;
    }
}
