<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Parts\CutSheet;
use App\Http\Props\JobProps;
use App\Http\Props\NestedStockProps;
use App\Http\Requests\NestRequest;
use App\Models\Job;
use App\Parts\Nest;
use App\Parts\NestedSheet;
use App\Parts\PartFiles;
use Geodex\Core\Parts\Layer;
use Geodex\Core\Parts\Note;
use Geodex\Core\Parts\PartDrawing;
use Geodex\Core\Parts\Stroke;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as PlainResponse;
use Illuminate\Support\Facades\DB;
use Inertia\Inertia;
use Inertia\Response;

/** The plates of a job on sheets. */
final class NestController extends Controller
{
    public function show(Request $request, Job $job): Response
    {
        $this->authorize('view', $job);

        return Inertia::render('jobs/nest', ['job' => JobProps::from($job, $this->latestSurvey($job), $this->user($request)), 'nests' => $this->nests($job)]);
    }

    /** One plate laid by hand; what it runs into is said, not forbidden. */
    public function update(NestRequest $request, Job $job): JsonResponse
    {
        $this->authorize('work', $job);
        DB::transaction(function () use ($request, $job): void {
            $kept = Job::query()->lockForUpdate()->findOrFail($job->id);
            $kept->update(['nest' => [...$kept->nest ?? [], $this->text($request, 'key') => $request->place()]]);
        });

        return new JsonResponse($this->nests($job->refresh()));
    }

    /** All plates laid anew. */
    public function destroy(Job $job): JsonResponse
    {
        $this->authorize('work', $job);
        $job->update(['nest' => null]);

        return new JsonResponse($this->nests($job));
    }

    /** One sheet was cut: it leaves the rack, what is left of it goes back. */
    public function cut(Job $job, string $sheet, int $number, CutSheet $cut): JsonResponse
    {
        $this->authorize('work', $job);
        $cut->handle($job, $sheet, $number);

        return new JsonResponse($this->nests($job->refresh()));
    }

    /** One sheet as a file for the machine: only where everything on it lies right. */
    public function dxf(Job $job, string $sheet, int $number): PlainResponse
    {
        $this->authorize('view', $job);
        foreach (Nest::of($job) as $nest) {
            foreach ($nest->sheets as $one) {
                if ($one->sheet === $sheet && $one->number === $number) {
                    abort_if($one->faults !== [], 422, 'Parts on this sheet lie over its border or too near to each other.');

                    return PartFiles::dxf($this->drawing($one, array_column($nest->parts, 'title', 'part')), PartFiles::name($job->title, 'sheet', $nest->stock, (string) $number), null, null);
                }
            }
        }
        abort(404);
    }

    /** @param  array<int, string>  $titles  by part */
    private function drawing(NestedSheet $sheet, array $titles): PartDrawing
    {
        $strokes = [Stroke::box(Layer::Mark, 0.0, 0.0, $sheet->width, $sheet->height)];
        $notes = [];
        foreach ($sheet->pieces as $piece) {
            $corners = $sheet->corners[$piece->key] ?? [];
            $strokes[] = Stroke::through(Layer::Cut, $corners, isClosed: true);
            $notes[] = new Note([array_sum(array_column($corners, 0)) / count($corners), array_sum(array_column($corners, 1)) / count($corners)], $titles[$piece->part] ?? '', 8.0);
        }

        return PartDrawing::of("sheet $sheet->number", $strokes, [], $notes);
    }

    /** @return list<NestedStockProps> */
    private function nests(Job $job): array
    {
        return array_map(NestedStockProps::from(...), Nest::of($job));
    }
}
