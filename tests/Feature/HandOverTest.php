<?php

declare(strict_types=1);

use App\Models\Role;

beforeEach(function () {
    $this->actingAs($this->user = $this->person());
});

function documentOf(int $job): string
{
    return (string) test()->get("/jobs/$job/surveys/before/hand-over/document")->assertOk()->getContent();
}

describe('the report', function () {
    it('says what is in it, once, in the unit of the job', function () {
        $job = $this->demoJob($this->user);
        $html = documentOf($job->id);
        foreach ([
            '<h1>Mobile library</h1>',
            'Slate Yard Chassis',
            'Oakmere C45',
            'before, 62 readings, 24 points',
            'It is no approval',
            'Reading 37 does not fit',
            'Reading 58 does not fit',
            'The rear is twisted, right side high',
            'No change is planned',
            'Tube to cut',
            'Log of readings',
            'Inspected, licensed',
        ] as $part) {
            expect(substr_count($html, $part))->toBe(1, $part);
        }
    });

    it('keeps readings as they were typed', function () {
        $html = documentOf($this->demoJob($this->user)->id);
        expect($html)->toContain('38 25/32 in')->toContain('1236 mm');
    });

    it('shows what was struck, with the reason', function () {
        $job = $this->demoJob($this->user);
        $this->postJson("/jobs/{$job->id}/surveys/before/readings/r37/strike", ['reason' => 'Tape held at the one-inch mark'])->assertOk();
        expect(documentOf($job->id))->toContain('struck: Tape held at the one-inch mark')
            ->not->toContain('Reading 37 does not fit');
    });

    it('shows lengths in inches for an inch job', function () {
        $job = $this->jobFrom($this->user, (string) file_get_contents(base_path('core/tests/cases/inches-loose.job.json')));
        $html = documentOf($job->id);
        expect($html)->toContain('1/8 in')->toMatch('/\d\.\d{3} ± \d\.\d{3} in/')->not->toMatch('/± [\d.]+ mm/');
    });

    it('of a plan has target, cuts, marks and everything that crosses', function () {
        $job = $this->demoJob($this->user);
        $this->putJson("/jobs/{$job->id}/plan", ['unit' => 'mm', 'operations' => [
            ['id' => 'op1', 'kind' => 'stretch', 'at' => '2300', 'length' => '640', 'kerf' => '3', 'witness' => '100', 'level' => false],
            ['id' => 'op2', 'kind' => 'shorten', 'at' => '4400', 'length' => '200', 'kerf' => '3', 'witness' => '120', 'level' => false],
        ]])->assertOk();
        $html = documentOf($job->id);
        foreach (['3300.0 mm before, 3940.0 mm after', 'insert 643.0 mm', 'band 194.0 mm', 'rear brake line', 'exhaust', '5680.0 mm', 'lies outside the axles'] as $part) {
            expect($html)->toContain($part);
        }
        expect($html)->not->toContain('fuel filler hose');
    });

    it('warns of the shaft', function () {
        $job = $this->demoJob($this->user);
        $this->putJson("/jobs/{$job->id}/plan", ['unit' => 'mm', 'operations' => [
            ['id' => 'op1', 'kind' => 'stretch', 'at' => '2300', 'length' => '640', 'kerf' => '3', 'witness' => '100', 'level' => false],
        ]])->assertOk();
        expect(documentOf($job->id))->toContain('Tube to add')->toContain('of its critical speed')->toContain('balanced by a driveline shop');
    });

    it('names who printed it, in which role', function () {
        $inspector = $this->person(Role::Inspector);
        $job = $this->demoJob($this->user);
        $this->actingAs($inspector);
        expect(documentOf($job->id))->toContain('by Inspector (inspector)');
    });

    it('is never called approved', function () {
        expect(documentOf($this->demoJob($this->user)->id))->not->toContain('approved');
    });

    it('of a survey that cannot be computed still holds the log', function () {
        $json = '{"format":"geodex-job","version":1,"title":"Bare","units":"mm","points":[{"id":"A"},{"id":"B"}],"surveys":[{"id":"before","readings":[{"id":"r1","kind":"tram","from":"A","to":"B","value":"812.5"}]}]}';
        expect(documentOf($this->jobFrom($this->user, $json)->id))
            ->toContain('Not computed')
            ->toContain('No chart places A, B')
            ->toContain('812.5 mm');
    });
});

describe('the PDF', function () {
    it('of a job with sixty points and a long log is made', function () {
        $points = $readings = [];
        for ($i = 0; $i < 30; $i++) {
            foreach (['L' => -1, 'R' => 1] as $side => $sign) {
                $points[] = ['id' => "P$i$side", 'side' => $sign < 0 ? 'left' : 'right', 'mate' => "P$i".($sign < 0 ? 'R' : 'L'), 'reference' => [200 * $i, 400 * $sign, 500], 'base' => $i < 8];
            }
            $readings[] = ['id' => "a$i", 'kind' => 'tram', 'from' => "P{$i}L", 'to' => "P{$i}R", 'value' => 800];
            $readings[] = ['id' => "l$i", 'kind' => 'height', 'point' => "P{$i}L", 'value' => 500];
            $readings[] = ['id' => "r$i", 'kind' => 'height', 'point' => "P{$i}R", 'value' => 500];
        }
        $json = json_encode(['format' => 'geodex-job', 'version' => 1, 'title' => 'Sixty', 'units' => 'mm', 'points' => $points, 'surveys' => [['id' => 'before', 'readings' => $readings]]]);
        $job = $this->jobFrom($this->user, (string) $json);
        $pdf = (string) $this->get("/jobs/{$job->id}/surveys/before/hand-over.pdf")->assertOk()->getContent();
        expect($pdf)->toStartWith('%PDF-');
    });
});

describe('the report of a bent frame', function () {
    beforeEach(function () {
        $this->bent = $this->jobFrom($this->user, (string) file_get_contents(database_path('demo/beach-tender.job.json')));
        $this->paper = fn (string $survey): string => (string) $this->get("/jobs/{$this->bent->id}/surveys/$survey/hand-over/document")->assertOk()->getContent();
    });

    it('says whether it is fit to modify, why, and that this is no approval', function () {
        expect(($this->paper)('before'))->toContain('Straighten first')->toContain('The left rail is short at the front')->toContain('not an approval');
    });

    it('lists what to pull in its order, with what to watch', function () {
        expect(($this->paper)('before'))->toContain('What to pull, in this order')->toContain('forward')->toContain('tram CR AL');
    });

    it('says what probably went wrong with a reading', function () {
        expect(($this->paper)('before'))->toContain('the tape was held at the one-inch mark');
    });

    it('names what the frame is held against', function () {
        expect(($this->paper)('before'))->toContain('the chart of the job');
        $this->post("/jobs/{$this->bent->id}/reference/use", ['source' => '']);
        expect(($this->paper)('before'))->toContain('its own mirror image');
    });

    it('comes as a PDF too', function () {
        $pdf = $this->get("/jobs/{$this->bent->id}/surveys/before/hand-over.pdf")->assertOk();
        expect((string) $pdf->getContent())->toStartWith('%PDF')
            ->and(strlen((string) $pdf->getContent()))->toBeGreaterThan(10_000);
    });
});
