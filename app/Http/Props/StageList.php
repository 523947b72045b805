<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\Job;
use App\Models\Survey;

/** The stages of a job in the order of the work, and how far each is. */
final readonly class StageList
{
    public function __construct(private Job $job, private Survey $survey) {}

    /** @return list<StageProps> */
    public function stages(): array
    {
        $touched = $this->survey->readings()->reorder()->toBase()->select('from_point_id')->union($this->survey->readings()->reorder()->toBase()->select('to_point_id')->whereNotNull('to_point_id'))->get()->count();
        $read = $touched > 0;
        $all = $read && $touched >= $this->job->points->count();
        $planned = $this->job->operations()->exists();

        return [
            new StageProps('survey', 'Survey', route('survey', [$this->job->id, $this->survey->code]), $all ? 'done' : 'open'),
            new StageProps('findings', 'Findings', route('findings', [$this->job->id, $this->survey->code]), $all ? 'done' : ($read ? 'open' : 'waiting')),
            new StageProps('plan', 'Plan', route('plan', $this->job->id), $planned ? 'done' : 'open'),
            new StageProps('driveline', 'Driveline', route('driveline', $this->job->id), $this->job->driveline === null ? 'open' : 'done'),
            new StageProps('report', 'Report', route('report', [$this->job->id, $this->survey->code]), $read || $planned ? 'open' : 'waiting'),
        ];
    }
}
