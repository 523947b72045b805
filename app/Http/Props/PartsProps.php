<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\AskedParts;
use App\Documents\MeasuredFrame;
use App\Documents\PlannedJob;
use App\Models\Job;
use App\Models\Part;
use App\Models\StockItem;
use App\Parts\PartTools;
use Geodex\Core\Calculators\Bending\PressBrakeCalculator;

/** The parts of a job, and what is asked for besides. */
final readonly class PartsProps
{
    /**
     * @param  list<PartProps>  $parts
     * @param  list<AskedPartProps>  $asked
     * @param  list<ToolProps>  $tools  that a part is made by
     * @param  list<string>  $stock  names on the rack
     * @param  array<string, array<string, mixed>>  $starts  what an empty form starts with, by calculator; mm
     * @param  list<SurveyedPointProps>  $surveyed  points to take places from
     */
    public function __construct(public array $parts, public array $asked, public array $tools, public array $stock, public array $starts, public array $surveyed) {}

    public static function from(Job $job): self
    {
        $asked = AskedParts::of(PlannedJob::of($job));
        $parts = $job->parts()->with(['user', 'mirrored', 'images'])->get();
        $survey = app(MeasuredFrame::class)->surveyed($job);
        $shop = $job->workshop->shop();
        $taken = $parts->pluck('asked_by')->all();

        return new self(
            array_values($parts->map(fn (Part $one): PartProps => PartProps::from($one, $asked, $shop, $survey))->all()),
            array_map(AskedPartProps::from(...), AskedParts::open($asked, $taken)),
            array_map(ToolProps::from(...), PartTools::all()),
            array_values(array_unique($job->workshop->stock()->get()->map(fn (StockItem $one): string => $one->stock)->all())), array_filter(['press-brake' => PressBrakeCalculator::startsWith($shop)]), SurveyedPointProps::all($survey),
        );
    }
}
