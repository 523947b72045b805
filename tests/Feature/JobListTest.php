<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Role;
use App\Models\Survey;
use Illuminate\Support\Facades\DB;

beforeEach(function () {
    $this->actingAs($this->user = $this->person());
    $this->make = fn (array $with): Job => $this->user->workshop->jobs()->create(['title' => 'Job', 'vehicle' => '', 'units' => 'mm', 'frame' => [], ...$with]);
    $this->titles = fn (string $query = ''): array => array_column($this->get("/jobs$query")->assertOk()->viewData('page')['props']['jobs'], 'title');
});

it('finds by title, vehicle, plate, frame number and customer reference, all words of it', function (string $search, array $found) {
    ($this->make)(['title' => 'Blue van', 'plate' => 'KX 12 AB']);
    ($this->make)(['title' => 'Tipper', 'vehicle' => 'Oakmere T9', 'frame_number' => 'ZZ9PLURAL']);
    ($this->make)(['title' => 'Blue tipper', 'customer_reference' => 'Order 100%']);
    expect(($this->titles)('?sort=title&q='.urlencode($search)))->toBe($found);
})->with([
    'title' => ['blue', ['Blue tipper', 'Blue van']],
    'two words, of two fields' => ['tipper oakmere', ['Tipper']],
    'plate' => ['kx 12', ['Blue van']],
    'frame number' => ['9plural', ['Tipper']],
    'reference, a sign that means anything taken as itself' => ['100%', ['Blue tipper']],
    'no sign means anything' => ['_', []],
    'nothing like it' => ['red', []],
    'empty' => ['  ', ['Blue tipper', 'Blue van', 'Tipper']],
]);

it('shows fifty on a page, and says how many there are', function () {
    foreach (range(1, 53) as $i) {
        ($this->make)(['title' => sprintf('Job %02d', $i)]);
    }
    expect(($this->titles)('?sort=title'))->toHaveCount(50)
        ->and(($this->titles)('?sort=title&page=2'))->toBe(['Job 51', 'Job 52', 'Job 53'])
        ->and(($this->titles)('?page=9'))->toBe([]);
    $this->get('/jobs')->assertInertia(fn ($page) => $page->where('asked.total', 53)->where('asked.pages', 2));
});

it('sorts by what changed last, started last, title and vehicle', function () {
    $first = ($this->make)(['title' => 'B', 'vehicle' => 'X']);
    ($this->make)(['title' => 'A', 'vehicle' => 'Y']);
    DB::table('jobs')->where('id', $first->id)->update(['updated_at' => now()->addMinute()]);
    expect(($this->titles)())->toBe(['B', 'A'])
        ->and(($this->titles)('?sort=started'))->toBe(['A', 'B'])
        ->and(($this->titles)('?sort=title'))->toBe(['A', 'B'])
        ->and(($this->titles)('?sort=vehicle'))->toBe(['B', 'A']);
});

it('keeps what is laid aside apart, and shows all where all is asked', function () {
    ($this->make)(['title' => 'Here']);
    $away = ($this->make)(['title' => 'Away']);
    $this->put("/jobs/{$away->id}/archive", ['aside' => true])->assertRedirect();
    expect(($this->titles)())->toBe(['Here'])
        ->and(($this->titles)('?state=laid+aside'))->toBe(['Away'])
        ->and(($this->titles)('?archived=1'))->toBe(['Away'])
        ->and(($this->titles)('?state=all&sort=title'))->toBe(['Away', 'Here']);
});

it('finds what needs something at a stage', function () {
    ($this->make)(['title' => 'No chart']);
    $demo = $this->demoJob($this->user);
    expect(($this->titles)('?stage=reference'))->toBe(['No chart'])
        ->and(($this->titles)('?stage=bench'))->toBe([]);
    $next = $this->get('/jobs?q=mobile')->viewData('page')['props']['jobs'][0]->next ?? '';
    expect($next)->not->toBe('')->and($demo->title)->toBe('Mobile library');
});

it('takes an address with nonsense in it for the list as usual', function (string $query) {
    ($this->make)(['title' => 'Here']);
    expect(($this->titles)($query))->toBe(['Here']);
})->with(['?sort=price', '?state=gone', '?stage=moon', '?q[]=x', '?page=-3', '?page=abc', '?stage[]=plan']);

it('shows nobody the jobs of another shop', function () {
    ($this->make)(['title' => 'Ours', 'plate' => 'SECRET']);
    $this->actingAs($this->person(workshop: 'Other yard'));
    expect(($this->titles)('?q=secret&state=all'))->toBe([]);
});

it('lists a thousand jobs with a handful of questions', function () {
    $rows = array_map(fn (int $i): array => ['workshop_id' => $this->user->workshop_id, 'title' => "Job $i", 'units' => 'mm', 'frame' => '{}', 'created_at' => now(), 'updated_at' => now()], range(1, 1000));
    DB::table('jobs')->insert($rows);
    foreach (['/jobs', '/jobs?stage=reference', '/jobs?q=99'] as $address) {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $this->get($address)->assertOk();
        expect(count(DB::getQueryLog()))->toBeLessThan(14, $address);
    }
});

describe('what a job is about', function () {
    beforeEach(function () {
        $this->job = ($this->make)(['title' => 'Tug']);
        $this->about = ['title' => 'Tug, blue', 'vehicle' => 'Skerry', 'plate' => 'AB 1', 'frameNumber' => 'F1', 'odometer' => '12 000 km', 'customerReference' => 'R7', 'notes' => "Two\nlines"];
    });

    it('is kept, and goes with the job file', function () {
        $this->put("/jobs/{$this->job->id}/about", $this->about)->assertRedirect();
        $file = $this->get("/jobs/{$this->job->id}/file")->assertOk()->json();
        expect($file['title'])->toBe('Tug, blue')
            ->and($file['about'])->toBe(['plate' => 'AB 1', 'frameNumber' => 'F1', 'odometer' => '12 000 km', 'customerReference' => 'R7', 'notes' => "Two\nlines"]);
        $again = $this->jobFrom($this->user, json_encode($file));
        expect($again->plate)->toBe('AB 1')->and($again->notes)->toBe("Two\nlines");
    });

    it('that two change at once is not overwritten', function () {
        $revision = $this->get("/jobs/{$this->job->id}/about")->viewData('page')['props']['about']->revision;
        $this->put("/jobs/{$this->job->id}/about", [...$this->about, 'revision' => $revision])->assertSessionHasNoErrors();
        $this->put("/jobs/{$this->job->id}/about", [...$this->about, 'plate' => 'ZZ 9', 'revision' => $revision])->assertSessionHasErrors();
        expect($this->job->fresh()->plate)->toBe('AB 1');
    });

    it('wants a title, and nothing longer than it holds', function () {
        $this->put("/jobs/{$this->job->id}/about", [...$this->about, 'title' => ' ', 'plate' => str_repeat('x', 41), 'notes' => str_repeat('x', 10001)])->assertSessionHasErrors(['title', 'plate', 'notes']);
    });

    it('is read by an inspector and changed by who works on it', function () {
        $this->actingAs($this->person(Role::Inspector));
        $this->get("/jobs/{$this->job->id}/about")->assertOk()->assertInertia(fn ($page) => $page->where('about.canWork', false));
        $this->put("/jobs/{$this->job->id}/about", $this->about)->assertForbidden();
        $this->get('/jobs/new')->assertForbidden();
        $this->actingAs($this->person(workshop: 'Other yard'))->get("/jobs/{$this->job->id}/about")->assertForbidden();
    });
});

describe('a survey', function () {
    beforeEach(function () {
        $this->job = $this->demoJob($this->user);
        $this->start = fn (string $name) => $this->post("/jobs/{$this->job->id}/surveys", ['name' => $name, 'stage' => 'tack']);
    });

    it('has any name, and an address of its own', function () {
        ($this->start)('Second tack, rear')->assertRedirect("/jobs/{$this->job->id}/surveys/second-tack-rear");
        ($this->start)('Second tack: rear')->assertRedirect("/jobs/{$this->job->id}/surveys/second-tack-rear-2");
        ($this->start)('後')->assertRedirect();
        ($this->start)('')->assertSessionHasErrors('name');
        expect(Survey::query()->where('job_id', $this->job->id)->orderBy('id')->pluck('name')->all())->toBe(['', 'Second tack, rear', 'Second tack: rear', '後']);
    });

    it('is renamed, and keeps its name in the job file', function () {
        ($this->start)('Tack');
        $this->put("/jobs/{$this->job->id}/surveys/tack/name", ['name' => 'First tack, cold'])->assertRedirect();
        $this->put("/jobs/{$this->job->id}/surveys/tack/name", ['name' => ''])->assertSessionHasErrors('name');
        $file = $this->get("/jobs/{$this->job->id}/file")->json();
        expect($file['surveys'][1]['name'])->toBe('First tack, cold');
        expect($this->jobFrom($this->user, json_encode($file))->surveys->last()->called())->toBe('First tack, cold');
        $this->get("/jobs/{$this->job->id}/surveys/tack")->assertInertia(fn ($page) => $page->where('job.surveys.1.name', 'First tack, cold'));
    });
});
