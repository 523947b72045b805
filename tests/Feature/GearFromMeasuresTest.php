<?php

declare(strict_types=1);

use App\Models\DialReading;
use App\Models\Instrument;
use App\Models\Job;
use App\Models\Role;
use App\Models\Worksheet;
use App\Report\GearPapers;
use App\Report\HoleTemplate;
use Geodex\Core\Cli\DialCommand;
use Geodex\Core\Cli\UnusableCall;
use Symfony\Component\Console\Input\ArrayInput;
use Symfony\Component\Console\Output\BufferedOutput;

beforeEach(function () {
    $this->actingAs($this->user = $this->person());
    $this->job = $this->demoJob($this->user);
    $this->at = "/jobs/{$this->job->id}/gear";
});

describe('an axle from surveyed points', function () {
    beforeEach(function () {
        [$this->left, $this->right] = ['HL', 'HR'];
        $this->axle = fn (array $points = ['left' => 'HL', 'right' => 'HR']) => $this->postJson($this->at, ['tool' => 'axle-square', 'title' => 'Rear', 'unit' => 'mm', 'values' => ['left' => ['x' => '1', 'y' => '-1'], 'right' => ['x' => '1', 'y' => '1']], 'points' => $points]);
    });

    it('offers the points that the survey found', function () {
        $this->get("$this->at/axles")->assertOk()->assertInertia(fn ($page) => $page->where('gear.surveyed', fn ($points): bool => collect($points)->pluck('id')->intersect(['HL', 'HR'])->count() === 2));
    });

    it('takes their places, and how unsure they are together, from the survey', function () {
        $sheet = ($this->axle)()->assertOk()->json('tools.0.sheets.0');

        expect($sheet['values']['covariance'])->toHaveCount(4)->and($sheet['values']['left']['y'])->toBeLessThan(-100)->and($sheet['points'])->toBe(['left' => 'HL', 'right' => 'HR'])
            ->and($sheet['result']['thrust']['sigma'])->toBeGreaterThan(0.0)->and($sheet['stale'])->toBe([]);
        // Points tied to one reference move together: taken alone their uncertainties say something else.
        $apart = $this->postJson($this->at, ['tool' => 'axle-square', 'title' => 'Apart', 'unit' => 'mm', 'values' => ['left' => [...$sheet['values']['left'], 'sigma' => '1, 1'], 'right' => [...$sheet['values']['right'], 'sigma' => '1, 1']]])->assertOk()->json('tools.0.sheets.1');
        expect($apart['result']['thrust']['value'])->toEqualWithDelta($sheet['result']['thrust']['value'], 1e-6)
            ->and($apart['result']['thrust']['sigma'])->not->toEqualWithDelta($sheet['result']['thrust']['sigma'], 1e-4);
    });

    it('is out of date when the survey finds a point elsewhere, and takes that over', function () {
        $id = ($this->axle)()->json('tools.0.sheets.0.id');
        $sheet = Worksheet::findOrFail($id);
        $sheet->update(['given' => [...$sheet->given, 'left' => ['x' => $sheet->given['left']['x'] + 3, 'y' => $sheet->given['left']['y']]]]);
        $this->get("$this->at/axles")->assertInertia(fn ($page) => $page->where('gear.tools.0.sheets.0.stale', ['point HL of the survey']));
        expect($this->postJson("$this->at/$id/take-over")->assertOk()->json('tools.0.sheets.0.stale'))->toBe([]);
    });

    it('refuses a point that the survey has not found, and a path that is none', function () {
        ($this->axle)(['left' => 'NOWHERE'])->assertUnprocessable()->assertJsonPath('problems.0.path', 'left');
        expect(($this->axle)(['left; drop' => 'HL'])->assertOk()->json('tools.0.sheets.0.points'))->toBe([]);
    });

    it('goes with the job file and comes back with it', function () {
        ($this->axle)()->assertOk();
        $file = $this->get("/jobs/{$this->job->id}/file")->assertOk()->json();

        expect($file['runningGear']['sheets'][0]['points'])->toBe(['left' => 'HL', 'right' => 'HR']);
    });
});

describe('links', function () {
    beforeEach(function () {
        $this->values = ['wheels' => ['left' => '3300, -700, 350', 'right' => '3300, 700, 350'], 'links' => [
            ['id' => 'LL', 'frame' => '2540, -400, 395', 'axle' => '3280, -400, 300'],
            ['id' => 'LR', 'frame' => '2540, 400, 395', 'axle' => '3280, 400, 300'],
            ['id' => 'U', 'frame' => '2650, 0, 520', 'axle' => '3330, 0, 505'],
            ['id' => 'TB', 'frame' => '3300, -400, 420', 'axle' => '3300, 400, 420'],
        ], 'wheelbase' => '2700', 'cgHeight' => '650'];
        $this->id = $this->postJson($this->at, ['tool' => 'linkage', 'title' => 'Four', 'unit' => 'mm', 'values' => $this->values])->assertOk()->json('tools.0.sheets.0.id');
        $this->try = fn (array $values) => $this->postJson("$this->at/$this->id/try", ['tool' => 'linkage', 'title' => '', 'unit' => 'mm', 'values' => [...$this->values, ...$values]]);
    });

    it('with a mount moved are told beside what they are, and nothing is kept', function () {
        $links = $this->values['links'];
        $links[0]['frame'] = '2540, -400, 425';
        $links[1]['frame'] = '2540, 400, 425';
        $rows = collect(($this->try)(['links' => $links])->assertOk()->json('rows'))->keyBy('what');

        expect($rows['At ride, anti-squat']['before'])->toEqualWithDelta(116.0, 1.0)->and($rows['At ride, anti-squat']['after'])->toBeGreaterThan($rows['At ride, anti-squat']['before'])
            ->and($rows['Links, centre to centre LL, length']['changes'])->toBeTrue()->and($rows['Links, centre to centre U, length']['changes'])->toBeFalse()
            ->and(Worksheet::findOrFail($this->id)->given['links'][0]['frame'])->toEqual([2540, -400, 395]);
    });

    it('that cannot be worked out say why, and so does a sheet of another job', function () {
        ($this->try)(['links' => [['frame' => '0,0,0', 'axle' => '0,0,0']]])->assertUnprocessable();
        $this->postJson('/jobs/'.$this->demoJob($this->user)->id."/gear/$this->id/try", ['tool' => 'linkage', 'unit' => 'mm', 'values' => $this->values])->assertNotFound();
    });

    it('may be tried by somebody who only reads, and not by another shop', function () {
        $this->actingAs($this->person(Role::Inspector));
        ($this->try)([])->assertOk();
        $this->actingAs($this->person(workshop: 'Other yard'));
        ($this->try)([])->assertForbidden();
    });

    it('are drawn on paper from the side and from above', function () {
        $html = app(GearPapers::class)->html($this->job, $this->user);
        preg_match_all('/data:image\/svg\+xml;base64,([A-Za-z0-9+\/=]+)/', $html, $drawn);

        expect($html)->toContain('From the side, front to the left')->toContain('From above')
            ->and(base64_decode($drawn[1][0]))->toContain('>LL<')->toContain('<circle');
    });
});

describe('a hole pattern on paper', function () {
    it('is as large as life, with a length to measure first', function () {
        $sheets = HoleTemplate::of(['holes' => [['id' => 'A', 'x' => 0.0, 'y' => 0.0, 'diameter' => 13.0], ['id' => 'B', 'x' => 120.0, 'y' => 0.0, 'diameter' => 13.0]]]);
        preg_match_all('/<circle cx="([\d.]+)" cy="[\d.]+" r="([\d.]+)"/', $sheets[0]['svg'], $drawn);

        expect($sheets)->toHaveCount(1)->and((float) $drawn[1][1] - (float) $drawn[1][0])->toEqualWithDelta(120.0, 1e-3)->and($drawn[2][0])->toEqual('6.500')
            ->and($sheets[0]['svg'])->toContain('width="176.000mm"')->toContain('measure this: 100 mm');
    });

    it('larger than a sheet is laid together from several, each hole at its place', function () {
        $sheets = HoleTemplate::of(['holes' => [['id' => 'A', 'x' => 0.0, 'y' => 0.0, 'diameter' => 13.0], ['id' => 'B', 'x' => 300.0, 'y' => 250.0, 'diameter' => 13.0]]]);
        $with = array_keys(array_filter($sheets, fn (array $sheet): bool => str_contains($sheet['svg'], '<circle')));

        expect($sheets)->toHaveCount(4)
            ->and($sheets[0]['caption'])->toContain('Sheet 1 of 4')
            ->and($with)->toBe([1, 2]);
    });

    it('is nothing where there are no holes', function () {
        expect(HoleTemplate::of([]))->toBe([])
            ->and(HoleTemplate::of(['holes' => [['id' => 'A']]]))->toBe([]);
    });

    it('comes with the sheet, after what was entered', function () {
        $tape = fn (string $from, string $to, string $length): array => ['from' => $from, 'to' => $to, 'length' => $length];
        $this->postJson($this->at, ['tool' => 'hole-pattern', 'title' => 'Gearbox mount', 'unit' => 'mm', 'values' => ['holes' => [['id' => 'A', 'diameter' => '13'], ['id' => 'B', 'diameter' => '13'], ['id' => 'C', 'diameter' => '13']], 'tapes' => [$tape('A', 'B', '120'), $tape('A', 'C', '150'), $tape('B', 'C', '90')]]])->assertOk();

        expect(app(GearPapers::class)->html($this->job, $this->user))->toContain('Gearbox mount: template at full size')->toContain('Print at 100 %');
        $this->get("$this->at/papers.pdf")->assertOk();
    });
});

describe('a dial that reads by itself', function () {
    beforeEach(function () {
        $this->dial = Instrument::create(['workshop_id' => $this->user->workshop_id, 'name' => 'Dial', 'kind' => 'dial', 'token_hash' => hash('sha256', 'dial-token')]);
        $this->send = fn (array $lines) => $this->call('POST', '/instrument/dial', server: ['HTTP_AUTHORIZATION' => 'Bearer dial-token'], content: implode("\n", array_map(fn ($line): string => is_string($line) ? $line : json_encode($line), $lines)));
        $this->said = fn ($answer): array => array_map(fn (string $line): array => json_decode($line, true), array_filter(explode("\n", (string) $answer->getContent())));
    });

    it('has to be told which job it reads for', function () {
        ($this->send)([['id' => 'd1', 'x' => 0, 'at' => 0, 'value' => 0.1]])->assertStatus(409);
        $this->postJson("$this->at/dial", ['instrument' => $this->dial->id])->assertOk()->assertJsonPath('count', 0);
        ($this->send)([['id' => 'd1', 'x' => 0, 'at' => 0, 'value' => 0.1]])->assertOk();
    });

    it('keeps a line once, takes inches, and says what is wrong with another', function () {
        $this->postJson("$this->at/dial", ['instrument' => $this->dial->id])->assertOk();
        $answers = ($this->said)(($this->send)([['id' => 'd1', 'x' => 10, 'at' => 45, 'value' => 0.01, 'unit' => 'in'], ['id' => 'd1', 'x' => 10, 'at' => 45, 'value' => 0.02], ['id' => 'd2', 'x' => 'far', 'at' => 0, 'value' => 0], ['id' => 'no good!', 'x' => 0, 'at' => 0, 'value' => 0], 'not json']));

        expect(array_column($answers, 'stored'))->toBe([true, true, false, false, false])
            ->and(DialReading::count())->toBe(1)
            ->and(DialReading::first()->station)->toEqualWithDelta(254.0, 1e-9)
            ->and(DialReading::first()->value)->toEqualWithDelta(0.254, 1e-9);
        ($this->send)([])->assertUnprocessable();
    });

    it('is read station by station, ready for a sheet, and thrown away when it is done with', function () {
        $this->postJson("$this->at/dial", ['instrument' => $this->dial->id])->assertOk();
        ($this->send)(array_map(fn (int $k): array => ['id' => "d$k", 'x' => $k < 8 ? 0 : 700, 'at' => 45 * ($k % 8), 'value' => $k / 100], range(0, 15)))->assertOk();
        $stations = $this->getJson("$this->at/dial")->assertOk()->assertJsonPath('count', 16)->json('stations');

        expect($stations)->toHaveCount(2)
            ->and($stations[1]['x'])->toEqual(700)
            ->and($stations[1]['angles'])->toHaveCount(8);
        $this->postJson($this->at, ['tool' => 'run-out', 'title' => 'Sent', 'unit' => 'mm', 'values' => ['stations' => array_map(fn (array $one): array => ['x' => (string) $one['x'], 'angles' => implode(' ', $one['angles']), 'values' => implode(' ', $one['values'])], $stations)]])->assertOk();
        $this->deleteJson("$this->at/dial")->assertOk()->assertJsonPath('count', 0);
    });

    it('has a stand-in that is bent as its seed says', function () {
        $standIn = Instrument::create(['workshop_id' => $this->user->workshop_id, 'name' => 'Stand-in', 'kind' => 'dial', 'simulated' => ['seed' => 4, 'slop' => 1.0, 'misreads' => 0.0, 'damage' => '']]);
        $first = $this->postJson("$this->at/dial", ['instrument' => $standIn->id])->assertOk()->assertJsonPath('count', 40)->json('stations');

        expect($this->postJson("$this->at/dial", ['instrument' => $standIn->id])->json('stations'))->toBe($first);
    });

    it('of another shop is not there, and who only reads can tell it nothing', function () {
        $theirs = Instrument::create(['workshop_id' => $this->person(workshop: 'Other yard')->workshop_id, 'name' => 'Theirs', 'kind' => 'dial']);
        $this->postJson("$this->at/dial", ['instrument' => $theirs->id])->assertNotFound();
        $this->actingAs($this->person(Role::Inspector))->postJson("$this->at/dial", ['instrument' => $this->dial->id])->assertForbidden();
        $this->deleteJson("$this->at/dial")->assertForbidden();
    });

    it('is not offered where frames are measured', function () {
        $this->get("/jobs/{$this->job->id}/surveys/before")->assertOk()->assertInertia(fn ($page) => $page->where('instruments', []));
    });

    it('on the command line wants its token', function () {
        expect(fn () => (new DialCommand)->run(new ArrayInput([]), new BufferedOutput))->toThrow(UnusableCall::class, 'name the instrument');
        expect(fn () => (new DialCommand)->run(new ArrayInput(['--token' => 'x', '--url' => 'http://127.0.0.1:9']), new BufferedOutput))->toThrow(UnusableCall::class, 'nobody answers');
    });
});

it('tells old against new with limits and states, and what has to be made, bought and sent out', function () {
    $this->putJson("/jobs/{$this->job->id}/plan", ['unit' => 'mm', 'operations' => [['id' => 'op1', 'kind' => 'stretch', 'at' => '1350', 'length' => '640']]])->assertOk();
    $this->postJson($this->at, ['tool' => 'shaft-cut', 'title' => 'Rear shaft', 'unit' => 'mm', 'values' => ['length' => '1480', 'engagement' => '70', 'wantedLength' => '2120', 'wantedEngagement' => '70', 'tube' => '1300', 'method' => 'newTube']])->assertOk();
    $this->get("$this->at/old-new")->assertOk()->assertInertia(fn ($page) => $page->where('gear.errands.2.kind', 'send out')->where('gear.errands.2.of', 'Rear shaft')->has('gear.sheets.0.rows'));
    $html = app(GearPapers::class)->html(Job::findOrFail($this->job->id), $this->user);

    expect($html)->toContain('To be made, bought, sent out')->toContain('Driveshaft, to be balanced.');
});
