<?php

declare(strict_types=1);

namespace App\Report;

use App\Documents\Parts\PlanPart;
use App\Documents\Parts\Revision;
use App\Documents\PlannedJob;
use App\Http\Props\ConsequencesProps;
use App\Http\Props\CutProps;
use App\Http\Props\LoadsProps;
use App\Http\Props\PlanProps;
use App\Http\Props\SplicePageProps;
use App\Http\Props\StandProps;
use App\Models\Job;
use App\Models\User;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Frame\Side;
use Geodex\Core\Plan\Sight;
use Geodex\Core\Plan\Stand\StandFields;
use Geodex\Core\Plan\StationSights;
use Geodex\Core\Units\LengthUnit;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Vite;

/** The sheets for the bench: what is cut and proved, how it is joined, what is marked out, what comes along, before and after. */
final readonly class PlanPapers
{
    public function html(Job $job, User $user, bool $forPdf = false): string
    {
        $planned = PlannedJob::of($job);
        $plan = PlanProps::from($job);
        $length = PaperLengths::of($job);
        $cuts = array_values(array_unique(array_map(fn (CutProps $cut): string => $cut->operation, $plan->cuts)));

        return view('papers', [
            'job' => $job,
            'plan' => $plan,
            'after' => ConsequencesProps::from($planned),
            'loads' => LoadsProps::from($planned),
            'splice' => SplicePageProps::from($planned, null),
            'operations' => array_column($plan->operations, null, 'id'),
            'operation' => OperationWords::of($plan, $length),
            'cuts' => array_map(fn (string $operation): array => array_values(array_filter($plan->cuts, fn (CutProps $cut): bool => $cut->operation === $operation)), $cuts),
            'sights' => fn (float $station, string $side): array => array_map(fn (Sight $sight): string => $this->sighted($sight, $length), (new StationSights($planned->core->frame, $planned->core->chassis))->of($station, Side::from($side))),
            'stand' => fn (float $cut): StandProps => StandProps::from($planned->core, (new FieldReader)->read(StandFields::all(), ['cut' => $cut])),
            'added' => $this->added($planned),
            'length' => $length,
            'say' => fn (Sentence|Measure $said): string => $said->in(LengthUnit::from($job->units)),
            'state' => $this->state($job),
            'printedBy' => $user,
            'printedAt' => Carbon::now()->format('Y-m-d H:i').' UTC',
            'nonce' => Vite::cspNonce(),
            'forPdf' => $forPdf,
        ])->render();
    }

    /** What of the plan is printed: an older sheet is told from a newer by it. */
    public function state(Job $job): string
    {
        return 'plan '.$job->plan_variant.' '.substr(Revision::of(new PlanPart, $job), 0, 6);
    }

    /** @param  \Closure(?float): string  $length */
    private function sighted(Sight $sight, \Closure $length): string
    {
        return $length(abs($sight->distance)).($sight->distance > 0.0 ? ' behind ' : ' ahead of ').$sight->from;
    }

    /**
     * Features that are new or stand elsewhere, at the stations that they have before any cut.
     *
     * @return list<array{name: string, what: string, station: float, side: string, up: float, face: string, diameter: ?float}>
     */
    private function added(PlannedJob $job): array
    {
        $added = [];
        foreach ($job->plan->draft->chassis->fixtures ?? [] as $fixture) {
            if ($job->core->chassis->fixture($fixture->id())?->station !== $fixture->station) {
                $added[] = ['name' => $fixture->called(), 'what' => $fixture->kind->words(), 'station' => $fixture->station, 'side' => $fixture->side->value, 'up' => $fixture->up, 'face' => $fixture->face, 'diameter' => $fixture->diameter];
            }
        }

        return $added;
    }
}
