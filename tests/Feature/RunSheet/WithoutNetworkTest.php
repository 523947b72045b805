<?php

declare(strict_types=1);

use App\Models\LogEntry;
use App\Models\Role;
use App\Models\User;
use Illuminate\Http\UploadedFile;

beforeEach(function () {
    $this->actingAs($this->user = $this->person());
    $this->job = $this->demoJob($this->user);
    $this->at = "/jobs/{$this->job->id}/run";
    $this->write = fn (array $entry) => $this->postJson("$this->at/log", ['clientId' => (string) Str::uuid(), 'step' => '', 'kind' => 'note', 'text' => 'x', 'isSeenTo' => true, ...$entry]);
});

describe('an entry that waited for a network', function () {
    it('stands where it was written, with when it came in', function () {
        $this->freezeSecond();
        $entry = ($this->write)(['waited' => 5400])->assertOk()->json('log.0');
        expect(strtotime($entry['arrivedAt']) - strtotime($entry['at']))->toBe(5400);
    });

    it('that was sent at once says no more than when', function () {
        expect(($this->write)(['waited' => 2.5])->assertOk()->json('log.0.arrivedAt'))->toBeNull();
    });

    it('is refused where it is older than a month, or from tomorrow', function (float $waited) {
        ($this->write)(['waited' => $waited])->assertStatus(422)->assertJsonValidationErrorFor('waited');
    })->with([31 * 86400, -5]);

    it('is stored once, however often it is sent', function () {
        $id = (string) Str::uuid();
        foreach (range(1, 4) as $i) {
            ($this->write)(['clientId' => $id, 'waited' => 60 * $i])->assertOk();
        }
        expect(LogEntry::query()->count())->toBe(1);
    });
});

describe('two people at one step', function () {
    beforeEach(function () {
        $this->seen = ($this->write)([])->json('latest');
        $this->other = User::query()->create(['name' => 'Kim Alder', 'email' => 'kim@slate-yard.example', 'password' => 'long-enough-42', 'role' => Role::Technician, 'workshop_id' => $this->user->workshop_id]);
        $this->actingAs($this->other);
        ($this->write)(['step' => 'safe', 'kind' => 'otherwise', 'text' => 'Battery is out, airbags are not'])->assertOk();
        $this->actingAs($this->user);
    });

    it('the later one is told what the other wrote, and nothing is stored', function () {
        $answer = ($this->write)(['step' => 'safe', 'kind' => 'done', 'seen' => $this->seen])->assertStatus(409)->json('message');
        expect($answer)->toContain('Kim Alder wrote “not as planned”')
            ->and(LogEntry::query()->where('kind', 'done')->count())->toBe(0);
    });

    it('may hold to it all the same', function () {
        ($this->write)(['step' => 'safe', 'kind' => 'done', 'seen' => $this->seen, 'despite' => true])->assertOk();
        expect(LogEntry::query()->where('step', 'safe')->count())->toBe(2);
    });

    it('is no conflict at another step, nor of a note, nor where it was known', function () {
        ($this->write)(['step' => 'survey', 'kind' => 'done', 'seen' => $this->seen])->assertOk();
        ($this->write)(['step' => 'safe', 'kind' => 'note', 'seen' => $this->seen])->assertOk();
        ($this->write)(['step' => 'safe', 'kind' => 'reopened', 'seen' => LogEntry::query()->max('id')])->assertOk();
    });
});

it('tells a sheet that is up to date nothing, and another one everything', function () {
    $state = $this->get($this->at)->inertiaProps('run.state');
    $this->getJson("$this->at/state?since=$state")->assertNoContent();
    ($this->write)([])->assertOk();
    expect($this->getJson("$this->at/state?since=$state")->assertOk()->json('log'))->toHaveCount(1);
    $now = $this->getJson("$this->at/state")->json('state');
    $this->postJson("$this->at/steps", ['title' => 'Ring the tank man'])->assertOk();
    $this->getJson("$this->at/state?since=$now")->assertOk();
});

describe('a voice note', function () {
    $webm = "\x1A\x45\xDF\xA3".str_repeat("\0", 200);

    it('is kept and played by who may see the job', function () use ($webm) {
        $file = UploadedFile::fake()->createWithContent('voice', $webm);
        $voice = $this->post("$this->at/log", ['clientId' => (string) Str::uuid(), 'kind' => 'voice', 'file' => $file], ['Accept' => 'application/json'])->assertOk()->json('log.0.voice');
        $this->get($voice)->assertOk()->assertHeader('Content-Type', 'audio/webm');
        expect($this->get($voice)->getContent())->toBe($webm);
        $stranger = App\Models\Workshop::query()->create(['name' => 'Elsewhere'])->users()->create(['name' => 'Other', 'email' => 'other@elsewhere.example', 'password' => 'long-enough-42', 'role' => Role::Owner]);
        $this->actingAs($stranger)->get($voice)->assertForbidden();
    });

    it('is not fetched through another job', function () use ($webm) {
        $voice = $this->post("$this->at/log", ['clientId' => (string) Str::uuid(), 'kind' => 'voice', 'file' => UploadedFile::fake()->createWithContent('voice', $webm)], ['Accept' => 'application/json'])->json('log.0.voice');
        $other = $this->demoJob($this->user);
        $this->get(str_replace("/jobs/{$this->job->id}/", "/jobs/$other->id/", $voice))->assertNotFound();
    });

    it('that is none is refused, whatever it is called', function (string $content) {
        $this->post("$this->at/log", ['clientId' => (string) Str::uuid(), 'kind' => 'voice', 'file' => UploadedFile::fake()->createWithContent('voice.webm', $content)], ['Accept' => 'application/json'])->assertStatus(422);
        expect(LogEntry::query()->count())->toBe(0);
    })->with(['<script>alert(1)</script>', '', "\x1A\x45"]);
});
