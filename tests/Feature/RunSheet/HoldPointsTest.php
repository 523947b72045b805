<?php

declare(strict_types=1);

use App\Models\LogEntry;
use Illuminate\Http\UploadedFile;

beforeEach(function () {
    $this->actingAs($this->user = $this->person());
    $this->job = $this->demoJob($this->user);
    $this->at = "/jobs/{$this->job->id}/run";
    $this->putJson("/jobs/{$this->job->id}/plan", ['unit' => 'mm', 'operations' => [['id' => 'op1', 'kind' => 'stretch', 'at' => '1350', 'length' => '640']]])->assertOk();
    $this->write = fn (string $step, string $kind = 'done', array $more = []) => $this->post("$this->at/log", ['clientId' => (string) Str::uuid(), 'step' => $step, 'kind' => $kind, 'isSeenTo' => '1', ...$more], ['Accept' => 'application/json']);
    $this->state = fn (array $run, string $id): string => collect($run['steps'])->firstWhere('id', $id)['state'];
    $this->corners = fn (float $frontLeft): array => ['unit' => 'mm', 'heights' => ['heights' => ['frontLeft' => (string) $frontLeft, 'frontRight' => '500', 'rearLeft' => '500', 'rearRight' => '500'], 'frontWidth' => '830', 'rearWidth' => '830']];
});

describe('witness marks that are too close to call', function () {
    beforeEach(function () {
        $this->hold = collect($this->get($this->at)->inertiaProps('run.steps'))->firstWhere('id', 'op1-weld')['hold'];
        $this->read = fn (float $off) => ($this->write)('op1-weld', 'done', ['unit' => 'mm', 'reading' => (string) round($this->hold['target'] + $off, 2)])->assertOk()->json();
    });

    it('are measured again, and settled by the mean', function () {
        $first = ($this->read)(1.7);
        expect($first['log'][0]['action'])->toBe('measure-again')
            ->and($first['log'][0]['readings'])->toBeGreaterThan(1)
            ->and(($this->state)($first, 'op1-weld'))->not->toBe('done');
        ($this->read)(1.5);
        $third = ($this->read)(1.45);
        expect(($this->state)($third, 'op1-weld'))->toBe('done')
            ->and($third['log'][0]['reading'])->toEqualWithDelta($this->hold['target'] + 1.55, 0.01);
    });

    it('do not count once they were put right', function () {
        $id = ($this->read)(1.7)['log'][0]['id'];
        ($this->write)('op1-weld', 'note', ['text' => 'Read at the wrong mark', 'supersedes' => (string) $id])->assertOk();
        expect(($this->read)(0.1)['log'][0]['reading'])->toEqualWithDelta($this->hold['target'] + 0.1, 0.01);
    });

    it('count anew once it was moved', function () {
        ($this->read)(3.5);
        expect(($this->read)(0.1)['log'][0]['reading'])->toEqualWithDelta($this->hold['target'] + 0.1, 0.01);
    });
});

describe('heights of the four corners', function () {
    it('on the bench are how it stands, twisted or not', function () {
        $run = ($this->write)('bench', 'done', ($this->corners)(506.0))->assertOk()->json();
        expect(($this->state)($run, 'bench'))->toBe('done')
            ->and($run['log'][0]['found']['template'])->toContain('stands with a twist')
            ->and($run['lastHeights'])->toBe(['frontWidth' => 830, 'rearWidth' => 830]);
    });

    it('stay open where they do, and say which jack takes it out', function () {
        $run = ($this->write)('posts', 'done', ($this->corners)(508.0))->assertOk()->json();
        expect(($this->state)($run, 'posts'))->not->toBe('done')
            ->and($run['log'][0]['action'])->toBe('move')
            ->and($run['log'][0]['found']['template'])->toContain('front left by');
    });

    it('on posts are held against how it stood on the bench', function () {
        ($this->write)('bench', 'done', ($this->corners)(501.5))->assertOk();
        ($this->write)('posts', 'done', ($this->corners)(501.6))->assertOk();
        $entry = LogEntry::query()->where('step', 'posts')->sole();
        expect($entry->kind)->toBe('done')
            ->and($entry->data['difference'])->toEqualWithDelta(-0.1, 1e-9);
    });

    it('that are missing or no lengths are refused', function () {
        ($this->write)('bench', 'done', ['unit' => 'mm', 'heights' => ['heights' => ['frontLeft' => 'high']]])->assertStatus(422);
        expect(LogEntry::query()->count())->toBe(0);
    });
});

describe('a survey of its own', function () {
    it('settles the final hold point by what it says, and is told with it', function () {
        $run = ($this->write)('final', 'done', ['survey' => 'before'])->assertOk()->json();
        $entry = $run['log'][0];
        expect($entry['action'])->toBeIn(['go-on', 'measure-again', 'move'])
            ->and($entry['found']['template'])->toContain('points within')
            ->and(($this->state)($run, 'final'))->toBe($entry['action'] === 'go-on' ? 'done' : 'blocked');
    });

    it('has to be one of the job', function () {
        ($this->write)('final', 'done', ['survey' => 'elsewhere'])->assertStatus(422);
    });
});

describe('what is seen by eye', function () {
    it('wants a picture, with the step or before it', function () {
        ($this->write)('eye')->assertStatus(422)->assertJsonPath('message', 'Take a picture of it first: this step is seen by eye, and the picture says so.');
        $run = ($this->write)('eye', 'done', ['file' => UploadedFile::fake()->image('lamp.jpg', 640, 480)])->assertOk()->json();
        expect(($this->state)($run, 'eye'))->toBe('done')
            ->and($run['log'][0]['picture'])->toContain('/parts/photo/');
    });
});

describe('a thermometer', function () {
    beforeEach(function () {
        ($this->write)('op1-root', 'run', ['unit' => 'mm', 'zone' => 'left-front-web', 'run' => ['process' => 'mag', 'voltage' => '20.5', 'current' => '165', 'length' => '60', 'seconds' => '10.9']])->assertOk();
        $this->travel(2)->minutes();
        $this->web = fn (array $run): float => collect($run['heats'][0]['zones'])->firstWhere('id', 'left-front-web')['temperature'];
    });

    it('corrects what is expected there', function () {
        $this->freezeSecond();
        $expected = ($this->web)($this->get($this->at)->inertiaProps('run'));
        $run = ($this->write)('op1-root', 'temperature', ['zone' => 'left-front-web', 'temperature' => (string) round($expected + 15.0)])->assertOk()->json();
        expect(($this->web)($run))->toEqualWithDelta(round($expected + 15.0), 0.01)
            ->and($run['heats'][0]['factor'])->toBeGreaterThan(1.0)
            ->and($run['log'][0]['kind'])->toBe('temperature')
            ->and($run['log'][0]['found']['template'])->toContain('°C read');
    });

    it('that reads what cannot be is refused, and says why', function (array $read) {
        ($this->write)('op1-root', 'temperature', $read)->assertStatus(422);
        expect(LogEntry::query()->count())->toBe(1);
    })->with([
        [['zone' => 'left-front-web', 'temperature' => '900']],
        [['zone' => 'right-rear-web', 'temperature' => '60']],
        [['zone' => 'nowhere', 'temperature' => '60']],
        [['zone' => 'left-front-web']],
        [['zone' => 'left-front-web', 'temperature' => 'hot']],
    ]);
});

describe('what a step took', function () {
    it('is timed from where it was begun, and told in the book', function () {
        ($this->write)('safe', 'begun')->assertOk();
        $this->travel(30)->minutes();
        ($this->write)('safe')->assertOk();
        expect(LogEntry::query()->where('kind', 'done')->sole()->data['minutes'])->toEqualWithDelta(30.0, 0.1)
            ->and($this->get("$this->at/book")->assertOk()->inertiaProps('book.times.0'))->toMatchArray(['kind' => 'make-safe', 'count' => 1, 'estimated' => 20]);
    });

    it('is timed anew where it was opened again: from when it was begun again, or not at all', function () {
        ($this->write)('safe', 'begun')->assertOk();
        $this->travel(30)->minutes();
        ($this->write)('safe')->assertOk();
        ($this->write)('safe', 'reopened')->assertOk();
        $this->travel(90)->minutes();
        ($this->write)('safe')->assertOk();
        ($this->write)('safe', 'reopened')->assertOk();
        ($this->write)('safe', 'begun')->assertOk();
        $this->travel(5)->minutes();
        ($this->write)('safe')->assertOk();
        $minutes = LogEntry::query()->where('kind', 'done')->orderBy('id')->get()->map(fn (LogEntry $one): ?float => isset($one->data['minutes']) ? round((float) $one->data['minutes'], 1) : null);
        expect($minutes->all())->toBe([30.0, null, 5.0]);
    });

    it('corrects the estimate after three of a kind', function () {
        foreach (range(1, 3) as $i) {
            $job = $this->demoJob($this->user);
            $log = fn (string $kind) => $this->postJson("/jobs/$job->id/run/log", ['clientId' => (string) Str::uuid(), 'step' => 'safe', 'kind' => $kind, 'isSeenTo' => true])->assertOk();
            $log('begun');
            $this->travel(40)->minutes();
            $log('done');
        }
        expect(collect($this->get($this->at)->inertiaProps('run.steps'))->firstWhere('id', 'safe')['minutes'])->toEqual(40);
    });
});
