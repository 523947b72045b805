<?php

declare(strict_types=1);

use App\Models\Job;
use App\Models\Role;
use Illuminate\Contracts\Debug\ExceptionHandler;
use Illuminate\Database\QueryException;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\Request;

beforeEach(function () {
    $this->user = $this->person(Role::Owner);
    $this->actingAs($this->user);
    $this->job = $this->demoJob($this->user);
    $this->operation = fn (string $length): array => ['id' => 'op1', 'kind' => 'stretch', 'at' => '1500', 'length' => $length, 'kerf' => '3', 'witness' => '100', 'level' => false];
    $this->saves = [
        'plan' => fn (string $to): array => ["/jobs/{$this->job->id}/plan", ['unit' => 'mm', 'operations' => [($this->operation)($to)]], fn (): string => (string) $this->job->operations()->first()?->parameters['length']],
        'bench' => fn (string $to): array => ["/jobs/{$this->job->id}/bench", ['unit' => 'mm', 'clockwiseRaises' => true, 'length' => $to.'0', 'width' => '1200', 'pitch' => '2', 'travel' => '60', 'tolerance' => '1'], fn (): string => (string) Job::findOrFail($this->job->id)->bench['length']],
        'settings' => fn (string $to): array => ['/workshop', ['inchDenominator' => '32', 'hidesExpected' => false, 'values' => ['tramReach' => $to.'0 mm']], fn (): string => (string) $this->user->workshop->values()->where('name', 'tramReach')->value('value')],
    ];
    $this->put = fn (string $part, string $to, ?string $revision) => $this->json('PUT', ($this->saves[$part])($to)[0], ($this->saves[$part])($to)[1], $revision === null ? [] : ['X-Revision' => $revision]);
});

it('saves from the state it was read in, and refuses a save from an older one with both versions', function (string $part) {
    $first = ($this->put)($part, '200', null)->assertOk()->json('revision');
    $second = ($this->put)($part, '240', $first)->assertOk()->json('revision');
    $stored = ($this->saves[$part])('')[2]();
    $stale = ($this->put)($part, '300', $first)->assertStatus(409)->assertJsonPath('code', 'stale');
    expect($second)->not->toBe($first)->and($stale->json('revision'))->toBe($second)
        ->and($stale->json('message'))->toContain('Nothing of yours is lost')
        ->and(collect($stale->json('differences'))->contains(fn (array $one): bool => str_starts_with($one['theirs'], '240') && str_starts_with($one['mine'], '300')))->toBeTrue()
        ->and(($this->saves[$part])('')[2]())->toBe($stored);
    // Whoever has seen both may save over it.
    ($this->put)($part, '300', $stale->json('revision'))->assertOk();
    expect(($this->saves[$part])('')[2]())->not->toBe($stored);
})->with(['plan', 'bench', 'settings']);

it('takes the same save twice for one, whatever revision it comes with', function (string $part) {
    $first = ($this->put)($part, '200', null)->json('revision');
    ($this->put)($part, '240', $first)->assertOk();
    ($this->put)($part, '240', $first)->assertOk();
})->with(['plan', 'bench', 'settings']);

it('guards the chart and the shaft too', function () {
    $rows = fn (string $x): array => ['unit' => 'mm', 'points' => array_map(fn (string $id): array => ['id' => $id, 'name' => $id, 'side' => 'centre', 'mate' => '', 'x' => $x, 'y' => '0', 'z' => '0', 'hole' => '', 'tolerance' => '3', 'base' => false], ['P1'])];
    $empty = $this->jobFrom($this->user, '{"format":"geodex-job","version":1,"title":"Empty","units":"mm","points":[]}');
    $first = $this->putJson("/jobs/{$empty->id}/reference/chart", $rows('100'))->assertOk()->json('revision');
    $this->putJson("/jobs/{$empty->id}/reference/chart", $rows('150'), ['X-Revision' => $first])->assertOk();
    $this->putJson("/jobs/{$empty->id}/reference/chart", $rows('170'), ['X-Revision' => $first])->assertStatus(409)->assertJsonPath('differences.0.what', 'P1 chart x mm');
    expect($empty->points()->value('chart_x_mm'))->toEqual(150);

    $fields = collect($this->get("/jobs/{$this->job->id}/driveline")->viewData('page')['props']['driveline']->form->fields)->all();
    $save = fn (array $more, ?string $revision) => $this->putJson("/jobs/{$this->job->id}/driveline", ['fields' => [...$fields, ...$more]], $revision === null ? [] : ['X-Revision' => $revision]);
    $first = $save(['speed' => '3000'], null)->assertOk()->json('revision');
    $save(['speed' => '3200'], $first)->assertOk();
    $save(['speed' => '3400'], $first)->assertStatus(409)->assertJsonPath('differences.0.theirs', '3200');
});

describe('a form sent twice', function () {
    it('is stored once and answered alike', function (string $url, array $body, string $model) {
        $url = str_replace('{job}', (string) $this->job->id, $url);
        $before = $model::count();
        $first = $this->post($url, $body, ['X-Form-Id' => 'form-0001']);
        $again = $this->post($url, $body, ['X-Form-Id' => 'form-0001']);
        expect($model::count())->toBe($before + 1)
            ->and($again->headers->get('Location'))->toBe($first->headers->get('Location'))
            ->and($again->getStatusCode())->toBe($first->getStatusCode());
        $this->post($url, $body, ['X-Form-Id' => 'form-0002']);
    })->with([
        'a job by hand' => ['/jobs', ['title' => 'By hand', 'units' => 'mm'], Job::class],
        'a survey' => ['/jobs/{job}/surveys', ['code' => 'tack', 'stage' => 'tack'], App\Models\Survey::class],
        'a practice run' => ['/practice', ['level' => 'apprentice', 'seed' => '7'], App\Models\PracticeRun::class],
    ]);

    it('is put right under the same id after a refusal', function () {
        $this->post('/jobs', ['title' => '', 'units' => 'mm'], ['X-Form-Id' => 'form-0003'])->assertSessionHasErrors('title');
        session()->forget('errors');
        $this->post('/jobs', ['title' => 'By hand', 'units' => 'mm'], ['X-Form-Id' => 'form-0003'])->assertRedirect();
        expect(Job::where('title', 'By hand')->count())->toBe(1);
    });

    it('is another person’s own', function () {
        $this->post('/jobs', ['title' => 'Mine', 'units' => 'mm'], ['X-Form-Id' => 'form-0004']);
        $this->actingAs($this->person())->post('/jobs', ['title' => 'Hers', 'units' => 'mm'], ['X-Form-Id' => 'form-0004']);
        expect(Job::whereIn('title', ['Mine', 'Hers'])->count())->toBe(2);
    });
});

it('answers in words where two gave one name at the same moment', function () {
    $race = new UniqueConstraintViolationException('mariadb', 'insert into surveys', [], new PDOException('Duplicate entry'));
    $request = fn (array $headers): Request => tap(Request::create('/jobs/1/surveys', 'POST', server: $headers), fn (Request $one) => $one->setLaravelSession(app('session.store')));
    $json = app(ExceptionHandler::class)->render($request(['HTTP_ACCEPT' => 'application/json']), $race);
    expect($json->getStatusCode())->toBe(422)
        ->and(json_decode((string) $json->getContent(), true)['message'])->toContain('took that name a moment ago');
});

it('answers that it is busy where too many write at once, so that it is sent again', function (int $code, int $status) {
    $deadlock = new PDOException('Deadlock found');
    $deadlock->errorInfo = ['40001', $code, 'Deadlock found'];
    $failure = new QueryException('mariadb', 'update surveys', [], $deadlock);
    $answer = app(ExceptionHandler::class)->render(Request::create('/jobs', 'POST', server: ['HTTP_ACCEPT' => 'application/json']), $failure);
    expect($answer->getStatusCode())->toBe($status);
})->with([[1213, 503], [1205, 503], [1064, 500]]);

it('answers a name that is taken in words', function () {
    $this->post("/jobs/{$this->job->id}/surveys", ['code' => 'tack', 'stage' => 'tack'])->assertRedirect();
    $this->postJson("/jobs/{$this->job->id}/surveys", ['code' => 'tack', 'stage' => 'tack'])->assertStatus(422);
});
