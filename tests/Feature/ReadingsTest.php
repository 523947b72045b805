<?php

declare(strict_types=1);

use App\Actions\Survey\UndoLast;
use App\Models\Job;
use App\Models\Reading;
use App\Models\Role;
use App\Models\Strike;
use Illuminate\Testing\TestResponse;

beforeEach(function () {
    $this->user = $this->person();
    $this->actingAs($this->user);
    $this->job = $this->demoJob($this->user);
});

function enter(Job $job, string $call, string $id, array $more = []): TestResponse
{
    return test()->postJson("/jobs/{$job->id}/surveys/before/readings", ['id' => $id, 'call' => $call, 'unit' => 'mm', ...$more]);
}

/** @return array<string, mixed> */
function readingIn(TestResponse $response, string $id): array
{
    return collect($response->json('survey.readings'))->firstWhere('id', $id);
}

describe('the log', function () {
    it('keeps what was typed beside its exact value, with who and when', function () {
        enter($this->job, 'JL JR 32 21/32 in', 'c-1')->assertOk()->assertJsonPath('stored', 'c-1');
        $reading = Reading::firstWhere('client_id', 'c-1');
        expect($reading->typed)->toBe('32 21/32 in')->and($reading->value_mm)->toBe(829.46875)->and($reading->number)->toBe(63)
            ->and($reading->user_id)->toBe($this->user->id)->and($reading->created_at)->not->toBeNull();
    });

    it('stores a reading that is sent twice once', function () {
        enter($this->job, 'JL JR 830', 'c-1')->assertOk();
        enter($this->job, 'JL JR 830', 'c-1')->assertOk();
        expect(Reading::where('client_id', 'c-1')->count())->toBe(1);
    });

    it('never lets a row be changed or deleted', function () {
        $reading = Reading::firstOrFail();
        expect(fn () => $reading->update(['typed' => '1']))->toThrow(LogicException::class, 'never changed')
            ->and(fn () => $reading->delete())->toThrow(LogicException::class, 'never deleted');
    });

    it('strikes with a reason, keeps the row, and takes it back', function () {
        $path = "/jobs/{$this->job->id}/surveys/before/readings/r37";
        $this->postJson("$path/strike", [])->assertUnprocessable()->assertJsonValidationErrors('reason');
        $struck = $this->postJson("$path/strike", ['reason' => 'Misread tape'])->assertOk();
        expect(readingIn($struck, 'r37'))->toMatchArray(['state' => 'struck', 'reason' => 'Misread tape']);
        $this->postJson("$path/strike", ['reason' => 'Misread tape'])->assertOk();
        expect(Strike::count())->toBe(1);
        expect(readingIn($this->postJson("$path/restore")->assertOk(), 'r37')['state'])->toBe('doubtful');
        expect(Strike::count())->toBe(2);
    });

    it('supersedes a reading by a new one that says so', function () {
        $response = enter($this->job, 'EL FR 958.5', 'c-2', ['supersedes' => 'r37'])->assertOk();
        expect(readingIn($response, 'r37'))->toMatchArray(['state' => 'superseded', 'reason' => 'Taken again as reading 63'])
            ->and(readingIn($response, 'c-2')['state'])->toBe('agrees');
    });

    it('lets a reading count again when the one that replaced it is undone', function () {
        enter($this->job, 'EL FR 958.5', 'c-2', ['supersedes' => 'r37'])->assertOk();
        $response = $this->postJson("/jobs/{$this->job->id}/surveys/before/undo")->assertOk();
        expect(readingIn($response, 'c-2')['state'])->toBe('struck')
            ->and(readingIn($response, 'r37')['state'])->toBe('doubtful');
        $again = enter($this->job, 'EL FR 959', 'c-3', ['supersedes' => 'r37'])->assertOk();
        expect(readingIn($again, 'r37'))->toMatchArray(['state' => 'superseded', 'reason' => 'Taken again as reading 64']);
    });

    it('refuses to replace what is not in the log, and stores nothing', function () {
        enter($this->job, 'EL FR 958.5', 'c-2', ['supersedes' => 'r999'])->assertUnprocessable()->assertJsonValidationErrors('supersedes');
        enter($this->job, 'EL FR 958.5', 'c-2')->assertOk();
    });

    it('keeps a reading superseded while one of several replacements stands', function () {
        enter($this->job, 'EL FR 958.5', 'c-2', ['supersedes' => 'r37'])->assertOk();
        enter($this->job, 'EL FR 959', 'c-3', ['supersedes' => 'r37'])->assertOk();
        $response = $this->postJson("/jobs/{$this->job->id}/surveys/before/readings/c-3/strike", ['reason' => 'Misread'])->assertOk();
        expect(readingIn($response, 'r37'))->toMatchArray(['state' => 'superseded', 'reason' => 'Taken again as reading 63']);
    });

    it('undoes one\'s own last entry, then one\'s own last strike', function () {
        $undo = fn () => $this->postJson("/jobs/{$this->job->id}/surveys/before/undo")->assertOk();
        $this->postJson("/jobs/{$this->job->id}/surveys/before/readings/r37/strike", ['reason' => 'Misread tape']);
        $this->travel(1)->seconds();
        enter($this->job, 'JL JR 830', 'c-1');
        $response = $undo();
        expect($response->json('undone'))->toBe('Reading 63 was taken back.')
            ->and(readingIn($response, 'c-1'))->toMatchArray(['state' => 'struck', 'reason' => UndoLast::REASON]);
        $response = $undo();
        expect($response->json('undone'))->toBe('The strike was taken back.')
            ->and(readingIn($response, 'r37')['state'])->toBe('doubtful');
        $this->actingAs($this->person());
        expect($undo()->json('undone'))->toBeNull();
    });
});

describe('what was called out', function () {
    it('is answered with the survey as it is now', function () {
        $response = enter($this->job, 'EL FR 958.5', 'c-1')->assertOk();
        expect(readingIn($response, 'c-1')['state'])->toBe('agrees')->and($response->json('survey.revision'))->toBe(1)
            ->and($response->json('survey.network.readings'))->toBe(61);
    });

    it('finds the misread tape and the wrong hole of the demo, and nothing else', function () {
        $readings = $this->getJson("/jobs/{$this->job->id}/surveys/before/state")->assertOk()->json('readings');
        $doubtful = collect($readings)->where('state', 'doubtful')->pluck('off', 'id');
        expect($doubtful->keys()->sort()->values()->all())->toBe(['r37', 'r58'])
            ->and($doubtful['r37'])->toEqualWithDelta(25.4, 3.0)->and($doubtful['r58'])->toEqualWithDelta(-32.0, 3.0);
    });

    it('is refused with the part that was not understood, and stores nothing', function (string $call, string $says) {
        enter($this->job, $call, 'c-1')->assertUnprocessable()->assertJsonPath('message', fn (string $message): bool => str_contains($message, $says));
        expect(Reading::where('client_id', 'c-1')->exists())->toBeFalse();
    })->with([
        'not a length' => ['AL AR twelve', 'not a length'],
        'unknown point' => ['AL ZZ 12', 'There is no point “ZZ”'],
        'same point twice' => ['AL AL 12', 'named twice'],
        'a distance no frame can have' => ['AL AR 99999', 'longer than any frame'],
        'script' => ['<script>alert(1)</script>', 'There is no point'],
        'nothing' => ['', 'Nothing was typed'],
        'too long' => [str_repeat('9', 300), 'too long'],
    ]);

    it('means inches where inches are shown', function () {
        enter($this->job, 'JL JR 32 21/32', 'c-1', ['unit' => 'in'])->assertOk();
        expect(Reading::firstWhere('client_id', 'c-1')->value_mm)->toBe(829.46875);
    });
});

describe('two people in one survey', function () {
    it('see each other and each other\'s readings by the revision', function () {
        $state = fn (int $since, string $present = '') => $this->getJson("/jobs/{$this->job->id}/surveys/before/state?since=$since&present=$present");
        $state(0)->assertNoContent();
        $second = $this->person();
        $this->actingAs($second);
        enter($this->job, 'JL JR 830', 'c-9')->assertOk();
        $state(1, 'Technician')->assertNoContent();
        $this->actingAs($this->user);
        $news = $state(0)->assertOk();
        expect($news->json('revision'))->toBe(1)->and(collect($news->json('readings'))->firstWhere('id', 'c-9')['number'])->toBe(63)
            ->and($news->json('present'))->toBe(['Technician']);
    });

    it('get numbers that do not clash', function () {
        enter($this->job, 'JL JR 830', 'c-1');
        $this->actingAs($this->person());
        enter($this->job, 'KL KR 830', 'c-2');
        expect(Reading::whereIn('client_id', ['c-1', 'c-2'])->orderBy('number')->pluck('number')->all())->toBe([63, 64]);
    });
});

it('starts another survey of the job, under a name of its own', function () {
    $this->post("/jobs/{$this->job->id}/surveys", ['code' => 'tack-1', 'stage' => 'tack'])->assertRedirect("/jobs/{$this->job->id}/surveys/tack-1");
    $this->get("/jobs/{$this->job->id}/surveys/tack-1")->assertInertia(fn ($page) => $page->where('survey.trouble.code', 'survey.empty')->has('survey.next', 5)->where('survey.next.0.call', 'AL AR'));
    $this->post("/jobs/{$this->job->id}/surveys", ['code' => 'tack-1', 'stage' => 'tack'])->assertSessionHasErrors('code');
    $this->post("/jobs/{$this->job->id}/surveys", ['code' => 'a b', 'stage' => 'tack'])->assertSessionHasErrors('code');
    $this->get("/jobs/{$this->job->id}/surveys/nowhere")->assertNotFound();
});

it('shows a script in any name as text', function () {
    $json = str_replace(['"Mobile library"', 'Front horn, left'], ['"<img src=x onerror=alert(1)>"', '<script>alert(2)</script>'], (string) file_get_contents(database_path('demo/mobile-library.job.json')));
    $job = $this->jobFrom($this->person(Role::Owner), $json);
    $this->get("/jobs/{$job->id}/surveys/before/hand-over/document")->assertOk()->assertDontSee('<script>alert(2)', false)->assertDontSee('<img src=x', false)->assertSee('&lt;script&gt;alert(2)', false);
    $this->get("/jobs/{$job->id}/surveys/before")->assertDontSee('<script>alert(2)', false);
});
