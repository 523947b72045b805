<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Models\Job;
use App\Models\Survey;
use App\Models\Workshop;
use App\Stages\JobState;
use App\Stages\Stages;
use Geodex\Core\Parts\PartState;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/** Finds the jobs of a shop that somebody asks for, a page at a time; computes nothing of their surveys. */
final readonly class FindJobs
{
    public const PAGE = 50;

    private const SEARCHED = ['title', 'vehicle', 'plate', 'frame_number', 'customer_reference'];

    /** What a row of the list, and what a job needs next, is told from; a frame as metal is not read for it. */
    private const COLUMNS = ['id', 'workshop_id', 'title', 'vehicle', 'plate', 'customer_reference', 'updated_at', 'archived_at', 'plan_along'];

    /**
     * @param  value-of<\App\Http\Requests\JobListRequest::STATES>  $state
     * @param  value-of<\App\Http\Requests\JobListRequest::SORTS>  $sort
     * @return array{jobs: Collection<int, Job>, total: int}
     */
    public function handle(Workshop $workshop, string $search, string $stage, string $state, string $sort, int $page): array
    {
        $found = $this->asked($workshop, $search, $state);
        if ($stage === '') {
            $total = $found->count();
            $ids = null;
        } else {
            $ids = $this->atStage($found, $stage);
            $total = count($ids);
            $found = Job::query()->whereIn('id', $ids);
        }
        $jobs = $this->withFacts($this->sorted($found, $sort))->forPage($page, self::PAGE)->get();
        $this->withSurveys($jobs);

        return ['jobs' => $jobs, 'total' => $total];
    }

    /** @return Builder<Job> */
    private function asked(Workshop $workshop, string $search, string $state): Builder
    {
        $jobs = Job::query()->where('workshop_id', $workshop->id);
        if ($state !== 'all') {
            $jobs->whereNull('archived_at', not: $state === 'laid aside');
        }
        foreach (array_filter(explode(' ', $search), fn (string $word): bool => $word !== '') as $word) {
            $like = '%'.addcslashes($word, '%_\\').'%';
            $jobs->where(function (Builder $any) use ($like): void {
                foreach (self::SEARCHED as $column) {
                    $any->orWhere($column, 'like', $like);
                }
            });
        }

        return $jobs;
    }

    /**
     * @param  Builder<Job>  $jobs
     * @return list<int> those that need something at that stage next
     */
    private function atStage(Builder $jobs, string $stage): array
    {
        $all = $this->withFacts($jobs)->get();
        $this->withSurveys($all);

        return array_values($all->filter(fn (Job $job): bool => Stages::nextStage(new JobState($job, $job->surveys->last())) === $stage)->map(fn (Job $job): int => $job->id)->all());
    }

    /**
     * @param  Builder<Job>  $jobs
     * @return Builder<Job>
     */
    private function withFacts(Builder $jobs): Builder
    {
        return $jobs->select(array_map(fn (string $column): string => "jobs.$column", self::COLUMNS))->selectRaw('jobs.driveline is not null as has_driveline')->withCount(['points', 'operations', 'parts as uncut_parts' => fn (Builder $parts): Builder => $parts->where('state', '<>', PartState::Cut->value)]);
    }

    /**
     * Of each the latest survey alone.
     *
     * @param  Collection<int, Job>  $jobs
     */
    private function withSurveys(Collection $jobs): void
    {
        $latest = Survey::query()->whereIn('id', Survey::query()->selectRaw('max(id)')->whereIn('job_id', $jobs->modelKeys())->groupBy('job_id'))->get(['id', 'job_id', 'code', 'facts', 'facts_revision', 'revision'])->groupBy('job_id');
        foreach ($jobs as $job) {
            $job->setRelation('surveys', $latest[$job->id] ?? new Collection);
        }
    }

    /**
     * @param  Builder<Job>  $jobs
     * @return Builder<Job>
     */
    private function sorted(Builder $jobs, string $sort): Builder
    {
        return match ($sort) {
            'started' => $jobs->orderByDesc('id'),
            'title', 'vehicle' => $jobs->orderBy($sort)->orderByDesc('id'),
            default => $jobs->orderByDesc('updated_at')->orderByDesc('id'),
        };
    }
}
