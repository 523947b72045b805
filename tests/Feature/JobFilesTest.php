<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Role;
use Illuminate\Http\UploadedFile;

beforeEach(function () {
    $this->actingAs($this->user = $this->person());
});

function upload(string $to, string $contents, string $name, array $more = []): Illuminate\Testing\TestResponse
{
    return test()->from('/jobs')->post("/jobs/$to", ['file' => UploadedFile::fake()->createWithContent($name, $contents), ...$more]);
}

function chart(string $csv, string $units = 'mm'): Illuminate\Testing\TestResponse
{
    return upload('from-chart', $csv, 'chart.csv', ['title' => 'Chart', 'vehicle' => '', 'units' => $units]);
}

/** @return list<string> */
function problems(): array
{
    return collect(session('errors')?->getBag('default')->all())->values()->all();
}

const HEADER = 'id,name,side,mate,x,y,z,tolerance,base';

describe('a job file', function () {
    it('comes back from an export as it went in', function () {
        $job = $this->demoJob($this->user);
        $first = $this->get("/jobs/{$job->id}/file")->assertOk()->assertHeader('Content-Disposition', 'attachment; filename="mobile-library.job.json"')->getContent();
        upload('from-file', $first, 'again.job.json')->assertSessionHasNoErrors()->assertRedirect('/jobs/'.($job->id + 1));
        $second = $this->get('/jobs/'.($job->id + 1).'/file')->getContent();
        $withoutTimes = fn (string $json): string => (string) preg_replace('/"at": "[^"]*T[^"]*"/', '', $json);
        expect($withoutTimes($second))->toBe($withoutTimes($first));
    });

    it('computes the same before and after the trip, in inches too', function () {
        $job = $this->jobFrom($this->user, (string) file_get_contents(base_path('core/tests/cases/inches-loose.job.json')));
        upload('from-file', (string) $this->get("/jobs/{$job->id}/file")->getContent(), 'x.json')->assertSessionHasNoErrors();
        $measured = fn (int $id): array => collect($this->getJson("/jobs/$id/surveys/before/state")->json('points'))->pluck('measured', 'id')->all();
        foreach ($measured($job->id) as $id => $place) {
            foreach ($place ?? [] as $axis => $mm) {
                expect($measured($job->id + 1)[$id][$axis])->toEqualWithDelta($mm, 1e-6);
            }
        }
    });

    it('is refused with every fault named, and leaves nothing behind', function (string $contents, string $says) {
        upload('from-file', $contents, 'x.json')->assertRedirect('/jobs');
        expect(implode("\n", problems()))->toContain($says)->and(Job::count())->toBe(0);
    })->with([
        'typing mistake' => ['{"format":"geodex-job","version":1,"title":"t","units":"mm","ponits":[],"points":[]}', 'unknown key "ponits"'],
        'version 2' => ['{"format":"geodex-job","version":2}', 'this Geodex reads version 1, the file says 2'],
        'something else' => ['{"a":1}', 'not a Geodex job file'],
        'not JSON' => ['{"format":', 'not JSON'],
        'binary' => ["\x00\xff\xfe\x80binary", 'not text in UTF-8'],
        'unknown point' => ['{"format":"geodex-job","version":1,"title":"t","units":"mm","points":[{"id":"A"}],"surveys":[{"id":"s","readings":[{"id":"r","kind":"height","point":"B","value":1}]}]}', 'There is no point “B”'],
    ]);

    it('of 20 MB is refused before it is read', function () {
        $this->post('/jobs/from-file', ['file' => UploadedFile::fake()->create('big.json', 20_000)])->assertSessionHasErrors('file');
        expect(Job::count())->toBe(0);
    });

    it('must be chosen first', function () {
        $this->post('/jobs/from-file')->assertSessionHasErrors(['file' => 'Choose a file first.']);
    });
});

describe('a chart', function () {
    it('becomes a job', function () {
        chart(HEADER."\nAL,Front left,left,AR,0,-400,500,3,yes\nAR,Front right,right,AL,0,400,500,,1\nC1,Centre,,,100,0,510,2,\n")->assertSessionHasNoErrors();
        $points = Job::firstOrFail()->points;
        expect($points->pluck('code')->all())->toBe(['AL', 'AR', 'C1'])->and($points[0]->chart_y_mm)->toBe(-400.0)
            ->and($points[1]->tolerance_x_mm)->toBe(3.0)->and($points[1]->is_base)->toBeTrue()->and($points[2]->side)->toBe('centre');
    });

    it('is read as a spreadsheet saves it: byte-order mark, semicolons, quoted commas, other line ends', function () {
        chart("\u{feff}".str_replace(',', ';', HEADER)."\r\nAL;\"Horn, left\";L;AR;0;-15 3/4;19.5;3;x\r\nAR;\"Horn; right\";R;AL;0;15 3/4;19.5;3;x\r\n", 'in')->assertSessionHasNoErrors();
        $point = Job::firstOrFail()->points[0];
        expect($point->name)->toBe('Horn, left')
            ->and($point->chart_y_mm)->toBe(-400.05)
            ->and(Job::firstOrFail()->points[1]->name)->toBe('Horn; right');
    });

    it('names every faulty row at once and takes in nothing', function () {
        chart(HEADER."\nAL,,left,AR,0,-400,500,3,yes\nAL,,middle,AR,0,\"12,5\",500,3,yes\nAR,,right,QQ,0,400,abc,3,perhaps\n");
        expect(implode("\n", problems()))->toContain('row 3, id: “AL” is used twice')->toContain('row 3, side: “middle” is no side')
            ->toContain('row 4, base')->toContain('row 4, z')->toContain('row 4, mate')
            ->and(Job::count())->toBe(0);
    });

    it('needs its header', function (string $csv, string $says) {
        chart($csv);
        expect(implode("\n", problems()))->toContain($says)->and(Job::count())->toBe(0);
    })->with([
        'none' => ["AL,Front,left,AR,0,-400,500,3,yes\n", 'the first row must name the columns'],
        'a column missing' => ["id,x,y\nAL,1,2\n", 'Missing: z'],
        'an unknown column' => ["id,x,y,z,colour\nAL,1,2,3,red\n", 'Unknown: colour'],
        'empty' => ['', 'not a text file'],
        'binary' => ["\x89PNG\r\n\x1a\n\x00\xff", 'not a text file'],
    ]);

    it('needs a title and a unit', function () {
        upload('from-chart', HEADER, 'c.csv', ['units' => 'furlong'])->assertSessionHasErrors(['title', 'units']);
    });
});

it('lists jobs with what each needs next', function () {
    $this->demoJob($this->user);
    upload('from-chart', HEADER."\nAL,,left,AR,0,-400,500,3,yes\nAR,,right,AL,0,400,500,3,yes\n", 'c.csv', ['title' => 'New', 'units' => 'mm']);
    $this->get('/jobs')->assertInertia(fn ($page) => $page->component('jobs/index')
        ->where('jobs.0.title', 'New')->where('jobs.0.next', fn (string $next): bool => str_contains($next, 'Take the first one'))
        ->where('jobs.1.next', '2 readings do not fit: take them again or strike them'));
});

it('leads from a job to its latest survey', function () {
    $job = $this->demoJob($this->person(Role::Owner));
    $this->get("/jobs/{$job->id}")->assertRedirect("/jobs/{$job->id}/surveys/before");
});
