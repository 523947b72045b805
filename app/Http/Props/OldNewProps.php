<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\GearOfJob;
use App\Documents\PlannedJob;
use App\Models\Worksheet;
use Geodex\Core\Calculators\Calculators;

/** Everything that depends on the plan, old against new. */
final readonly class OldNewProps
{
    /**
     * @param  list<ConsequenceProps>  $vehicle
     * @param  list<WorksheetProps>  $sheets
     * @param  array<string, ToolProps>  $tools  of the sheets, by name
     */
    public function __construct(public array $vehicle, public DrivelineProps $shaft, public array $sheets, public array $tools, public bool $isPlanned) {}

    public static function from(PlannedJob $job): self
    {
        $gear = GearOfJob::of($job);
        $sheets = array_values($job->job->worksheets()->with('user')->get()->map(fn (Worksheet $one): WorksheetProps => WorksheetProps::from($one, $gear))->all());
        $tools = [];
        foreach ($sheets as $sheet) {
            $tools[$sheet->tool] ??= ToolProps::from(Calculators::named($sheet->tool)::class);
        }

        return new self(ConsequencesProps::from($job)->rows, DrivelineProps::from($job->job), $sheets, $tools, $job->core->operations !== []);
    }
}
