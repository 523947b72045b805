<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\Job;
use App\Models\Survey;
use Illuminate\Support\Facades\DB;

/** The stages of a job in the order of the work, and how far each is. */
final readonly class StageList
{
    public function __construct(private Job $job, private Survey $survey) {}

    /** @return list<StageProps> */
    public function stages(): array
    {
        $touched = DB::table('reading_points')->join('readings', 'readings.id', '=', 'reading_points.reading_id')->where('survey_id', $this->survey->id)->distinct()->count('point_id');
        $read = $touched > 0;
        $all = $read && $touched >= $this->job->points->count();
        $planned = $this->job->operations()->exists();

        $bench = $this->job->benchRounds()->exists();

        return [
            new StageProps('bench', 'Bench', route('bench', $this->job->id), $bench ? 'done' : 'open'),
            new StageProps('reference', 'Reference', route('reference', $this->job->id), $this->job->points->contains(fn ($point): bool => $point->chart_x_mm !== null) ? 'done' : 'open'),
            new StageProps('survey', 'Survey', route('survey', [$this->job->id, $this->survey->code]), $all ? 'done' : 'open'),
            new StageProps('findings', 'Findings', route('findings', [$this->job->id, $this->survey->code]), $all ? 'done' : ($read ? 'open' : 'waiting')),
            new StageProps('plan', 'Plan', route('plan', $this->job->id), $planned ? 'done' : 'open'),
            new StageProps('driveline', 'Driveline', route('driveline', $this->job->id), $this->job->driveline === null ? 'open' : 'done'),
            new StageProps('report', 'Report', route('report', [$this->job->id, $this->survey->code]), $read || $planned ? 'open' : 'waiting'),
        ];
    }
}
