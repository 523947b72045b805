<?php

declare(strict_types=1);

namespace App\Actions\Jobs;

use App\Actions\Survey\AssessSurvey;
use App\Documents\StoredJob;
use App\Models\Job as StoredJobRow;
use App\Models\PlanOperation;
use App\Models\Point;
use App\Models\Reading;
use App\Models\Strike;
use App\Models\Survey;
use App\Models\User;
use App\Models\Workshop;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point as CorePoint;
use Geodex\Core\JobFile\InvalidFile;
use Geodex\Core\JobFile\Job;
use Geodex\Core\JobFile\JobReader;
use Geodex\Core\Survey\Reading\Edge;
use Geodex\Core\Survey\Reading\Reading as CoreReading;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** Stores a job file as a job: all of it or nothing. */
final readonly class ImportJob
{
    public function __construct(private JobReader $reader, private StoredJob $jobs, private AssessSurvey $assess) {}

    /**
     * @param  array<string, mixed>  $document  checked against the schema
     *
     * @throws InvalidFile
     */
    public function handle(Workshop $workshop, ?User $user, array $document): StoredJobRow
    {
        $job = $this->reader->fromDocument($document);

        $stored = DB::transaction(function () use ($workshop, $user, $document, $job): StoredJobRow {
            $vehicle = $document['vehicle'] ?? '';
            $stored = StoredJobRow::create([
                'workshop_id' => $workshop->id,
                'title' => $job->title,
                'vehicle' => is_string($vehicle) ? $vehicle : '',
                'units' => $job->units->value,
                'frame' => $document['frame'] ?? [],
                'driveline' => $document['driveline'] ?? null,
                'reference_covariance' => SourcePoints::covariance($job->frame->referenceCovariance),
            ]);
            $keys = $this->points($stored, $job);
            $this->operations($stored, $job);
            $this->sources($stored, $job);
            $this->bench($stored, $document, $user);
            $this->surveys($stored, $job, $document, $keys, $user);
            $this->mustBeReadable($stored);

            return $stored;
        });
        // The list of jobs computes nothing, so that what it says is made here.
        $this->assess->handle($this->latest($stored));

        return $stored;
    }

    /** What is stored can always be read again. */
    private function mustBeReadable(StoredJobRow $stored): void
    {
        $fresh = StoredJobRow::findOrFail($stored->id);
        foreach ($fresh->surveys as $survey) {
            $this->jobs->read($fresh, $survey);
        }
    }

    private function latest(StoredJobRow $stored): Survey
    {
        return Survey::with('job.workshop')->where('job_id', $stored->id)->orderByDesc('id')->firstOrFail();
    }

    /** @return array<string, int> key by point code */
    private function points(StoredJobRow $stored, Job $job): array
    {
        $rows = [];
        foreach ($job->frame->points as $i => $point) {
            $rows[] = ['job_id' => $stored->id, 'position' => $i, ...self::pointColumns($point)];
        }
        Point::insert($rows);
        $keys = [];
        foreach (Point::where('job_id', $stored->id)->get(['id', 'code']) as $point) {
            $keys[$point->code] = $point->id;
        }

        return $keys;
    }

    /** @return array<string, mixed> */
    public static function pointColumns(CorePoint $point): array
    {
        return [
            'code' => $point->id,
            'name' => $point->name,
            'side' => $point->side->value,
            'mate_code' => $point->mate,
            'feature_kind' => $point->feature?->kind->value,
            'feature_diameter_mm' => $point->feature?->diameter?->mm,
            'chart_sigma_x_mm' => $point->referenceSigma?->x,
            'chart_sigma_y_mm' => $point->referenceSigma?->y,
            'chart_sigma_z_mm' => $point->referenceSigma?->z,
            'chart_x_mm' => $point->reference?->x,
            'chart_y_mm' => $point->reference?->y,
            'chart_z_mm' => $point->reference?->z,
            'tolerance_x_mm' => $point->tolerance->mm[0],
            'tolerance_y_mm' => $point->tolerance->mm[1],
            'tolerance_z_mm' => $point->tolerance->mm[2],
            'is_base' => $point->base,
        ];
    }

    private function sources(StoredJobRow $stored, Job $job): void
    {
        foreach ($job->sources as $source) {
            $stored->sources()->create([
                'code' => $source->id, 'name' => $source->name, 'kind' => $source->kind->value, 'remarks' => [],
                'points' => SourcePoints::of($source->places, $source->sigmas), 'covariance' => SourcePoints::covariance($source->covariance),
            ]);
        }
    }

    /** @param  array<string, mixed>  $document */
    private function bench(StoredJobRow $stored, array $document, ?User $user): void
    {
        $bench = $document['bench'] ?? null;
        if (! is_array($bench)) {
            return;
        }
        $stored->update(['bench' => $bench['jig'] ?? null]);
        foreach (is_array($bench['rounds'] ?? null) ? $bench['rounds'] : [] as $round) {
            if (is_array($round)) {
                $stored->benchRounds()->create([
                    'kind' => $round['kind'], 'input' => $round['input'], 'worst_mm' => $round['worst'] ?? 0, 'good' => $round['good'] ?? false, 'user_id' => $user?->id,
                ]);
            }
        }
    }

    private function operations(StoredJobRow $stored, Job $job): void
    {
        foreach ($job->operations as $operation) {
            $stored->operations()->create([...PlanOperation::columns($operation), 'typed' => []]);
        }
    }

    /**
     * @param  array<string, mixed>  $document
     * @param  array<string, int>  $keys
     */
    private function surveys(StoredJobRow $stored, Job $job, array $document, array $keys, ?User $user): void
    {
        /** @var list<array{readings: list<array<string, mixed>>}> $entries */
        $entries = $document['surveys'] ?? [];
        foreach ($job->surveys as $i => $survey) {
            $row = Survey::create(['job_id' => $stored->id, 'code' => $survey->id, 'stage' => $survey->stage->value]);
            $entriesById = array_column($entries[$i]['readings'], null, 'id');
            foreach ($survey->blocked as $blocked) {
                DB::table('blocked_readings')->insertOrIgnore(['survey_id' => $row->id, 'reading' => $blocked, 'user_id' => $user?->id, 'created_at' => Carbon::now()]);
            }
            foreach ($survey->datum as $decision) {
                $row->datumDecisions()->create(['point_id' => $keys[$decision->point], 'choice' => $decision->carries ? 'in' : 'out', 'reason' => $decision->reason, 'user_id' => $user?->id]);
            }
            $log = [];
            foreach ($survey->readings as $number => $reading) {
                $entry = $entriesById[$reading->id];
                $log[$reading->id] = $this->reading($job->frame, $row, $number + 1, $reading, $entry, $job->units->value, $keys, $user, $log[$entry['supersedes'] ?? ''] ?? null);
            }
        }
        if ($job->surveys === []) {
            Survey::create(['job_id' => $stored->id, 'code' => 'before', 'stage' => 'before']);
        }
    }

    /**
     * @param  array<string, mixed>  $entry
     * @param  'mm'|'in'  $unit
     * @param  array<string, int>  $keys
     */
    private function reading(Frame $frame, Survey $survey, int $number, CoreReading $reading, array $entry, string $unit, array $keys, ?User $user, ?Reading $superseded): Reading
    {
        $angle = $reading->kind::quantity() === 'angle';
        $pointers = $reading->kind->pointers();
        $typed = $entry['value'];
        $row = Reading::create([
            'survey_id' => $survey->id,
            'client_id' => $reading->id,
            'number' => $number,
            'kind' => $reading->kind::name(),
            'typed' => is_scalar($typed) ? (string) $typed : '',
            'typed_unit' => $angle ? 'deg' : $unit,
            'value_mm' => $angle ? null : $reading->value - ($reading->asRead->correction ?? 0.0),
            'value_deg' => $angle ? $reading->value : null,
            'sigma' => isset($entry['sigma']) ? $reading->sigma : null,
            'edge' => $entry['edge'] ?? null,
            'offset_mm' => $this->offset($frame, $reading, $entry),
            'pointer_from_mm' => $pointers[0] ?? null,
            'pointer_to_mm' => $pointers[1] ?? null,
            'supersedes_id' => $superseded?->id,
            'user_id' => $user?->id,
        ]);
        $row->between(array_map(fn (string $id): int => $keys[$id], $reading->kind->points()));
        // What a later reading supersedes is told by that one, and comes back into force if that one is struck.
        if ($reading->struckBecause !== null && ($entry['struck'] ?? false) === true) {
            Strike::create(['reading_id' => $row->id, 'kind' => 'struck', 'reason' => $reading->struckBecause, 'user_id' => $user?->id]);
        }

        return $row;
    }

    /**
     * What its tool reads too much: the correction less what the edges account for (mm).
     *
     * @param  array<string, mixed>  $entry
     */
    private function offset(Frame $frame, CoreReading $reading, array $entry): ?float
    {
        if (! isset($entry['offset']) || $reading->asRead === null) {
            return null;
        }
        $edge = Edge::tryFrom(is_string($entry['edge'] ?? null) ? $entry['edge'] : '');

        return ($edge?->correction($frame, $reading->kind) ?? 0.0) - $reading->asRead->correction;
    }
}
