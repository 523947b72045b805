<?php

declare(strict_types=1);

namespace App\Actions\Reference;

use App\Documents\SourcePoints;
use App\Documents\StoredJob;
use App\Import\ChartCsv;
use App\Import\LengthsCsv;
use App\Models\Job;
use App\Models\ReferenceSource;
use App\Models\Scalar;
use App\Models\Survey;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\JobFile\InvalidFile;
use Geodex\Core\JobFile\JobReader;
use Geodex\Core\JobFile\Problem;
use Geodex\Core\Reference\MeasuredReference;
use Geodex\Core\Reference\ReferenceFromSurvey;
use Geodex\Core\Survey\Survey as CoreSurvey;
use Geodex\Core\Units\LengthUnit;
use Illuminate\Support\Str;

/** Adds a reference that the frame can be held against; using it is a step of its own. */
final readonly class AddSource
{
    public function __construct(private JobReader $jobs, private StoredJob $stored, private ChartCsv $charts, private LengthsCsv $lengths) {}

    /**
     * A survey of this job, or of a sister vehicle in the shop: its points are taken by their names.
     *
     * @throws CoreFailure if it gives no positions, or none of a point of this job
     */
    public function fromSurvey(Job $job, Survey $survey, string $name): ReferenceSource
    {
        $own = $survey->job_id === $job->id;
        $document = $this->stored->read($survey->job, $survey);
        // A sister stands for herself, whatever her chart says; a frame's own survey stays on the chart it was laid on.
        $frame = $own && $survey->stage !== 'sister' ? $document->frame : new Frame(array_map(fn (Point $point): Point => $point->at(null), $document->frame->points));

        return $this->store($job, $name, $own && $survey->stage !== 'sister' ? 'survey' : 'sister', (new ReferenceFromSurvey)->make($frame, $document->surveys[0]));
    }

    /**
     * @param  'chart'|'lengths'|'sister'  $kind
     * @param  'mm'|'in'  $unit
     *
     * @throws CoreFailure naming what is wrong in the file
     */
    public function fromFile(Job $job, string $contents, string $kind, string $unit, string $name): ReferenceSource
    {
        $frame = $this->stored->read($job)->frame;
        if ($kind === 'lengths') {
            $bare = new Frame(array_map(fn (Point $point): Point => $point->at(null), $frame->points));

            return $this->store($job, $name, 'lengths', (new ReferenceFromSurvey)->make($bare, $this->lengths->read($contents, $frame, LengthUnit::from($unit))));
        }
        $document = str_starts_with(ltrim($contents, "\u{feff} \n\r\t"), '{') ? $this->jobs->document($contents) : $this->charts->read($contents, $name, '', $unit);
        $other = $this->jobs->fromDocument($document);
        if ($kind === 'sister') {
            $survey = $other->surveys[0] ?? throw InvalidFile::with([new Problem('surveys', 'the file has no survey; a sister vehicle comes as a job file with one.')]);
            $bare = new Frame(array_map(fn (Point $point): Point => $point->at(null), $other->frame->points));

            return $this->store($job, $name, 'sister', (new ReferenceFromSurvey)->make($bare, $this->best($other->surveys, $survey)));
        }
        $places = [];
        foreach ($other->frame->points as $point) {
            if ($point->reference !== null) {
                $places[$point->id] = $point->reference;
            }
        }

        return $this->store($job, $name, 'chart', new MeasuredReference($places, [], [], []));
    }

    /** @param  list<CoreSurvey>  $surveys */
    private function best(array $surveys, CoreSurvey $first): CoreSurvey
    {
        usort($surveys, fn (CoreSurvey $a, CoreSurvey $b): int => count($b->readings) <=> count($a->readings));

        return $surveys[0] ?? $first;
    }

    /** @param  'chart'|'lengths'|'sister'|'survey'  $kind */
    private function store(Job $job, string $name, string $kind, MeasuredReference $reference): ReferenceSource
    {
        $own = Scalar::texts($job->points->pluck('code'));
        $places = array_intersect_key($reference->places, array_flip($own));
        if (count($places) < 3) {
            throw InvalidFile::with([new Problem('', 'Fewer than three points of this job have a place in it. Points are matched by their names: '.implode(', ', array_slice($own, 0, 4)).' …')]);
        }
        $remarks = [];
        $missing = array_values(array_diff($own, array_map(strval(...), array_keys($places)), $reference->free));
        if ($reference->free !== []) {
            $remarks[] = 'Its lengths leave free: '.implode(', ', $reference->free).'. They have no place until one more is known.';
        }
        if ($reference->contradicted !== []) {
            $remarks[] = 'Contradicted by the rest and left out: '.implode(', ', $reference->contradicted).'.';
        }
        if ($missing !== []) {
            $remarks[] = 'Does not have: '.implode(', ', array_slice($missing, 0, 12)).(count($missing) > 12 ? ' …' : '').'.';
        }

        return $job->sources()->create([
            'code' => $this->code($job, $name), 'name' => $name, 'kind' => $kind,
            'points' => SourcePoints::of($places, $reference->sigmas), 'remarks' => $remarks, 'covariance' => SourcePoints::covariance($reference->covariance, array_map(strval(...), array_keys($places))),
        ]);
    }

    private function code(Job $job, string $name): string
    {
        $base = substr(Str::slug($name) ?: 'source', 0, 34);
        $taken = $job->sources()->pluck('code')->all();
        $code = $base;
        for ($i = 2; in_array($code, $taken, true); $i++) {
            $code = "$base-$i";
        }

        return $code;
    }
}
