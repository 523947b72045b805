<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\Instruments\ImportLine;
use App\Documents\JobDocument;
use App\Documents\StoredJob;
use App\Models\Instrument;
use App\Models\InstrumentRequest;
use App\Models\Scalar;
use App\Models\Survey;
use Geodex\Core\Survey\Reading\ReadingKinds;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;

/** What an instrument speaks: JSON lines over HTTP, as docs/instrument.md has it. */
final class InstrumentLineController extends Controller
{
    private const MAX_LINES = 500;

    /** A person at the frame does not wait longer than this for a reading. */
    private const WANTED_FOR_MINUTES = 10;

    public function wanted(Request $request): Response
    {
        [$instrument, $survey] = $this->attached($request);
        $number = 1 + Scalar::int(DB::table('readings')->where('survey_id', $survey->id)->max('number'));
        $lines = InstrumentRequest::where('instrument_id', $instrument->id)->where('survey_id', $survey->id)->whereNull('answered_at')
            ->where('created_at', '>=', Carbon::now()->subMinutes(self::WANTED_FOR_MINUTES))->orderBy('id')->limit(self::MAX_LINES)->get()
            ->map(fn (InstrumentRequest $wanted, int $i): array => ['id' => $wanted->client_id, 'kind' => $wanted->kind, ...array_combine(ReadingKinds::named($wanted->kind)::roles(), $wanted->points), 'number' => $number + $i])->all();

        return $lines === [] ? new Response(status: 204) : $this->lines(array_values($lines));
    }

    public function frame(Request $request): Response
    {
        [, $survey] = $this->attached($request);
        $document = JobDocument::forCore($survey->job);

        return $this->lines([['format' => $document['format'], 'version' => $document['version'], 'title' => $document['title'], 'units' => $document['units'], 'points' => $document['points']]]);
    }

    public function store(Request $request, ImportLine $take, StoredJob $jobs): Response
    {
        [$instrument, $survey] = $this->attached($request);
        $frame = $jobs->read($survey->job)->frame;
        $answers = [];
        foreach (array_slice(array_filter(explode("\n", $request->getContent()), fn (string $line): bool => trim($line) !== ''), 0, self::MAX_LINES) as $line) {
            $decoded = json_decode($line, true, 8);
            $answers[] = is_array($decoded) ? $take->handle($instrument, $survey, $frame, $decoded) : ['id' => '', 'stored' => false, 'error' => 'This line is no JSON object.'];
        }

        return $answers === [] ? new Response("{\"stored\":false,\"error\":\"Send one JSON object a line.\"}\n", 422, ['Content-Type' => 'application/x-ndjson']) : $this->lines($answers);
    }

    /** @return array{Instrument, Survey} */
    private function attached(Request $request): array
    {
        $instrument = $request->attributes->get('instrument');
        assert($instrument instanceof Instrument);
        $survey = $instrument->survey ?? abort(409, 'The instrument is not attached to a survey: choose it in the survey on screen.');
        $survey->load('job.workshop');

        return [$instrument, $survey];
    }

    /** @param  list<array<string, mixed>>  $lines */
    private function lines(array $lines): Response
    {
        return new Response(implode('', array_map(fn (array $line): string => json_encode($line, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE)."\n", $lines)), 200, ['Content-Type' => 'application/x-ndjson']);
    }
}
