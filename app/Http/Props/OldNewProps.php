<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\GearOfJob;
use App\Documents\PlannedJob;
use App\Models\Worksheet;
use Geodex\Core\Calculators\RunningGear\GearPage;

/** Everything that depends on the plan, old against new, and what has to be made, bought and sent out for it. */
final readonly class OldNewProps
{
    /**
     * @param  list<ConsequenceProps>  $vehicle
     * @param  list<OldNewSheetProps>  $sheets
     * @param  list<ErrandProps>  $errands
     */
    public function __construct(public array $vehicle, public DrivelineProps $shaft, public array $sheets, public array $errands, public bool $isPlanned) {}

    public static function from(PlannedJob $job): self
    {
        $sheets = self::sheets($job);

        return new self(ConsequencesProps::from($job)->rows, DrivelineProps::from($job->job), array_map(OldNewSheetProps::from(...), $sheets), array_merge(...array_map(ErrandProps::from(...), $sheets)), $job->core->operations !== []);
    }

    /** @return list<WorksheetProps> */
    public static function sheets(PlannedJob $job): array
    {
        $gear = GearOfJob::of($job);

        return array_values($job->job->worksheets()->with(['user', 'job.workshop'])->get()->filter(fn (Worksheet $one): bool => GearPage::of($one->tool)?->isOfRunSheet() === false)->map(fn (Worksheet $one): WorksheetProps => WorksheetProps::from($one, $gear))->all());
    }
}
