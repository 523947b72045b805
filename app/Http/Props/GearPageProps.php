<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\GearOfJob;
use App\Documents\PlannedJob;
use App\Models\Worksheet;
use Geodex\Core\Calculators\RunningGear\GearPage;

/** A page of sheets below the stages Running gear and Run sheet. */
final readonly class GearPageProps
{
    /**
     * @param  list<GearToolProps>  $tools
     * @param  list<SurveyedPointProps>  $surveyed  points to take places from
     * @param  list<InstrumentProps>  $instruments  that may read a dial
     */
    public function __construct(public string $page, public string $label, public bool $isOfRunSheet, public array $tools, public array $surveyed, public array $instruments) {}

    public static function from(PlannedJob $job, GearPage $page): self
    {
        $gear = GearOfJob::of($job);
        $sheets = $job->job->worksheets()->with(['user', 'job.workshop'])->get();

        return new self($page->value, $page->label(), $page->isOfRunSheet(), array_map(fn (string $class): GearToolProps => new GearToolProps(
            ToolProps::from($class), $gear->after->of($class::name()),
            array_values($sheets->filter(fn (Worksheet $one): bool => $one->tool === $class::name())->map(fn (Worksheet $one): WorksheetProps => WorksheetProps::from($one, $gear))->all()),
        ), $page->tools()), SurveyedPointProps::all($gear->survey), $page === GearPage::RunOut ? InstrumentProps::all($job->job->workshop, areDials: true) : []);
    }
}
