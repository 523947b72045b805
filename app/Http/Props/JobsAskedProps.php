<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Actions\Jobs\FindJobs;
use App\Http\Requests\JobListRequest;
use App\Stages\Stage;
use App\Stages\Stages;

/** Which jobs a list shows, of how many, and what else could be asked. */
final readonly class JobsAskedProps
{
    /**
     * @param  list<StageChoiceProps>  $stages
     * @param  list<string>  $states
     * @param  list<string>  $sorts
     */
    public function __construct(public string $search, public string $stage, public string $state, public string $sort, public int $page, public int $pages, public int $total, public array $stages, public array $states, public array $sorts) {}

    public static function from(JobListRequest $request, int $total): self
    {
        return new self(
            $request->search(), $request->stage(), $request->state(), $request->sort(), $request->page(), max(1, (int) ceil($total / FindJobs::PAGE)), $total,
            array_map(fn (Stage $stage): StageChoiceProps => new StageChoiceProps($stage::name(), $stage::label()), Stages::all()), JobListRequest::STATES, JobListRequest::SORTS,
        );
    }
}
