<?php

declare(strict_types=1);

use App\Documents\JobDocument;
use App\Models\Job;
use App\Models\Role;
use Geodex\Core\Parts\PartState;
use Illuminate\Http\UploadedFile;

const BRACKET = ['contour' => '0, 0; 260, 0; 260, 90; 110, 210; 0, 210', 'offset' => '8', 'cornerRadius' => '12', 'thickness' => '6', 'windows' => [['at' => '62, 105', 'length' => '50', 'height' => '100', 'radius' => '20'], ['at' => '190, 40', 'length' => '18', 'height' => '18', 'radius' => '9']]];

const BRACE = ['branch' => ['diameter' => '38', 'wall' => '2.5'], 'header' => ['diameter' => '45'], 'angle' => '60', 'offset' => '3', 'nodeLength' => '620'];

beforeEach(function () {
    $this->actingAs($this->user = $this->person());
    $this->job = $this->demoJob($this->user);
    $this->at = "/jobs/{$this->job->id}/parts";
    $this->stretch = fn (string $length) => $this->putJson("/jobs/{$this->job->id}/plan", ['unit' => 'mm', 'operations' => [['id' => 'op1', 'kind' => 'stretch', 'at' => '1350', 'length' => $length]]])->assertOk();
    $this->draw = fn (string $tool, array $values, array $more = []) => $this->postJson($this->at, ['tool' => $tool, 'title' => 'Bracket', 'unit' => 'mm', 'values' => $values, 'count' => 1, 'side' => 'either', 'material' => '', 'stock' => 'plate 6', ...$more]);
    $this->part = fn (string $tool = 'offset-contour', array $values = BRACKET, array $more = []): int => ($this->draw)($tool, $values, $more)->assertOk()->json('parts.'.($this->job->parts()->count() - 1).'.id');
});

describe('what is asked for', function () {
    it('is the insert of the plan and what joins it, taken with its numbers', function () {
        ($this->stretch)('640');
        $this->get($this->at)->assertOk()->assertInertia(fn ($page) => $page->component('jobs/parts')->where('parts.asked.0.title', 'Insert, op1')->has('parts.parts', 0));
        $parts = $this->postJson("$this->at/take", ['key' => ''])->assertOk()->json();
        expect($parts['asked'])->toBe([])
            ->and($parts['parts'][0]['count'])->toBe(2)
            ->and($parts['parts'][0]['lengths'][0]['length'])->toEqualWithDelta(640, 8)
            ->and($parts['parts'][0]['mass'])->toBeGreaterThan(5)
            ->and(count($parts['parts']))->toBeGreaterThan(1);
    });

    it('goes stale with the plan, says of what, is taken over, and has to be tried again', function () {
        ($this->stretch)('640');
        $id = $this->postJson("$this->at/take", ['key' => 'plan:op1:insert'])->json('parts.0.id');
        $this->postJson("$this->at/$id/state", ['state' => 'first article'])->assertOk();
        ($this->stretch)('300');
        $this->get("$this->at/$id")->assertInertia(fn ($page) => $page->where('parts.parts.0.stale', ['length to saw'])->where('parts.parts.0.state', 'first article'));
        $fresh = $this->postJson("$this->at/$id/take-over")->assertOk()->json('parts.0');
        expect($fresh['stale'])->toBe([])
            ->and($fresh['values']['length'])->toEqualWithDelta(300, 8)
            ->and($fresh['state'])->toBe('drawn');
    });

    it('says so when nothing asks for it any more', function () {
        ($this->stretch)('640');
        $id = $this->postJson("$this->at/take", ['key' => 'plan:op1:insert'])->json('parts.0.id');
        $this->putJson("/jobs/{$this->job->id}/plan", ['unit' => 'mm', 'operations' => []])->assertOk();
        $this->get("$this->at/$id")->assertInertia(fn ($page) => $page->where('parts.parts.0.stale', ['nothing asks for it any more']));
        $this->postJson("$this->at/$id/take-over")->assertStatus(422);
    });

    it('is not taken twice', function () {
        ($this->stretch)('640');
        $this->postJson("$this->at/take", ['key' => 'plan:op1:insert'])->assertOk();
        expect($this->postJson("$this->at/take", ['key' => 'plan:op1:insert'])->assertOk()->json('parts'))->toHaveCount(1);
    });

    it('comes from the running gear as well', function () {
        $holes = ['holes' => [['id' => 'A', 'diameter' => '13'], ['id' => 'B', 'diameter' => '13']], 'tapes' => [['from' => 'A', 'to' => 'B', 'length' => '142']]];
        $this->postJson("/jobs/{$this->job->id}/gear", ['tool' => 'hole-pattern', 'title' => 'Mount', 'unit' => 'mm', 'values' => $holes])->assertOk();
        $part = $this->postJson("$this->at/take", ['key' => ''])->assertOk()->json('parts.0');
        expect($part['title'])->toBe('Mount')
            ->and($part['tool'])->toBe('hole-pattern')
            ->and($part['drawings'][0]['width'])->toEqualWithDelta(142 + 2 * 10.5, 1e-6);
    });
});

describe('the first article', function () {
    it('is tried before the rest of a batch and before the mirror image, with its corrections', function () {
        $id = ($this->part)(more: ['count' => 4]);
        $parts = $this->postJson("$this->at/$id/mirror")->assertOk()->json('parts');
        expect($parts[0]['side'])->toBe('left')
            ->and($parts[0]['free'])->toBe(1)
            ->and($parts[0]['next'])->toBe(['first article'])
            ->and($parts[1]['side'])->toBe('right')
            ->and($parts[1]['lock'])->toContain('Locked')
            ->and($parts[1]['next'])->toBe([])
            ->and($parts[1]['free'])->toBe(0);
        $image = $parts[1]['id'];
        $this->postJson("$this->at/$image/state", ['state' => 'first article'])->assertStatus(422);
        $this->postJson("$this->at/$id/state", ['state' => 'released'])->assertStatus(422);
        $tried = $this->postJson("$this->at/$id/state", ['state' => 'first article', 'note' => 'Window 2 lower'])->assertOk()->json('parts');
        expect($tried[0]['firstArticle']['note'])->toBe('Window 2 lower')
            ->and($tried[0]['firstArticle']['by'])->toBe($this->user->name)
            ->and($tried[0]['free'])->toBe(4)
            ->and($tried[1]['lock'])->toBeNull();
    });

    it('carries its corrections over to the mirror image, and stays tried', function () {
        $id = ($this->part)();
        $this->postJson("$this->at/$id/mirror")->assertOk();
        $this->postJson("$this->at/$id/state", ['state' => 'first article'])->assertOk();
        $parts = $this->putJson("$this->at/$id", ['tool' => 'offset-contour', 'title' => 'Bracket', 'unit' => 'mm', 'values' => [...BRACKET, 'offset' => '10'], 'count' => 1, 'side' => 'left', 'isCorrection' => true])->assertOk()->json('parts');
        expect($parts[0]['state'])->toBe('first article')
            ->and($parts[1]['values']['offset'])->toEqual(10)
            ->and($parts[1]['drawings'][0]['layers'])->toContain('cut');
    });

    it('is to be tried again when numbers change otherwise', function () {
        $id = ($this->part)();
        $this->postJson("$this->at/$id/state", ['state' => 'released'])->assertOk();
        $part = $this->putJson("$this->at/$id", ['tool' => 'offset-contour', 'title' => 'Bracket', 'unit' => 'mm', 'values' => [...BRACKET, 'offset' => '10'], 'count' => 1, 'side' => 'either'])->assertOk()->json('parts.0');
        expect($part['state'])->toBe('drawn');
    });

    it('goes back to drawn, and on to cut', function () {
        $id = ($this->part)();
        foreach (['released', 'cut', 'drawn'] as $state) {
            expect($this->postJson("$this->at/$id/state", ['state' => $state])->assertOk()->json('parts.0.state'))->toBe($state);
        }
        $this->postJson("$this->at/$id/state", ['state' => 'approved'])->assertStatus(422);
    });
});

describe('a mirror image', function () {
    it('is drawn turned over, and its mirror image is the part itself', function () {
        $id = ($this->part)();
        $image = $this->postJson("$this->at/$id/mirror")->json('parts.1.id');
        $areas = fn (int $part): string => $this->get("$this->at/$part/0.dxf")->assertOk()->getContent();
        expect($areas($image))->not->toBe($areas($id));
        $this->postJson("$this->at/$image/mirror")->assertStatus(422);
        $this->postJson("$this->at/$id/mirror")->assertStatus(422);
    });

    it('goes with its original', function () {
        $id = ($this->part)();
        $this->postJson("$this->at/$id/mirror")->assertOk();
        expect($this->deleteJson("$this->at/$id")->assertOk()->json('parts'))->toBe([]);
    });
});

describe('files', function () {
    it('are DXF and SVG under a name that says what they are', function () {
        $id = ($this->part)();
        $dxf = $this->get("$this->at/$id/0.dxf")->assertOk()->assertHeader('Content-Disposition', 'attachment; filename="bracket-plate.dxf"');
        expect($dxf->getContent())->toContain('AC1015')->toContain('CUT_INNER');
        expect($this->get("$this->at/$id/0.svg")->assertOk()->getContent())->toContain('viewBox="-2.000 -212.000 264.000 214.000"');
        $this->get("$this->at/$id/9.dxf")->assertNotFound();
    });

    it('have the kerf in their geometry only where it is asked for, and say so', function () {
        $id = ($this->part)();
        expect($this->get("$this->at/$id/0.dxf")->getContent())->not->toContain('KERF');
        expect($this->get("$this->at/$id/0.dxf?kerf=1.5")->assertOk()->getContent())->toContain('CUT_KERF_1.5')->toContain('CUT_INNER_KERF_1.5');
        $this->getJson("$this->at/$id/0.dxf?kerf=99")->assertStatus(422);
    });

    it('are refused with the place where a hole is too small for plasma', function () {
        $id = ($this->part)(values: [...BRACKET, 'windows' => [['at' => '190, 40', 'length' => '6', 'height' => '6', 'radius' => '3']]]);
        expect($this->getJson("$this->at/$id/0.dxf")->assertStatus(422)->json('message'))->toContain('too small for plasma')->toContain('190.0, 40.0');
    });

    it('are a template as large as life: its bars measure what they say', function (array $query, float $across, float $up, bool $isStamped) {
        $id = ($this->part)();
        $pdf = tempnam(sys_get_temp_dir(), 'pdf');
        file_put_contents($pdf, $this->get("$this->at/$id/template.pdf?".http_build_query($query))->assertOk()->getContent());
        exec('pdftocairo -svg -f 1 -l 1 '.escapeshellarg($pdf).' - 2>&1', $svg);
        exec('pdftotext '.escapeshellarg($pdf).' - 2>&1', $text);
        unlink($pdf);
        // Lines as poppler places them, in points; the page is drawn upside down.
        $lengths = [];
        preg_match_all('/d="M ([\d.]+) ([\d.]+) L ([\d.]+) ([\d.]+) ?"[^>]*?(?:transform="matrix\(([\d.-]+), ?([\d.-]+), ?([\d.-]+), ?([\d.-]+)[^"]*\)")?/', implode("\n", $svg), $lines, PREG_SET_ORDER);
        foreach ($lines as $line) {
            $lengths[] = round(hypot((float) $line[3] - (float) $line[1], (float) $line[4] - (float) $line[2]) * 25.4 / 72, 2);
        }
        $near = fn (float $wanted): bool => array_filter($lengths, fn (float $one): bool => abs($one - $wanted) < 0.1) !== [];
        expect($near($across))->toBeTrue()
            ->and($near($up))->toBeTrue()
            ->and($near(100.0 * $across / 180))->toBeTrue()
            ->and($near(101.6 * $across / 180))->toBeTrue()
            ->and(str_contains(implode(' ', $text), 'Not to scale until'))->toBe($isStamped)
            ->and(implode(' ', $text))->toContain('Bracket')->toContain('State');
    })->with([
        'uncorrected' => [[], 180.0, 250.0, true],
        'for a printer that prints small' => [['across' => '178.2', 'up' => '248.5'], 180 * 180 / 178.2, 250 * 250 / 248.5, false],
    ]);

    it('of a printer that fitted the page are refused', function () {
        $id = ($this->part)();
        expect($this->getJson("$this->at/$id/template.pdf?across=120&up=250")->assertStatus(422)->json('message'))->toContain('a tenth off');
        $this->getJson("$this->at/$id/template.pdf?across=178")->assertStatus(422);
    });

    it('on as many sheets as it takes', function () {
        $id = ($this->part)('tube-bend', ['diameter' => '38', 'wall' => '2.5', 'radius' => '114', 'legs' => '260, 900, 260', 'bends' => [['angle' => '90'], ['angle' => '90']]], ['stock' => '']);
        $pdf = tempnam(sys_get_temp_dir(), 'pdf');
        file_put_contents($pdf, $this->get("$this->at/$id/template.pdf")->getContent());
        expect((string) shell_exec('pdfinfo '.escapeshellarg($pdf)))->toMatch('/Pages:\s+8\b/');
        unlink($pdf);
    });

    it('carry a code that says whether the paper is still current', function () {
        $id = ($this->part)();
        $state = $this->get("$this->at/$id")->inertiaProps('parts.parts.0.revision');
        $this->get("$this->at/$id?state=$state")->assertInertia(fn ($page) => $page->where('paper', $state)->where('parts.parts.0.revision', $state));
        $this->putJson("$this->at/$id", ['tool' => 'offset-contour', 'title' => 'Bracket', 'unit' => 'mm', 'values' => [...BRACKET, 'offset' => '10'], 'count' => 1, 'side' => 'either', 'stock' => 'plate 6'])->assertOk();
        $this->get("$this->at/$id?state=$state")->assertInertia(fn ($page) => $page->where('paper', $state)->whereNot('parts.parts.0.revision', $state));
    });
});

describe('an outline out of a file', function () {
    it('becomes the numbers of a plate, with its round holes', function () {
        $id = ($this->part)();
        $file = UploadedFile::fake()->createWithContent('plate.dxf', $this->get("$this->at/$id/0.dxf")->getContent());
        $plate = $this->postJson("$this->at/outline", ['file' => $file])->assertOk()->json();
        expect($plate['values']['contour'])->toHaveCount(10)
            ->and($plate['values']['windows'])->toHaveCount(1)
            ->and($plate['notes'][0])->toContain('no round hole');
        $typed = ['contour' => implode('; ', array_map(fn (array $one): string => implode(', ', $one), $plate['values']['contour'])), 'offset' => '0', 'thickness' => '6'];
        $again = ($this->draw)('offset-contour', $typed)->assertOk()->json('parts.1');
        expect($again['result']['area'])->toEqualWithDelta($this->job->parts()->first()->sheet()->worked($this->job->parts()->first()->given)['area'], 0.01);
    });

    it('that is none is refused in words', function (string $contents, string $says) {
        expect($this->postJson("$this->at/outline", ['file' => UploadedFile::fake()->createWithContent('x.dxf', $contents)])->assertStatus(422)->json('message'))->toContain($says);
    })->with([
        ['nonsense', 'drawn'],
        ["0\nSECTION\n2\nENTITIES\n0\n3DFACE\n0\nENDSEC\n", '3DFACE'],
        [str_repeat("0\nLINE\n", 400_000), 'lines of text'],
    ]);
});

describe('a part', function () {
    it('takes inches, and says what is wrong with what', function () {
        expect(($this->draw)('piece', ['length' => '25 1/4', 'height' => '1 1/2', 'wall' => '3/32'], ['unit' => 'in'])->assertOk()->json('parts.0.lengths.0.length'))->toEqualWithDelta(641.35, 1e-9);
        ($this->draw)('piece', ['length' => 'long', 'height' => '20'])->assertStatus(422)->assertJsonPath('problems.0.path', 'length');
        ($this->draw)('piece', ['length' => '20', 'height' => '20'], ['count' => 0])->assertStatus(422)->assertJsonValidationErrorFor('count');
        ($this->draw)('turning', ['length' => '20'])->assertStatus(422);
        ($this->draw)('offset-contour', ['contour' => '0,0; 100,100; 100,0; 0,100', 'offset' => '0'])->assertStatus(422);
    });

    it('takes its places from the survey, and goes stale when that finds them elsewhere', function () {
        $braces = ['diameter' => '45', 'braces' => [['id' => 'A', 'from' => '0, 0, 0', 'to' => '1000, 0, 900']]];
        $points = $this->get($this->at)->inertiaProps('parts.surveyed');
        $point = collect($points)->firstWhere('isInSpace', true);
        $part = ($this->draw)('braces', $braces, ['points' => ['braces[0].from' => $point['id']], 'used' => 'behind the seats'])->assertOk()->json('parts.0');
        expect($part['values']['braces'][0]['from'])->toEqualWithDelta($point['at'], 1e-6)
            ->and($part['points'])->toBe(['braces[0].from' => $point['id']])
            ->and($part['used'])->toBe('behind the seats')
            ->and($part['stale'])->toBe([])
            ->and($part['lengths'])->toHaveCount(1);
        $kept = $this->job->parts()->first();
        $given = $kept->given;
        $given['braces'][0]['from'][0] += 5.0;
        $kept->update(['given' => $given]);
        $this->get("$this->at/$kept->id")->assertInertia(fn ($page) => $page->where('parts.parts.0.stale', ["point {$point['id']} of the survey"]));
        expect($this->postJson("$this->at/$kept->id/take-over")->assertOk()->json('parts.0.values.braces.0.from'))->toEqualWithDelta($point['at'], 1e-6);
        ($this->draw)('braces', $braces, ['points' => ['braces[0].from' => 'nowhere']])->assertStatus(422);
    });

    it('of one side has that word on it, mirrored or not', function () {
        $id = ($this->part)();
        expect($this->get("$this->at/$id/0.svg")->getContent())->not->toContain('LEFT');
        $image = $this->postJson("$this->at/$id/mirror")->json('parts.1.id');
        expect($this->get("$this->at/$id/0.svg")->getContent())->toContain('>LEFT<')
            ->and($this->get("$this->at/$image/0.svg")->getContent())->toContain('>RIGHT<');
    });

    it('is marked out from two edges, by the marker that the shop has', function () {
        ($this->part)();
        $marking = $this->get($this->at)->inertiaProps('parts.parts.0.marking.0');
        expect($marking['marks'][0]['what'])->toBe('punch 1, ⌀ 18')
            ->and($marking['sigma'])->toEqualWithDelta(1.5 / sqrt(12), 1e-9)
            ->and($marking['half'])->toEqualWithDelta(130.0, 1e-6);
    });

    it('starts with the machine of the shop where it has one', function () {
        expect($this->get($this->at)->inertiaProps('parts.starts'))->toBe([]);
        foreach (['brakeForce' => 600_000, 'brakeLength' => 2000] as $name => $value) {
            $this->job->workshop->values()->create(['name' => $name, 'value' => $value, 'changed_at' => now()]);
        }
        expect($this->get($this->at)->inertiaProps('parts.starts'))->toEqual(['press-brake' => ['machine' => ['force' => 600_000, 'length' => 2000]]]);
    });

    it('that somebody else changed is not written over', function () {
        $id = ($this->part)();
        $read = $this->get("$this->at/$id")->inertiaProps('parts.parts.0.revision');
        $change = fn (string $offset) => $this->withHeader('X-Revision', $read)->putJson("$this->at/$id", ['tool' => 'offset-contour', 'title' => 'Bracket', 'unit' => 'mm', 'values' => [...BRACKET, 'offset' => $offset], 'count' => 1, 'side' => 'either', 'stock' => 'plate 6']);
        $change('9')->assertOk();
        $change('11')->assertStatus(409)->assertJsonPath('code', 'stale');
    });

    it('is looked at by an inspector, not made; and by nobody of another shop', function () {
        $id = ($this->part)();
        $this->actingAs($this->person(Role::Inspector));
        $this->get($this->at)->assertOk();
        $this->get("$this->at/$id/0.dxf")->assertOk();
        ($this->draw)('piece', ['length' => '20', 'height' => '20'])->assertForbidden();
        $this->postJson("$this->at/$id/state", ['state' => 'released'])->assertForbidden();
        $other = App\Models\Workshop::query()->create(['name' => 'Elsewhere'])->users()->create(['name' => 'Other', 'email' => 'other@elsewhere.example', 'password' => 'long-enough-42', 'role' => Role::Owner]);
        $this->actingAs($other);
        foreach (["$this->at", "$this->at/$id", "$this->at/$id/0.dxf", "$this->at/$id/template.pdf", "$this->at/cut-list", "$this->at/nest", "$this->at/photo"] as $address) {
            $this->get($address)->assertForbidden();
        }
        $this->deleteJson("$this->at/$id")->assertForbidden();
    });

    it('of another job is not found under this one', function () {
        $id = ($this->part)();
        $other = $this->demoJob($this->user);
        $this->get("/jobs/$other->id/parts/$id")->assertNotFound();
        $this->get("/jobs/$other->id/parts/$id/0.svg")->assertNotFound();
        $this->get("/jobs/$other->id/parts/$id/template.pdf")->assertNotFound();
    });

    it('goes with the job file and comes back the same, mirror image and all', function () {
        ($this->stretch)('640');
        $this->postJson("$this->at/take", ['key' => ''])->assertOk();
        $id = ($this->part)('cope', BRACE, ['stock' => 'tube']);
        $this->postJson("$this->at/$id/mirror")->assertOk();
        $this->postJson("$this->at/$id/state", ['state' => 'first article', 'note' => 'deeper by 1'])->assertOk();
        $file = JobDocument::forExport($this->job->fresh());
        $this->post('/jobs/from-file', ['file' => UploadedFile::fake()->createWithContent('job.json', json_encode($file))])->assertRedirect();
        $again = Job::query()->latest('id')->firstOrFail();
        expect(JobDocument::forExport($again)['parts'])->toEqual($file['parts'])
            ->and($again->parts()->whereNotNull('mirrors')->first()->mirrored->title)->toBe('Bracket')
            ->and($again->parts()->where('tool', 'cope')->first()->state)->toBe(PartState::FirstArticle);
    });

    it('of a spoilt file is kept where it can be, and says what is wrong with it', function () {
        $file = JobDocument::forExport($this->job);
        $file['parts'] = [['tool' => 'offset-contour', 'title' => 'Crossed', 'given' => ['contour' => [[0, 0], [9, 9], [9, 0], [0, 9]], 'offset' => 0]], ['tool' => 'wings', 'title' => 'None', 'given' => ['a' => 1]], ['tool' => 'piece', 'title' => 'Image of nothing', 'given' => ['length' => 1, 'height' => 2], 'mirrors' => 7]];
        $this->post('/jobs/from-file', ['file' => UploadedFile::fake()->createWithContent('job.json', json_encode($file))])->assertRedirect();
        $again = Job::query()->latest('id')->firstOrFail();
        $this->get("/jobs/$again->id/parts")->assertOk()->assertInertia(fn ($page) => $page->has('parts.parts', 1)->where('parts.parts.0.trouble', fn (string $says): bool => str_contains($says, 'crosses')));
        $this->get("/jobs/$again->id/parts/cut-list")->assertOk();
        $this->get("/jobs/$again->id/parts/nest")->assertOk();
    });
});

it('counts among the stages, and says what is left to make', function () {
    ($this->part)();
    ($this->part)('piece', ['length' => '100', 'height' => '20']);
    $stage = collect($this->get($this->at)->inertiaProps('job.stages'))->firstWhere('key', 'parts');
    expect($stage['label'])->toBe('Parts')->and($stage['state'])->toBe('open');
    $this->job->parts()->update(['state' => 'cut']);
    expect(collect($this->get($this->at)->inertiaProps('job.stages'))->firstWhere('key', 'parts')['state'])->toBe('done');
});
