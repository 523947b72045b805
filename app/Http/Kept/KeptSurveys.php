<?php

declare(strict_types=1);

namespace App\Http\Kept;

use App\Actions\Survey\AssessSurvey;
use App\Documents\UnreadableJob;
use App\Http\Props\SurveyProps;
use App\Models\Presence;
use App\Models\Survey;
use App\Models\User;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Symfony\Component\HttpKernel\Exception\ServiceUnavailableHttpException;

/**
 * What screens show of surveys, computed once for each state of a log and kept for all people and screens: the failures too. Whoever comes while
 * it is being computed waits for it, and takes the newest state with the others, so that fifty people in one survey cost no more than one.
 */
final readonly class KeptSurveys
{
    /** What is kept, where nobody has it open yet. */
    private const NOBODY = '"present":[]';

    private const KEPT_SECONDS = 604_800;

    /** Longest that somebody waits for another's computation. */
    private const WAIT_SECONDS = 3;

    public function __construct(private AssessSurvey $assess) {}

    /** @throws UnreadableJob */
    public function of(Survey $survey, User $user): SurveyProps
    {
        return ($this->kept($survey) ?? $this->computed($survey, self::WAIT_SECONDS) ?? throw new ServiceUnavailableHttpException(2, 'This survey is being computed for somebody else; it is tried again in a moment.'))->among(Presence::others($survey, $user));
    }

    /**
     * The same as JSON, for somebody who only asks for news, and asks again soon: while another is computing there is none yet.
     *
     * @param  string  $present  names of the others, with commas between them
     *
     * @throws UnreadableJob
     */
    public function news(Survey $survey, string $present): ?string
    {
        $json = $this->json($survey);
        if ($json === null && $this->computed($survey, 0) !== null) {
            $json = $this->json(Survey::with(['job.workshop'])->findOrFail($survey->id), false);
        }

        return $json === null ? null : str_replace(self::NOBODY, '"present":'.json_encode($present === '' ? [] : explode(',', $present), JSON_THROW_ON_ERROR), $json);
    }

    /** Written once, since fifty screens ask for the same. */
    private function json(Survey $survey, bool $current = true): ?string
    {
        $kept = Cache::get("survey.{$survey->id}.json");
        $is = is_array($kept) && is_string($kept[1] ?? null) && (! $current || ($kept[0] ?? null) === $this->assess->state($survey));

        return $is ? $kept[1] : null;
    }

    /** @phpstan-impure */
    private function kept(Survey $survey, bool $current = true): ?SurveyProps
    {
        $kept = Cache::get("survey.{$survey->id}");
        $is = is_array($kept) && ($kept[1] ?? null) instanceof SurveyProps && (! $current || ($kept[0] ?? null) === $this->assess->state($survey));

        return $is ? $kept[1] : null;
    }

    /** Null while another computes it and nothing was kept before. */
    private function computed(Survey $survey, int $wait): ?SurveyProps
    {
        $name = "geodex.survey.{$survey->id}";
        $mine = (bool) DB::scalar('select get_lock(?, ?)', [$name, $wait]);
        try {
            // While this one waited others have read on: what is computed now serves them too.
            $now = Survey::with(['job.workshop', 'job.points'])->findOrFail($survey->id);
            $kept = $this->kept($now);

            return $kept ?? ($mine ? $this->anew($now) : $this->kept($now, false));
        } finally {
            if ($mine) {
                DB::scalar('select release_lock(?)', [$name]);
            }
        }
    }

    private function anew(Survey $survey): SurveyProps
    {
        $props = SurveyProps::from($survey, $this->assess->handle($survey));
        $state = $this->assess->state($survey);
        Cache::put("survey.{$survey->id}", [$state, $props], self::KEPT_SECONDS);
        Cache::put("survey.{$survey->id}.json", [$state, json_encode($props, JSON_THROW_ON_ERROR)], self::KEPT_SECONDS);

        return $props;
    }
}
