<?php

declare(strict_types=1);

use App\Actions\Survey\AssessSurvey;
use App\Documents\JobDocument;
use App\Documents\TypedValue;
use App\Http\Props\PlanProps;
use App\Http\Props\SurveyProps;
use App\Models\Job;
use App\Models\Reading;
use App\Report\FrameSketch;
use Geodex\Core\JobFile\JobReader;

describe('a value as typed', function () {
    it('says its unit in a file', function (string $typed, string $unit, string $written) {
        expect(TypedValue::withUnit($typed, $unit))->toBe($written);
    })->with([
        'bare in a millimetre job' => ['1204', 'mm', '1204 mm'],
        'bare in an inch job' => ['62 7/16', 'in', '62 7/16 in'],
        'with its unit' => ['62 7/16 in', 'mm', '62 7/16 in'],
        'with an inch mark' => ['12 3/4"', 'mm', '12 3/4"'],
        'with a foot mark' => ["10'", 'mm', "10'"],
        'a level reading' => ['0.2', 'deg', '0.2'],
    ]);

    it('is exact in millimetres', function (float $mm, string $written) {
        expect(TypedValue::millimetres($mm))->toBe($written);
    })->with([
        [1585.9125, '1585.9125 mm'],
        [0.396875, '0.396875 mm'],
        [-404.0, '-404 mm'],
        [-0.0, '0 mm'],
        [100.0, '100 mm'],
    ]);

    it('is made to say inches wherever a part of an inch job has a bare length', function () {
        expect(TypedValue::inInches([
            'axles' => [['id' => 'rear', 'station' => 130, 'track' => '61 1/2']],
            'shaft' => ['front' => ['joint' => [49, 0, '18.5'], 'pitch' => -0.5], 'speed' => 3200, 'tube' => ['outside' => '89 mm']],
        ]))->toBe([
            'axles' => [['id' => 'rear', 'station' => '130 in', 'track' => '61 1/2 in']],
            'shaft' => ['front' => ['joint' => ['49 in', '0 in', '18.5 in'], 'pitch' => -0.5], 'speed' => 3200, 'tube' => ['outside' => '89 mm']],
        ]);
    });
});

describe('a stored job as a document', function () {
    it('computes as the file it came from', function (string $case) {
        $json = (string) file_get_contents(base_path("core/tests/cases/$case.job.json"));
        $job = $this->jobFrom($this->person(), $json);
        $stored = (new JobReader)->fromDocument(JobDocument::forCore($job, $this->surveyOf($job)));
        $original = (new JobReader)->read($json);
        foreach ($original->surveys[0]->readings as $i => $reading) {
            expect($stored->surveys[0]->readings[$i]->value)->toEqualWithDelta($reading->value, 1e-6)
                ->and($stored->surveys[0]->readings[$i]->kind->points())->toBe($reading->kind->points());
        }
        foreach ($original->frame->points as $i => $point) {
            expect($stored->frame->points[$i]->reference?->toArray())->toEqualWithDelta($point->reference?->toArray(), 1e-6)
                ->and($stored->frame->points[$i]->base)->toBe($point->base);
        }
    })->with(['misread-tape', 'rear-twist', 'inches-loose']);

    it('keeps what is superseded in the export and out of the computation', function () {
        $user = $this->person();
        $job = $this->demoJob($user);
        $this->actingAs($user)->postJson("/jobs/{$job->id}/surveys/before/readings", ['id' => 'again', 'call' => 'EL FR 958.5', 'unit' => 'mm', 'supersedes' => 'r37'])->assertOk();
        $readings = collect(JobDocument::forExport(Job::findOrFail($job->id))['surveys'][0]['readings'])->keyBy('id');
        expect($readings['r37'])->toMatchArray(['value' => '38 25/32 in'])->not->toHaveKey('struck')
            ->and($readings['again'])->toMatchArray(['value' => '958.5 mm', 'by' => 'Technician', 'supersedes' => 'r37'])
            ->and($readings['again'])->not->toHaveKey('struck');
        $core = app(JobReader::class)->fromDocument(JobDocument::forCore(Job::findOrFail($job->id), $this->surveyOf($job)))->surveys[0]->readings;
        expect(array_column($core, 'struckBecause', 'id'))->toMatchArray(['r37' => 'superseded', 'again' => null]);
    });

    it('brings a superseded reading in again with what superseded it, which can be struck still', function () {
        $user = $this->person();
        $this->actingAs($user);
        $job = $this->demoJob($user);
        $this->postJson("/jobs/{$job->id}/surveys/before/readings", ['id' => 'again', 'call' => 'EL FR 958.5', 'unit' => 'mm', 'supersedes' => 'r37'])->assertOk();
        $copy = $this->jobFrom($user, (string) json_encode(JobDocument::forExport(Job::findOrFail($job->id))));
        $state = fn (Illuminate\Testing\TestResponse $answer): string => collect($answer->json('survey.readings'))->firstWhere('id', 'r37')['state'];
        $at = "/jobs/{$copy->id}/surveys/before/readings";
        expect($state($this->postJson($at, ['id' => 'one', 'call' => 'h AL 548', 'unit' => 'mm'])->assertOk()))->toBe('superseded')
            ->and($state($this->postJson("$at/again/strike", ['reason' => 'Wrong hole'])->assertOk()))->toBe('doubtful');
    });

    it('holds a plan and a driveline in inches as typed', function () {
        $json = json_encode([
            'format' => 'geodex-job', 'version' => 1, 'title' => 'Inches', 'units' => 'in',
            'points' => [
                ['id' => 'AL', 'side' => 'left', 'reference' => [0, -15, 20]],
                ['id' => 'BL', 'side' => 'left', 'reference' => [120, -15, 20]],
            ],
            'frame' => ['axles' => [['id' => 'front', 'station' => 10], ['id' => 'rear', 'station' => '110 in']]],
            'plan' => ['operations' => [['id' => 'op1', 'kind' => 'stretch', 'at' => 60, 'length' => "2'"]]],
        ]);
        $job = $this->jobFrom($this->person(), (string) $json);
        $core = (new JobReader)->fromDocument(JobDocument::forCore($job));
        expect($core->frame->wheelbase())->toEqualWithDelta(2540.0, 1e-9)
            ->and($core->operations[0]->values()['length'])->toEqualWithDelta(609.6, 1e-9)
            ->and($core->frame->points[1]->reference?->x)->toEqualWithDelta(3048.0, 1e-9);
    });
});

describe('pointers and sigmas', function () {
    it('survive storing and export', function () {
        $user = $this->person();
        $job = $this->jobFrom($user, (string) file_get_contents(base_path('core/tests/cases/misread-tape.job.json')));
        $reading = Reading::whereNotNull('pointer_from_mm')->firstOrFail();
        expect([$reading->pointer_from_mm, $reading->pointer_to_mm])->toBe([80.0, 122.0]);
        $exported = collect(JobDocument::forExport($job)['surveys'][0]['readings'])->firstWhere('id', $reading->client_id);
        expect($exported['pointers'])->toBe(['80 mm', '122 mm']);
    });

    it('are called in the reading line', function () {
        $user = $this->person();
        $job = $this->demoJob($user);
        $this->actingAs($user)->postJson("/jobs/{$job->id}/surveys/before/readings", ['id' => 'p1', 'call' => 'AL BL 338 @100,150', 'unit' => 'mm'])->assertOk();
        expect(Reading::firstWhere('client_id', 'p1')?->pointer_to_mm)->toBe(150.0);
    });
});

describe('the sketch on paper', function () {
    it('draws every charted point by the shape of its state, and the cuts', function () {
        $user = $this->person();
        $job = $this->demoJob($user);
        $job->operations()->create(['code' => 'op1', 'kind' => 'stretch', 'parameters' => ['at' => 2300, 'length' => 640, 'kerf' => 0, 'witness' => 100, 'level' => false], 'typed' => []]);
        $survey = $this->surveyOf($job)->setRelation('job', $job->load('workshop'));
        $svg = (new FrameSketch)->svg(SurveyProps::from($survey, app(AssessSurvey::class)->handle($survey)), PlanProps::from($job));
        $xml = simplexml_load_string($svg);
        expect($xml)->not->toBeFalse()
            ->and(substr_count($svg, '>×<'))->toBe(16)
            ->and($svg)->toContain('>op1<')->toContain('stroke-dasharray="7 4"');
    });

    it('draws nothing without a chart', function () {
        $user = $this->person();
        $job = $this->jobFrom($user, '{"format":"geodex-job","version":1,"title":"Bare","units":"mm","points":[{"id":"A"}]}');
        $survey = $this->surveyOf($job)->setRelation('job', $job->load('workshop'));
        expect((new FrameSketch)->svg(SurveyProps::from($survey, app(AssessSurvey::class)->handle($survey)), PlanProps::from($job)))->toBe('');
    });
});
