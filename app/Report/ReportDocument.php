<?php

declare(strict_types=1);

namespace App\Report;

use App\Http\Kept\KeptSurveys;
use App\Http\Props\CauseProps;
use App\Http\Props\DrivelineProps;
use App\Http\Props\ExplanationProps;
use App\Http\Props\PartsProps;
use App\Http\Props\PlanProps;
use App\Http\Props\RunSheetProps;
use App\Http\Props\SurveyProps;
use App\Models\Survey;
use App\Models\User;
use Geodex\Core\Units\LengthUnit;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Vite;

/** The whole job as one printable document. */
final readonly class ReportDocument
{
    private const EXPLANATIONS = 8;

    public function __construct(private KeptSurveys $surveys, private FrameSketch $sketch) {}

    public function html(Survey $survey, User $user, bool $forPdf = false): string
    {
        $job = $survey->job;
        $props = $this->surveys->of($survey, $user);
        $plan = PlanProps::from($job);
        $say = fn (Sentence|Measure $said): string => $said->in(LengthUnit::from($job->units));

        return view('report', [
            'job' => $job,
            'survey' => $survey,
            'source' => $job->sources()->where('in_force', true)->value('name'),
            'props' => $props,
            'plan' => $plan,
            'driveline' => DrivelineProps::from($job),
            'sketch' => $this->sketch->svg($props, $plan),
            'length' => PaperLengths::of($job),
            'operation' => OperationWords::of($plan, PaperLengths::of($job)),
            'say' => $say,
            'explanations' => array_map(fn (ExplanationProps $one): string => $this->explained($one, $props, $say), array_slice($props->explanations, 0, self::EXPLANATIONS)),
            'measure' => fn (float $mm, float $expanded): string => str_replace('-', '−', $say(Measure::computed($mm, $expanded))),
            'parts' => PartsProps::from($job)->parts,
            'run' => RunSheetProps::from($job),
            'printedBy' => $user,
            'printedAt' => Carbon::now()->format('Y-m-d H:i').' UTC',
            'nonce' => Vite::cspNonce(),
            'forPdf' => $forPdf,
        ])->render();
    }

    /**
     * What is wrong if one explanation holds, and why.
     *
     * @param  \Closure(Sentence|Measure): string  $say
     */
    private function explained(ExplanationProps $explanation, SurveyProps $props, \Closure $say): string
    {
        $readings = array_column($props->readings, null, 'id');
        $parts = $causes = [];
        foreach ($explanation->mistakes as $mistake) {
            $reading = $readings[$mistake->reading] ?? null;
            if ($reading === null) {
                continue;
            }
            $size = $reading->quantity === 'angle' ? sprintf('%.2f°', abs($mistake->off)) : $say(Measure::computed(abs($mistake->off)));
            $parts[] = sprintf('reading %d, %s %s, is %s too %s', $reading->number, $reading->kind, implode(' ', $reading->points), $size, $mistake->off > 0 ? 'much' : 'little');
            $causes[] = implode(' Or: ', array_map(fn (CauseProps $cause): string => $say($cause->text), $mistake->causes));
        }

        return trim(ucfirst(implode(' and ', $parts)).'. '.implode(' ', array_filter($causes, fn (string $cause): bool => $cause !== '')));
    }
}
