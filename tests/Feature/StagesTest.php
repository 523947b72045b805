<?php

declare(strict_types=1);

use App\Models\Job;
use Illuminate\Support\Facades\DB;

/** @return array<string, string> state by stage as the rail shows it */
function stagesOf(Job $job): array
{
    $stages = [];
    test()->get("/jobs/{$job->id}/surveys/before")->assertInertia(function ($page) use (&$stages) {
        foreach ($page->toArray()['props']['job']['stages'] as $stage) {
            $stages[$stage['key']] = $stage['state'];
        }
    });

    return $stages;
}

/** A job of two rows with the readings called. */
function smallJob(array $readings, array $more = []): string
{
    $points = [];
    foreach (['A' => 0, 'B' => 700, 'C' => 1400] as $row => $x) {
        foreach (['L' => -1, 'R' => 1] as $side => $sign) {
            $points[] = [
                'id' => $row.$side, 'side' => $sign < 0 ? 'left' : 'right', 'mate' => $row.($sign < 0 ? 'R' : 'L'),
                'reference' => [$x, 400 * $sign, 500], 'base' => true,
            ];
        }
    }

    return (string) json_encode([
        'format' => 'geodex-job', 'version' => 1, 'title' => 'Small', 'units' => 'mm', 'points' => $points,
        'surveys' => [['id' => 'before', 'readings' => $readings]], ...$more,
    ]);
}

/** @return list<array<string, mixed>> the trams and heights of the small job, true to its chart */
function allReadings(): array
{
    $readings = [];
    $at = ['AL' => [0, -400], 'AR' => [0, 400], 'BL' => [700, -400], 'BR' => [700, 400], 'CL' => [1400, -400], 'CR' => [1400, 400]];
    foreach ($at as $from => [$x, $y]) {
        $readings[] = ['id' => "h-$from", 'kind' => 'height', 'point' => $from, 'value' => 500, 'sigma' => 0.2];
        foreach ($at as $to => [$x2, $y2]) {
            if ($from < $to) {
                $readings[] = ['id' => "t-$from-$to", 'kind' => 'tram', 'from' => $from, 'to' => $to, 'value' => hypot($x2 - $x, $y2 - $y), 'sigma' => 0.2];
            }
        }
    }

    return $readings;
}

beforeEach(function () {
    $this->actingAs($this->user = $this->person());
});

describe('the rail of stages', function () {
    it('waits where there is nothing to see yet', function () {
        expect(stagesOf($this->jobFrom($this->user, smallJob([]))))->toBe([
            'bench' => 'open', 'reference' => 'done', 'survey' => 'open', 'findings' => 'waiting', 'plan' => 'open', 'driveline' => 'open', 'parts' => 'open', 'run' => 'open', 'hand-over' => 'waiting',
        ]);
    });

    it('is open while points are unread', function () {
        $job = $this->jobFrom($this->user, smallJob(array_slice(allReadings(), 0, 3)));
        expect(stagesOf($job))->toMatchArray(['survey' => 'open', 'findings' => 'open', 'hand-over' => 'open']);
    });

    it('is done when every point is read, a change planned and a shaft entered', function () {
        $shaft = [
            'id' => 's', 'front' => ['joint' => [100, 0, 450]], 'rear' => ['joint' => [1200, 0, 400]],
            'existing' => ['length' => 1100, 'engagement' => 50], 'slip' => ['possible' => 100, 'wanted' => 50],
            'tube' => ['outside' => 70], 'speed' => 3000,
        ];
        $job = $this->jobFrom($this->user, smallJob(allReadings(), [
            'plan' => ['operations' => [['id' => 'op1', 'kind' => 'stretch', 'at' => 1000, 'length' => 100]]],
            'driveline' => ['shaft' => $shaft],
        ]));
        expect(stagesOf($job))->toBe([
            'bench' => 'open', 'reference' => 'done', 'survey' => 'done', 'findings' => 'done', 'plan' => 'done', 'driveline' => 'done', 'parts' => 'open', 'run' => 'open', 'hand-over' => 'open',
        ]);
    });
});

describe('what a job needs next', function () {
    it('is said in the list', function (callable $json, string $says) {
        $this->jobFrom($this->user, $json());
        $this->get('/jobs')->assertInertia(fn ($page) => $page->where('jobs.0.next', fn (string $next): bool => str_contains($next, $says)));
    })->with([
        'a chart' => [
            fn (): string => '{"format":"geodex-job","version":1,"title":"Empty","units":"mm","points":[]}',
            'Enter the chart',
        ],
        'a first reading' => [
            fn (): string => smallJob([]),
            'Take the first one',
        ],
        'more base points' => [
            fn (): string => smallJob(array_slice(allReadings(), 0, 1)),
            'three are needed',
        ],
        'a plan' => [
            fn (): string => smallJob(allReadings()),
            'Plan the change',
        ],
        'a shaft' => [
            fn (): string => smallJob(allReadings(), ['plan' => ['operations' => [['id' => 'op1', 'kind' => 'stretch', 'at' => 1000, 'length' => 100]]]]),
            'Enter the driveshaft',
        ],
    ]);
});

describe('who else is in a survey', function () {
    it('is forgotten after a while', function () {
        $job = $this->jobFrom($this->user, smallJob([]));
        $second = $this->person();
        $this->actingAs($second)->getJson("/jobs/{$job->id}/surveys/before/state?since=0")->assertSuccessful();
        $present = fn (): array => $this->actingAs($this->user)->getJson("/jobs/{$job->id}/surveys/before/state?since=-1")->json('present');
        expect($present())->toBe(['Technician']);
        $this->travel(15)->seconds();
        expect($present())->toBe([]);
        expect(DB::table('presences')->count())->toBe(2);
    });

    it('never names oneself', function () {
        $job = $this->jobFrom($this->user, smallJob([]));
        expect($this->getJson("/jobs/{$job->id}/surveys/before/state?since=-1")->json('present'))->toBe([]);
    });
});

describe('what was typed', function () {
    it('is checked before it is stored', function (array $change, string $field) {
        $job = $this->jobFrom($this->user, smallJob([]));
        $this->postJson("/jobs/{$job->id}/surveys/before/readings", [...['id' => 'r-1', 'call' => 'AL AR 800', 'unit' => 'mm'], ...$change])
            ->assertUnprocessable()
            ->assertJsonValidationErrors($field);
    })->with([
        'no id' => [['id' => ''], 'id'],
        'an id with a blank' => [['id' => 'a b'], 'id'],
        'an id of a hundred letters' => [['id' => str_repeat('a', 100)], 'id'],
        'no call' => [['call' => ''], 'call'],
        'a call that is a list' => [['call' => ['AL', 'AR']], 'call'],
        'a unit nobody has' => [['unit' => 'furlong'], 'unit'],
    ]);

    it('of a strike needs a reason of a word', function (mixed $reason) {
        $job = $this->jobFrom($this->user, smallJob(allReadings()));
        $this->postJson("/jobs/{$job->id}/surveys/before/readings/h-AL/strike", ['reason' => $reason])->assertUnprocessable();
    })->with([[null], [''], ['x'], [str_repeat('x', 501)]]);

    it('of a reading that is not there is not found', function () {
        $job = $this->jobFrom($this->user, smallJob([]));
        $this->postJson("/jobs/{$job->id}/surveys/before/readings/nowhere/strike", ['reason' => 'Wrong hole'])->assertNotFound();
    });

    it('of a plan is checked field by field', function (array $change, string $field) {
        $job = $this->jobFrom($this->user, smallJob([]));
        $operation = ['id' => 'op1', 'kind' => 'stretch', 'at' => '1000', 'length' => '100', 'kerf' => '3', 'witness' => '100', 'level' => false];
        $answer = $this->putJson("/jobs/{$job->id}/plan", ['unit' => 'mm', 'operations' => [[...$operation, ...$change]]])
            ->assertUnprocessable();
        expect([...$answer->json('problems.*.path') ?? [], ...array_keys($answer->json('errors') ?? [])])->toBe(["operations.0.$field"]);
    })->with([
        'kind' => [['kind' => 'widen'], 'kind'],
        'station' => [['at' => ''], 'at'],
        'length' => [['length' => null], 'length'],
        'kerf' => [['kerf' => '30'], 'kerf'],
        'witness' => [['witness' => '0'], 'witness'],
        'what it does not ask for' => [['depth' => '3'], 'depth'],
        'id' => [['id' => 'a b'], 'id'],
        'level' => [['level' => 'perhaps'], 'level'],
    ]);
});
