<?php

declare(strict_types=1);

namespace App\Report;

use App\Documents\MeasuredFrame;
use App\Documents\StoredJob;
use App\Models\Job;
use Geodex\Core\Plan\FramePlanner;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** The planned positions as a chart in CSV, in the columns that a chart is read in; mm. */
final readonly class TargetCsv
{
    public function __construct(private CsvEncoder $encoder, private StoredJob $jobs) {}

    public function write(Job $job): string
    {
        $core = $this->jobs->read($job);
        $plan = (new FramePlanner($job->workshop->shop()))->plan(app(MeasuredFrame::class)->start($job, $core->frame), $core->operations, $core->chassis);
        $rows = [];
        foreach ($core->frame->points as $point) {
            $target = $plan->target[$point->id];
            if ($target === null) {
                continue;
            }
            $rows[] = [
                'id' => $point->id, 'name' => $point->name, 'side' => $point->side->value, 'mate' => $point->mate ?? '',
                'x' => round($target->x, 3), 'y' => round($target->y, 3), 'z' => round($target->z, 3),
                'tolerance' => max($point->tolerance->mm), 'base' => $point->base ? 'yes' : 'no',
            ];
        }

        return $this->encoder->encode($rows, 'csv', [CsvEncoder::ESCAPE_FORMULAS_KEY => true]);
    }
}
