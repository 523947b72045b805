<?php

declare(strict_types=1);

namespace App\Actions\Reference;

use App\Documents\Parts\PointsPart;
use App\Documents\SourcePoints;
use App\Models\Job;
use App\Models\Point;
use App\Models\Scalar;
use Geodex\Core\Frame\Point as CorePoint;
use Geodex\Core\JobFile\InvalidFile;
use Geodex\Core\JobFile\JobReader;
use Geodex\Core\JobFile\Problem;
use Geodex\Core\JobFile\SchemaChecker;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** Takes a chart that was typed in on screen: all of it or nothing. A point that a reading names cannot be left out. */
final readonly class SaveChart
{
    private const CODE = 'typed-in';

    public function __construct(private JobReader $jobs, private SchemaChecker $schema, private UseSource $use) {}

    /**
     * @param  list<array<string, mixed>>  $points  as in the job file, lengths as typed
     * @param  'mm'|'in'  $unit
     * @param  array<string, list<string>>  $untouched  columns of points of the job that stay as they are
     *
     * @throws InvalidFile naming the faulty rows
     */
    public function handle(Job $job, array $points, string $unit, array $untouched = []): void
    {
        $frame = $this->checked($job, $points, $unit);
        $rows = [];
        $places = [];
        foreach ($frame as $position => $point) {
            $rows[$point->id] = ['position' => $position, ...PointsPart::columns($point)];
            if ($point->reference !== null) {
                $places[$point->id] = $point->reference;
            }
        }
        DB::transaction(function () use ($job, $rows, $places, $untouched): void {
            $this->use->keepChart($job);
            $known = $job->points()->get()->keyBy('code');
            $this->mustKeep($job, array_values(array_diff($known->keys()->all(), array_map(strval(...), array_keys($rows)))));
            foreach ($rows as $code => $columns) {
                Point::updateOrCreate(['job_id' => $job->id, 'code' => (string) $code], $known->has($code) ? array_diff_key($columns, array_flip($untouched[$code] ?? [])) : $columns);
            }
            $job->points()->whereNotIn('code', array_map(strval(...), array_keys($rows)))->delete();
            $job->sources()->update(['in_force' => false]);
            $job->sources()->updateOrCreate(['code' => self::CODE], ['name' => 'Typed in', 'kind' => 'chart', 'points' => SourcePoints::of($places, []), 'remarks' => [], 'in_force' => true]);
            $job->surveys()->increment('revision');
            $job->touch();
        });
    }

    /**
     * @param  list<array<string, mixed>>  $points
     * @return list<CorePoint>
     */
    private function checked(Job $job, array $points, string $unit): array
    {
        $document = ['format' => 'geodex-job', 'version' => 1, 'title' => $job->title, 'units' => $unit, 'points' => $points];
        $problems = $this->schema->check($document);
        if ($problems === []) {
            try {
                return $this->jobs->fromDocument($document)->frame->points;
            } catch (InvalidFile $invalid) {
                $problems = $invalid->problems();
            }
        }
        throw InvalidFile::with(array_map(fn (Problem $problem): Problem => new Problem(
            (string) preg_replace_callback('/^points\[(\d+)\]\.?/', fn (array $found): string => 'row '.((int) $found[1] + 1).' ', $problem->path),
            $problem->message,
        ), $problems ?: [new Problem('', 'The chart cannot be read.')]));
    }

    /** @param  list<string>  $gone */
    private function mustKeep(Job $job, array $gone): void
    {
        $named = Scalar::texts($job->points()->whereIn('code', $gone)->whereExists(fn (Builder $query) => $query->from('reading_points')->whereColumn('point_id', 'points.id'))->pluck('code'));
        if ($named !== []) {
            throw InvalidFile::with([new Problem('', 'These points have readings and cannot be left out: '.implode(', ', $named).'. Readings are a record; leave the points in, without a place if it is not known.')]);
        }
    }
}
