<?php

declare(strict_types=1);

namespace App\Report;

use App\Actions\Survey\AssessSurvey;
use App\Documents\GearOfJob;
use App\Documents\MovementOfJob;
use App\Documents\Parts\PlanPart;
use App\Documents\Parts\Revision;
use App\Documents\PlannedJob;
use App\Documents\RunOfJob;
use App\Http\Kept\KeptSurveys;
use App\Http\Props\CauseProps;
use App\Http\Props\DrivelineProps;
use App\Http\Props\ExplanationProps;
use App\Http\Props\HandOverProps;
use App\Http\Props\MovementByStageProps;
use App\Http\Props\PartsProps;
use App\Http\Props\PlanProps;
use App\Http\Props\PointProps;
use App\Http\Props\RunSheetProps;
use App\Http\Props\StripProps;
use App\Http\Props\SurveyProps;
use App\Http\Props\WeldsProps;
use App\Http\Props\WorksheetProps;
use App\Models\Job;
use App\Models\Survey;
use App\Models\User;
use App\Models\Worksheet;
use Geodex\Core\Calculators\RunningGear\GearPage;
use Geodex\Core\Units\LengthUnit;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\Vite;
use Intervention\Image\ImageManager;

/** The whole job as one printable document: found, planned, done, open, and who signs. */
final readonly class HandOverFolder
{
    private const EXPLANATIONS = 8;

    /** Pictures that a folder holds; the others stay in the log. */
    private const PICTURES = 24;

    /** Who signs for what; whoever does answers for it himself. */
    public const ROLES = ['Measured', 'Planned', 'Welded', 'Checked', 'Inspected, licensed', 'Taken over'];

    public function __construct(private KeptSurveys $surveys, private FrameSketch $sketch, private AssessSurvey $assess) {}

    /** What of a job is printed: an older folder is told from a newer by it. */
    public function state(Survey $survey): string
    {
        $job = $survey->job;

        return "survey $survey->code, state $survey->revision, plan $job->plan_variant ".substr(Revision::of(new PlanPart, $job), 0, 6).', run '.RunSheetProps::stateOf($job);
    }

    public function html(Survey $survey, User $user, bool $forPdf = false): string
    {
        $job = $survey->job;
        $props = $this->surveys->of($survey, $user);
        $plan = PlanProps::from($job);
        $planned = PlannedJob::of($job);
        $say = fn (Sentence|Measure $said): string => $said->in(LengthUnit::from($job->units));

        return view('hand-over.folder', [
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
            'surveys' => $this->beforeAndAfter($job, $user),
            'movement' => MovementByStageProps::from(MovementOfJob::of($job, $this->assess)),
            'welds' => WeldsProps::from($planned)->joints,
            'strip' => StripProps::from($job),
            'handOver' => HandOverProps::from($planned),
            'sheets' => $this->sheets($planned),
            'values' => PaperValues::of($job),
            'pictures' => $this->pictures($job),
            'printedBy' => $user,
            'printedAt' => Carbon::now()->format('Y-m-d H:i').' UTC',
            'nonce' => Vite::cspNonce(),
            'forPdf' => $forPdf,
        ])->render();
    }

    /**
     * The first survey and the last, each against what it is held against: the frame as it came, and as it goes.
     *
     * @return list<array{name: string, toTarget: bool, points: array<string, PointProps>}>
     */
    private function beforeAndAfter(Job $job, User $user): array
    {
        $all = $job->ownSurveys();
        $both = $all->count() < 2 ? [] : [$all->first(), $all->last()];

        return array_map(fn (?Survey $one): array => $one === null ? ['name' => '', 'toTarget' => false, 'points' => []] : ['name' => $one->called(), 'toTarget' => $one->to_target, 'points' => array_column($this->surveys->of($one, $user)->points, null, 'id')], $both);
    }

    /** @return list<WorksheetProps> of fasteners, filler and heat */
    private function sheets(PlannedJob $planned): array
    {
        $gear = GearOfJob::of($planned);
        $sheets = $planned->job->worksheets()->with(['user', 'job.workshop'])->get()->filter(fn (Worksheet $one): bool => GearPage::of($one->tool)?->isOfRunSheet() === true);

        return array_values($sheets->map(fn (Worksheet $one): WorksheetProps => WorksheetProps::from($one, $gear))->all());
    }

    /** @return list<array{jpeg: string, text: string}> of the log, the earliest first */
    private function pictures(Job $job): array
    {
        $titles = [];
        foreach (RunOfJob::of($job)->steps as $step) {
            $titles[$step->id] = $step->title;
        }
        $pictures = [];
        foreach ($job->logEntries()->with('user')->whereNotNull('picture_id')->limit(self::PICTURES)->get() as $entry) {
            $picture = $job->pictures()->find($entry->picture_id);
            $pictures[] = ['jpeg' => $picture === null ? '' : (string) ImageManager::gd()->read($picture->jpeg)->scaleDown(900, 900)->toJpeg(70)->toString(), 'text' => implode(', ', array_filter([$titles[$entry->step] ?? '', $entry->text, $entry->user->name ?? '', $entry->created_at->format('Y-m-d H:i')], fn (string $one): bool => $one !== ''))];
        }

        return $pictures;
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
