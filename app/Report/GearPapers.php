<?php

declare(strict_types=1);

namespace App\Report;

use App\Documents\Parts\PlanPart;
use App\Documents\Parts\Revision;
use App\Documents\PlannedJob;
use App\Http\Props\OldNewProps;
use App\Http\Props\WorksheetProps;
use App\Models\Job;
use App\Models\User;
use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Units\LengthUnit;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Vite;

/** The sheets of the running gear for the bench: old against new, the driveshaft, and each sheet that is kept with what was entered in it. */
final readonly class GearPapers
{
    public function html(Job $job, User $user, bool $forPdf = false): string
    {
        $planned = PlannedJob::of($job);
        $sheets = OldNewProps::sheets($planned);

        return view('gear-papers', [
            'job' => $job,
            'gear' => OldNewProps::from($planned),
            'sheets' => $sheets,
            'tools' => array_map(fn (WorksheetProps $sheet): Calculator => Calculators::named($sheet->tool), array_column($sheets, null, 'tool')),
            'drawings' => fn (WorksheetProps $sheet): array => GearDrawings::of($sheet->tool, $sheet->values, $sheet->result ?? [], PaperLengths::of($job)),
            'templates' => fn (WorksheetProps $sheet): array => $sheet->tool === 'hole-pattern' ? HoleTemplate::of($sheet->result ?? []) : [],
            'values' => PaperValues::of($job),
            'length' => PaperLengths::of($job),
            'say' => fn (Sentence|Measure $said): string => $said->in(LengthUnit::from($job->units)),
            'state' => $this->state($job),
            'printedBy' => $user,
            'printedAt' => Carbon::now()->format('Y-m-d H:i').' UTC',
            'nonce' => Vite::cspNonce(),
            'forPdf' => $forPdf,
        ])->render();
    }

    /** What of plan and sheets is printed: an older sheet is told from a newer by it. */
    public function state(Job $job): string
    {
        return 'plan '.$job->plan_variant.' '.substr(Revision::of(new PlanPart, $job), 0, 6).', running gear '.substr(Revision::ofState($job->worksheets()->get(['id', 'title', 'given'])->toArray()), 0, 6);
    }
}
