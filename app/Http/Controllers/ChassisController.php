<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Chassis\SaveChassis;
use App\Actions\Saving\SavePart;
use App\Documents\Parts\FramePart;
use App\Documents\StoredJob;
use App\Http\Props\ChassisProps;
use App\Http\Props\JobProps;
use App\Http\Props\SectionProps;
use App\Http\Requests\ChassisRequest;
use App\Http\Requests\FileRequest;
use App\Import\ChassisCsv;
use App\Models\Job;
use Geodex\Core\Chassis\ChassisPart;
use Geodex\Core\Chassis\ChassisParts;
use Geodex\Core\Chassis\LadderTruck;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Frame\Side;
use Geodex\Core\Units\LengthUnit;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as PlainResponse;
use Inertia\Inertia;
use Inertia\Response;

/** The frame as metal: its table, its sections, in and out as CSV. */
final class ChassisController extends Controller
{
    public function __construct(private readonly StoredJob $jobs) {}

    public function show(Request $request, Job $job): Response
    {
        $this->authorize('view', $job);

        return Inertia::render('jobs/chassis', ['job' => JobProps::from($job, $this->latestSurvey($job), $this->user($request)), 'chassis' => ChassisProps::from($job, $this->jobs->read($job))]);
    }

    public function update(ChassisRequest $request, Job $job, SaveChassis $save, SavePart $part): JsonResponse
    {
        $this->authorize('work', $job);
        $part->handle(new FramePart, $job, $this->readAt($request), fn () => $save->handle($job, $request->lists(), $request->unit()));

        return new JsonResponse(ChassisProps::from($job->refresh(), $this->jobs->read($job)));
    }

    public function quick(Request $request, Job $job, SaveChassis $save, SavePart $part): JsonResponse
    {
        $this->authorize('work', $job);
        $unit = LengthUnit::tryFrom($this->text($request, 'unit')) ?? LengthUnit::from($job->units);
        $lists = LadderTruck::parts((new FieldReader($unit, typed: true))->read(LadderTruck::fields(), $request->only(array_map(fn (Field $field): string => $field->name, LadderTruck::fields()))));
        $part->handle(new FramePart, $job, $this->readAt($request), fn () => $save->handle($job, $lists, LengthUnit::Millimetre, typed: false));

        return new JsonResponse(ChassisProps::from($job->refresh(), $this->jobs->read($job)));
    }

    public function section(Request $request, Job $job): JsonResponse
    {
        $this->authorize('view', $job);
        $side = $this->text($request, 'side') === 'right' ? Side::Right : Side::Left;

        return new JsonResponse(['section' => SectionProps::from($this->jobs->read($job)->chassis->section($side, $request->float('station')), $side)]);
    }

    public function csv(Job $job, string $list, ChassisCsv $csv): PlainResponse
    {
        $this->authorize('view', $job);

        return new PlainResponse($csv->write($job, $this->part($list)), 200, ['Content-Type' => 'text/csv; charset=UTF-8', 'Content-Disposition' => "attachment; filename=\"$list.csv\""]);
    }

    public function takeIn(FileRequest $request, Job $job, string $list, ChassisCsv $csv, SaveChassis $save, SavePart $part): RedirectResponse
    {
        $this->authorize('work', $job);
        $rows = $csv->read($request->contents(), $this->part($list));
        $part->handle(new FramePart, $job, null, fn () => $save->handle($job, [$list => $rows], LengthUnit::from($job->units)));

        return redirect()->route('chassis', $job->id)->with('notice', count($rows).' rows were taken in.');
    }

    /** @return class-string<ChassisPart> */
    private function part(string $list): string
    {
        return ChassisParts::named($list) ?? abort(404);
    }
}
