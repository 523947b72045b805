<?php

declare(strict_types=1);

use App\Models\LogEntry;
use App\Models\Role;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;

beforeEach(function () {
    $this->actingAs($this->user = $this->person());
    $this->job = $this->demoJob($this->user);
    $this->at = "/jobs/{$this->job->id}/run";
    $this->stretch = fn (string $length = '640') => $this->putJson("/jobs/{$this->job->id}/plan", ['unit' => 'mm', 'operations' => [['id' => 'op1', 'kind' => 'stretch', 'at' => '1350', 'length' => $length]]])->assertOk();
    $this->write = fn (string $step, string $kind = 'done', array $more = []) => $this->postJson("$this->at/log", ['clientId' => (string) Str::uuid(), 'step' => $step, 'kind' => $kind, 'isSeenTo' => true, ...$more]);
    $this->step = fn (array $run, string $id): array => collect($run['steps'])->firstWhere('id', $id);
});

it('of a job without a plan is a survey and a safe vehicle', function () {
    $this->get($this->at)->assertOk()->assertInertia(fn ($page) => $page->component('jobs/run')->where('run.steps.0.id', 'survey')->where('run.steps.0.state', 'possible')->has('run.log', 0));
});

it('of a stretch is an order with reasons, cautions and hold points', function () {
    ($this->stretch)();
    $this->postJson("/jobs/{$this->job->id}/parts/take", ['key' => ''])->assertOk();
    $run = $this->get($this->at)->inertiaProps('run');
    $tack = ($this->step)($run, 'op1-tack');
    expect($tack['state'])->toBe('blocked')->and($tack['hold']['target'])->toBeGreaterThan(640)->and($tack['hold']['pending'])->toBeNull()->and($tack['hold']['stage'])->toBe('tack')->and(implode(' ', $tack['cautions']))->toContain('bearings')->and(collect($tack['waitsFor'])->contains(fn (array $one): bool => str_contains($one['title'], 'Insert')))->toBeTrue()
        ->and(($this->step)($run, 'safe')['asksCautions'])->toBeTrue()->and($run['minutesLeft'])->toBeGreaterThan($run['longestChain'])->and($run['conflict'])->toBeNull();
});

describe('a step', function () {
    it('is done with who and when, and frees what waits for it', function () {
        ($this->stretch)();
        $run = ($this->write)('safe')->assertOk()->json();
        expect(($this->step)($run, 'safe')['state'])->toBe('done')
            ->and(($this->step)($run, 'safe')['by'])->toBe($this->user->name)
            ->and(($this->step)($run, 'bench')['state'])->toBe('possible')
            ->and($run['log'][0]['kind'])->toBe('done');
    });

    it('where it can kill is not done before its cautions were seen to', function () {
        expect(($this->write)('safe', 'done', ['isSeenTo' => false])->assertStatus(422)->json('message'))->toContain('cautions');
        ($this->write)('survey', 'done', ['isSeenTo' => false])->assertOk();
    });

    it('is opened again by an entry, and the log keeps both', function () {
        $id = ($this->write)('safe')->json('log.0.id');
        $run = ($this->write)('safe', 'reopened', ['supersedes' => $id])->assertOk()->json();
        expect(($this->step)($run, 'safe')['state'])->toBe('possible')
            ->and($run['log'])->toHaveCount(2)
            ->and($run['log'][1]['isSuperseded'])->toBeTrue();
    });

    it('that went otherwise counts as done, says so, and has to say how', function () {
        ($this->write)('survey', 'otherwise')->assertStatus(422)->assertJsonValidationErrorFor('text');
        $run = ($this->write)('survey', 'otherwise', ['text' => 'Only the rear half could be reached'])->assertOk()->json();
        expect(($this->step)($run, 'survey')['isOtherwise'])->toBeTrue()
            ->and(($this->step)($run, 'survey')['state'])->toBe('done');
    });

    it('done before what comes first is told', function () {
        ($this->stretch)();
        $run = ($this->write)('op1-coat')->assertOk()->json();
        expect(($this->step)($run, 'op1-coat')['isEarly'])->toBeTrue();
    });

    it('that is gone from the plan is not done any more, and its entry stays', function () {
        ($this->stretch)();
        ($this->write)('op1-coat')->assertOk();
        $this->putJson("/jobs/{$this->job->id}/plan", ['unit' => 'mm', 'operations' => []])->assertOk();
        expect($this->get($this->at)->inertiaProps('run.log'))->toHaveCount(1)
            ->and(($this->write)('op1-coat')->assertStatus(422)->json('message'))->toContain('plan was changed');
    });
});

describe('a hold point', function () {
    beforeEach(function () {
        ($this->stretch)();
        $this->hold = ($this->step)($this->get($this->at)->inertiaProps('run'), 'op1-weld')['hold'];
        $this->read = fn (float $off, string $step = 'op1-weld') => ($this->write)($step, 'done', ['unit' => 'mm', 'reading' => (string) round($this->hold['target'] + $off, 2)]);
    });

    it('lets go on where the marks read what they should', function () {
        $run = ($this->read)(0.1)->assertOk()->json();
        expect(($this->step)($run, 'op1-weld')['state'])->toBe('done')
            ->and($run['log'][0]['action'])->toBe('go-on')
            ->and($run['log'][0]['reading'])->toEqualWithDelta($this->hold['target'] + 0.1, 0.01);
    });

    it('stays open where they do not, keeps what was read, and says what to do', function () {
        $run = ($this->read)(4.0)->assertOk()->json();
        expect(($this->step)($run, 'op1-weld')['state'])->not->toBe('done')
            ->and($run['log'][0]['kind'])->toBe('reading')
            ->and($run['log'][0]['action'])->toBe('move')
            ->and($run['log'][0]['move'])->toEqualWithDelta(-4.0, 0.02);
    });

    it('wants a reading, in either unit, and refuses what is none', function () {
        ($this->write)('op1-weld')->assertStatus(422);
        ($this->write)('op1-weld', 'done', ['unit' => 'mm', 'reading' => 'about right'])->assertStatus(422)->assertJsonValidationErrorFor('reading');
        $inches = (string) round($this->hold['target'] / 25.4, 4);
        expect(($this->step)(($this->write)('op1-weld', 'done', ['unit' => 'in', 'reading' => $inches])->assertOk()->json(), 'op1-weld')['state'])->toBe('done');
    });
});

it('learns from what the cuts of the shop really drew in', function () {
    ($this->stretch)();
    $hold = ($this->step)($this->get($this->at)->inertiaProps('run'), 'op1-tack')['hold'];
    expect($hold['pending'])->toBeNull()->and($hold['cases'])->toBe(0);
    ($this->write)('posts')->assertOk();
    ($this->write)('op1-root', 'run', ['unit' => 'mm', 'zone' => 'left-front-web', 'run' => ['process' => 'mag', 'voltage' => '20.5', 'current' => '165', 'length' => '60', 'seconds' => '10.9']])->assertOk();
    ($this->write)('op1-tack', 'done', ['unit' => 'mm', 'reading' => (string) $hold['target']])->assertOk();
    ($this->write)('op1-weld', 'done', ['unit' => 'mm', 'reading' => (string) ($hold['target'] - 0.7)])->assertOk();
    $next = $this->demoJob($this->user);
    $this->putJson("/jobs/$next->id/plan", ['unit' => 'mm', 'operations' => [['id' => 'op1', 'kind' => 'stretch', 'at' => '1350', 'length' => '300']]])->assertOk();
    $learnt = ($this->step)($this->get("/jobs/$next->id/run")->inertiaProps('run'), 'op1-tack')['hold'];
    expect($learnt['cases'])->toBe(1)
        ->and($learnt['pending'])->toEqualWithDelta(-0.7, 0.01)
        ->and($learnt['pendingSigma'])->toBeGreaterThan(0.3);
});

describe('a weld run', function () {
    beforeEach(function () {
        ($this->stretch)();
        $this->weld = fn (array $more = []) => ($this->write)('op1-root', 'run', ['unit' => 'mm', 'zone' => 'left-front-web', 'run' => ['process' => 'mag', 'voltage' => '20.5', 'current' => '165', 'length' => '60', 'seconds' => '10.9', ...$more]]);
    });

    it('of a rail whose wall is known cools by it', function () {
        $entry = ($this->weld)()->assertOk()->json('log.0');
        expect($entry['coolingTime'])->toBeGreaterThan(3.0)->toBeLessThan(30.0);
    });

    it('is logged with what was set, its heat, and its cooling time', function () {
        $entry = ($this->weld)(['thickness' => '6'])->assertOk()->json('log.0');
        expect($entry['kind'])->toBe('run')
            ->and($entry['heatInput'])->toEqualWithDelta(0.8 * 60 * 20.5 * 165 / (1000 * 60 * 60 / 10.9), 1e-6)
            ->and($entry['settings'])->toBe('mag, 20.5 V, 165 A, 10.9 s, left rail, front joint, web')
            ->and(LogEntry::query()->first()->data['coolingTime'])->toBeGreaterThan(3.0);
    });

    it('is offered again as it was set last, in the next job too', function () {
        ($this->weld)()->assertOk();
        $other = $this->demoJob($this->user);
        expect($this->get("/jobs/$other->id/run")->inertiaProps('run.lastRun'))->toEqual(['process' => 'mag', 'voltage' => 20.5, 'current' => 165, 'length' => 60, 'zone' => 'left-front-web']);
    });

    it('warms its joint, which is told until it has cooled', function () {
        for ($i = 0; $i < 6; $i++) {
            $heats = ($this->weld)()->assertOk()->json('heats');
        }
        $web = fn (array $heats): array => collect($heats[0]['zones'])->firstWhere('id', 'left-front-web');
        expect($heats)->toHaveCount(1)
            ->and($heats[0]['joint'])->toBe('op1')
            ->and($heats[0]['side'])->toBe('left')
            ->and($web($heats)['temperature'])->toBeGreaterThan(150.0)
            ->and($web($heats)['wait'])->toBeGreaterThan(30.0)
            ->and(collect($heats[0]['zones'])->firstWhere('isCoolest', true)['id'])->not->toBe('left-front-web');
        $this->travel(40)->minutes();
        $later = $web($this->get($this->at)->inertiaProps('run.heats'));
        expect($later['wait'])->toEqual(0)
            ->and($later['temperature'])->toBeLessThan($web($heats)['temperature']);
        $this->travel(8)->hours();
        expect($this->get($this->at)->inertiaProps('run.heats'))->toBe([]);
    });

    it('that was put right counts no more', function () {
        $id = ($this->weld)()->json('log.0.id');
        expect(($this->write)('op1-root', 'note', ['text' => 'That was a test plate', 'supersedes' => $id])->assertOk()->json('heats'))->toBe([]);
    });

    it('without its length, its seconds or a process that is known is refused', function (array $run) {
        ($this->weld)($run)->assertStatus(422);
    })->with([
        [['length' => '']],
        [['seconds' => '']],
        [['process' => 'hammer']],
        [['voltage' => '900']],
        [['seconds' => '-3']],
    ]);
});

it('stands on the paper of the job, with what is open', function () {
    ($this->stretch)();
    $this->postJson("/jobs/{$this->job->id}/parts/take", ['key' => 'plan:op1:insert'])->assertOk();
    ($this->write)('safe')->assertOk();
    ($this->write)('', 'note', ['text' => 'Rear posts on packing <of> 12 mm'])->assertOk();
    $paper = $this->get("/jobs/{$this->job->id}/surveys/before/hand-over/document")->assertOk()->getContent();
    expect($paper)->toContain('What was done')->toContain('Make the vehicle safe')->toContain('Rear posts on packing &lt;of&gt; 12 mm')->toContain('Not done yet')->toContain('Insert, op1');
});

describe('the log', function () {
    it('stores what is sent twice once', function () {
        $entry = ['clientId' => 'r0123456789abcdef', 'step' => '', 'kind' => 'note', 'text' => 'Started late'];
        $this->postJson("$this->at/log", $entry)->assertOk();
        expect($this->postJson("$this->at/log", $entry)->assertOk()->json('log'))->toHaveCount(1)
            ->and(LogEntry::query()->count())->toBe(1);
    });

    it('is put right by another entry, never changed', function () {
        $id = ($this->write)('', 'note', ['text' => '20 V, 160 A'])->json('log.0.id');
        $log = ($this->write)('', 'note', ['text' => '20 V, 165 A', 'supersedes' => $id])->assertOk()->json('log');
        expect($log)->toHaveCount(2)
            ->and($log[0]['text'])->toBe('20 V, 165 A')
            ->and($log[1]['isSuperseded'])->toBeTrue()
            ->and($log[1]['text'])->toBe('20 V, 160 A');
    });

    it('goes with the job file and comes back: who, when, what stands in the place of what, and steps of one’s own', function () {
        ($this->stretch)();
        $this->postJson("/jobs/{$this->job->id}/parts/take", ['key' => 'plan:op1:insert'])->assertOk();
        $part = $this->job->parts()->first()->id;
        $this->postJson("$this->at/steps", ['title' => 'Ring the tank man', 'minutes' => 10, 'after' => 'safe'])->assertOk();
        $id = ($this->write)('', 'note', ['text' => '20 V'])->json('log.0.id');
        ($this->write)('', 'note', ['text' => '21 V', 'supersedes' => $id])->assertOk();
        ($this->write)("first-$part")->assertOk();
        $file = App\Documents\JobDocument::forExport($this->job->fresh());
        expect($file['run']['log'][2]['step'])->toBe('first-#0');
        $this->post('/jobs/from-file', ['file' => UploadedFile::fake()->createWithContent('job.json', json_encode($file))])->assertRedirect();
        $again = App\Models\Job::query()->latest('id')->firstOrFail();
        $run = $this->get("/jobs/$again->id/run")->assertOk()->inertiaProps('run');
        expect($run['log'])->toHaveCount(3)->and($run['log'][2]['isSuperseded'])->toBeTrue()->and(collect($run['steps'])->firstWhere('id', 'first-'.$again->parts()->first()->id)['state'])->toBe('done')->and(collect($run['steps'])->firstWhere('isOwn', true)['title'])->toBe('Ring the tank man')
            ->and(collect(App\Documents\JobDocument::forExport($again)['run']['log'])->pluck('text')->all())->toBe(collect($file['run']['log'])->pluck('text')->all());
    });

    it('takes a picture, made anew', function () {
        $image = imagecreatetruecolor(400, 300);
        ob_start();
        imagejpeg($image);
        $file = UploadedFile::fake()->createWithContent('weld.jpg', (string) ob_get_clean());
        $entry = $this->post("$this->at/log", ['clientId' => 'r0123456789abcdee', 'step' => '', 'kind' => 'picture', 'text' => 'Root, left', 'file' => $file], ['Accept' => 'application/json'])->assertOk()->json('log.0');
        $this->get($entry['picture'])->assertOk()->assertHeader('Content-Type', 'image/jpeg');
        ($this->write)('', 'picture')->assertStatus(422);
    });

    it('refuses nonsense', function (array $entry, string $field) {
        $this->postJson("$this->at/log", ['clientId' => 'r0123456789abcdef', 'step' => '', 'kind' => 'note', 'text' => 'x', ...$entry])->assertStatus(422)->assertJsonValidationErrorFor($field);
    })->with([
        [['clientId' => '<script>'], 'clientId'],
        [['kind' => 'approved'], 'kind'],
        [['text' => ''], 'text'],
        [['text' => str_repeat('x', 5000)], 'text'],
        [['supersedes' => 999999], 'supersedes'],
    ]);

    it('supersedes nothing of another job', function () {
        $other = $this->demoJob($this->user);
        $id = $this->postJson("/jobs/$other->id/run/log", ['clientId' => 'r0123456789abcdef', 'step' => '', 'kind' => 'note', 'text' => 'x'])->json('log.0.id');
        ($this->write)('', 'note', ['text' => 'y', 'supersedes' => $id])->assertStatus(422);
    });

    it('is read by an inspector, not written; and by nobody of another shop', function () {
        $this->actingAs($this->person(Role::Inspector));
        $this->get($this->at)->assertOk();
        ($this->write)('safe')->assertForbidden();
        $this->postJson("$this->at/steps", ['title' => 'x'])->assertForbidden();
        $other = App\Models\Workshop::query()->create(['name' => 'Elsewhere'])->users()->create(['name' => 'Other', 'email' => 'other@elsewhere.example', 'password' => 'long-enough-42', 'role' => Role::Owner]);
        $this->actingAs($other)->get($this->at)->assertForbidden();
    });
});

describe('a step of one’s own', function () {
    it('stands after another one, is done, and is taken out; its log stays', function () {
        $run = $this->postJson("$this->at/steps", ['title' => 'Ring the tank man', 'minutes' => 10, 'after' => 'safe'])->assertOk()->json();
        $own = collect($run['steps'])->firstWhere('isOwn', true);
        expect($own['title'])->toBe('Ring the tank man')
            ->and($own['state'])->toBe('blocked')
            ->and($own['waitsFor'])->toBe([['id' => 'safe', 'title' => 'Make the vehicle safe']]);
        ($this->write)('safe')->assertOk();
        expect(($this->step)(($this->write)($own['id'])->assertOk()->json(), $own['id'])['state'])->toBe('done');
        $left = $this->deleteJson("$this->at/steps/{$own['id']}")->assertOk()->json();
        expect(collect($left['steps'])->firstWhere('isOwn', true))->toBeNull()
            ->and($left['log'])->toHaveCount(2);
    });

    it('needs words', function () {
        $this->postJson("$this->at/steps", ['title' => ''])->assertStatus(422)->assertJsonValidationErrorFor('title');
    });
});
