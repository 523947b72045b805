<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\Parts\Revision;
use App\Http\Requests\TemplateRequest;
use App\Models\Job;
use App\Models\Part;
use App\Parts\PartFiles;
use App\Report\TemplateHead;
use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Parts\PartDrawing;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;

/** Files and paper of one part. */
final class PartFileController extends Controller
{
    public function dxf(TemplateRequest $request, Job $job, Part $part, int $drawing): Response
    {
        $one = $this->drawing($job, $part, $drawing);
        $thickness = $part->made()['thickness'] ?? null;

        return PartFiles::dxf($one, $this->name($part, $one), $request->kerf(), is_numeric($thickness) ? (float) $thickness : null);
    }

    public function svg(Job $job, Part $part, int $drawing): Response
    {
        $one = $this->drawing($job, $part, $drawing);

        return PartFiles::svg($one, $this->name($part, $one));
    }

    public function template(TemplateRequest $request, Job $job, Part $part): Response
    {
        $this->authorize('view', $job);
        abort_unless($part->job_id === $job->id, 404);
        $state = Revision::ofState($part->entered());
        $side = $part->side === 'either' ? '' : mb_strtoupper($part->side).'. ';
        $head = new TemplateHead(
            part: $part->title, what: $side.Calculators::named($part->tool)::title().", {$part->count} of it".($part->stock === '' ? '' : ", $part->stock"), job: trim("$job->title. $job->vehicle"), state: substr($state, 0, 6),
            date: Carbon::now()->format('Y-m-d H:i').' UTC', person: $this->user($request)->name, address: route('part', [$job->id, $part->id, 'state' => $state]),
        );

        return PartFiles::template($part->drawings(), PartFiles::name($part->title), $head, $request->scale());
    }

    private function drawing(Job $job, Part $part, int $drawing): PartDrawing
    {
        $this->authorize('view', $job);
        abort_unless($part->job_id === $job->id, 404);

        return $part->drawings()[$drawing] ?? abort(404);
    }

    private function name(Part $part, PartDrawing $drawing): string
    {
        return PartFiles::name($part->title, $part->side === 'either' ? '' : $part->side, $drawing->name);
    }
}
