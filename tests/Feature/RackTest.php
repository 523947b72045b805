<?php

declare(strict_types=1);

use App\Models\Role;
use Illuminate\Http\UploadedFile;

beforeEach(function () {
    $this->actingAs($this->user = $this->person());
    $this->job = $this->demoJob($this->user);
    $this->at = "/jobs/{$this->job->id}/parts";
    $this->rack = fn (string $stock, string $length, ?string $width = null, ?int $count = null) => $this->postJson("$this->at/stock", ['unit' => 'mm', 'stock' => $stock, 'length' => $length, 'width' => $width, 'count' => $count]);
    $this->piece = fn (string $length, int $count, string $stock = 'tube') => $this->postJson($this->at, ['tool' => 'piece', 'title' => "Piece $length", 'unit' => 'mm', 'values' => ['length' => $length, 'height' => '38', 'wall' => '2.5'], 'count' => $count, 'side' => 'either', 'stock' => $stock])->assertOk();
    $this->plate = fn (int $count, string $contour = '0, 0; 300, 0; 300, 220; 0, 220') => $this->postJson($this->at, ['tool' => 'offset-contour', 'title' => 'Plate', 'unit' => 'mm', 'values' => ['contour' => $contour, 'offset' => '0', 'thickness' => '5'], 'count' => $count, 'side' => 'either', 'stock' => 'plate 5'])->assertOk();
    $this->tried = fn () => $this->job->parts()->update(['state' => 'first article']);
});

describe('a cut list', function () {
    it('is laid out over what is on the rack, and proven where it is the best there is', function () {
        foreach ([['1480', 4], ['890', 6], ['610', 5], ['340', 8]] as [$length, $count]) {
            ($this->piece)($length, $count);
        }
        ($this->tried)();
        ($this->rack)('tube', '6000')->assertOk();
        $list = $this->postJson("$this->at/cut-list/try", ['unit' => 'mm', 'kerf' => '3', 'trim' => '10'])->assertOk()->json('lists.0');
        expect($list['bars'])->toHaveCount(3)
            ->and($list['isProven'])->toBeTrue()
            ->and($list['bars'][0]['pieces'][0]['at'])->toEqual(10)
            ->and($list['bars'][0]['pieces'][0]['cut'])->toEqual(10 + $list['bars'][0]['pieces'][0]['length'] + 1.5);
    });

    it('cuts one of a batch until it was tried, and says what waits', function () {
        ($this->piece)('500', 4);
        ($this->rack)('tube', '6000')->assertOk();
        $list = $this->postJson("$this->at/cut-list/try", ['unit' => 'mm'])->json('lists.0');
        expect($list['parts'][0]['now'])->toBe(1)
            ->and($list['parts'][0]['all'])->toBe(4)
            ->and($list['bars'][0]['pieces'])->toHaveCount(1);
    });

    it('takes an off-cut first, gives what is left back, and marks what was released as cut', function () {
        ($this->piece)('900', 1);
        $this->job->parts()->update(['state' => 'released']);
        ($this->rack)('tube', '6000', null, 2)->assertOk();
        $this->job->workshop->stock()->create(['stock' => 'tube', 'length' => 1200, 'count' => 1, 'is_remnant' => true]);
        $saw = $this->postJson("$this->at/cut-list", ['unit' => 'mm', 'kerf' => '3', 'trim' => '10', 'stock' => 'tube'])->assertOk()->json();
        expect($this->job->parts()->first()->state->value)->toBe('cut')->and($saw['lists'])->toBe([['stock' => 'tube', 'parts' => [['part' => $this->job->parts()->first()->id, 'title' => 'Piece 900', 'length' => 900, 'now' => 0, 'all' => 1]], 'bars' => [], 'isProven' => false, 'trouble' => null, 'remarks' => []]])
            ->and(collect($saw['rack'])->map(fn (array $one): array => [$one['length'], $one['count'], $one['isRemnant']])->all())->toBe([[6000, 2, false], [287, 1, true]]);
    });

    it('says what is missing: a bar of that stock, or one that is long enough', function () {
        ($this->piece)('500', 1);
        expect($this->postJson("$this->at/cut-list/try", ['unit' => 'mm'])->json('lists.0.trouble'))->toContain('on the rack');
        ($this->rack)('tube', '400')->assertOk();
        expect($this->postJson("$this->at/cut-list/try", ['unit' => 'mm'])->json('lists.0.trouble'))->not->toBeNull();
        $this->postJson("$this->at/cut-list", ['unit' => 'mm', 'stock' => 'tube'])->assertStatus(422);
    });

    it('remarks that a part and its mirror image are clamped together', function () {
        ($this->piece)('500', 1);
        $this->postJson("$this->at/{$this->job->parts()->first()->id}/mirror")->assertOk();
        ($this->tried)();
        ($this->rack)('tube', '6000')->assertOk();
        expect($this->postJson("$this->at/cut-list/try", ['unit' => 'mm'])->json('lists.0.remarks'))->toBe(['Clamp Piece 500 and its mirror image together and saw both as one.']);
    });

    it('is a table of pieces in the order at the saw, with nothing in it that a spreadsheet would run', function () {
        $this->postJson($this->at, ['tool' => 'piece', 'title' => '=1+1', 'unit' => 'mm', 'values' => ['length' => '500', 'height' => '38'], 'count' => 1, 'side' => 'either', 'stock' => 'tube'])->assertOk();
        ($this->rack)('tube', '6000')->assertOk();
        $csv = $this->get("$this->at/cut-list.csv?kerf=3&trim=10&unit=mm")->assertOk()->getContent();
        expect($csv)->toContain('stock,bar,bar_length,piece,part,length,mark_after,offcut')->toContain("'=1+1")->toContain('510');
    });

    it('of a thousand parts is there in two seconds, and not called proven', function () {
        for ($i = 0; $i < 40; $i++) {
            $this->job->parts()->create(['tool' => 'piece', 'title' => "P$i", 'given' => ['length' => 300 + 17 * $i, 'height' => 38], 'count' => 25, 'side' => 'either', 'material' => '', 'used' => '', 'stock' => 'tube', 'state' => 'first article']);
        }
        ($this->rack)('tube', '6000')->assertOk();
        $before = microtime(true);
        $list = $this->postJson("$this->at/cut-list/try", ['unit' => 'mm'])->assertOk()->json('lists.0');
        expect(array_sum(array_map(fn (array $bar): int => count($bar['pieces']), $list['bars'])))->toBe(1000)
            ->and(microtime(true) - $before)->toBeLessThan(6.0);
    });
});

describe('the rack', function () {
    it('is the shop’s, entered in either unit, changed and taken off', function () {
        $rack = $this->postJson("$this->at/stock", ['unit' => 'in', 'stock' => 'bar', 'length' => "20'", 'count' => 3])->assertOk()->json();
        expect($rack[0]['length'])->toEqualWithDelta(6096, 1e-6)
            ->and($rack[0]['width'])->toBeNull();
        expect($this->putJson("$this->at/stock/{$rack[0]['id']}", ['unit' => 'mm', 'stock' => 'bar', 'length' => '5000', 'count' => 1])->assertOk()->json('0.count'))->toBe(1)
            ->and($this->deleteJson("$this->at/stock/{$rack[0]['id']}")->assertOk()->json())->toBe([]);
    });

    it('refuses nonsense at its field', function (array $typed, string $field) {
        $this->postJson("$this->at/stock", ['unit' => 'mm', 'stock' => 'bar', 'length' => '6000', ...$typed])->assertStatus(422)->assertJsonValidationErrorFor($field);
    })->with([
        [['stock' => ''], 'stock'],
        [['length' => 'long'], 'length'],
        [['length' => '0.1'], 'length'],
        [['width' => '1e9'], 'width'],
        [['count' => -1], 'count'],
    ]);

    it('is not changed by an inspector, nor by another shop', function () {
        $id = ($this->rack)('tube', '6000')->json('0.id');
        $this->actingAs($this->person(Role::Inspector));
        ($this->rack)('tube', '6000')->assertForbidden();
        $this->deleteJson("$this->at/stock/$id")->assertForbidden();
    });
});

describe('plates on sheets', function () {
    beforeEach(fn () => ($this->rack)('plate 5', '1000', '500')->assertOk());

    it('lie apart and off the border, all of them', function () {
        ($this->plate)(6);
        ($this->tried)();
        $this->get("$this->at/nest")->assertOk()->assertInertia(fn ($page) => $page->has('nests', 1)->has('nests.0.sheets', 1)->has('nests.0.sheets.0.pieces', 6)->where('nests.0.sheets.0.pieces', fn ($pieces): bool => collect($pieces)->every(fn (array $one): bool => $one['fault'] === null)));
    });

    it('are laid by hand, and what they run into is said, not forbidden', function () {
        ($this->plate)(2);
        ($this->tried)();
        $nest = $this->get("$this->at/nest")->inertiaProps('nests.0.sheets.0');
        [$one, $other] = $nest['pieces'];
        $laid = fn (array $at, float $turn = 0) => $this->putJson("$this->at/nest", ['key' => $one['key'], 'sheet' => $nest['sheet'], 'sheetNumber' => 1, 'at' => $at, 'rotation' => $turn])->assertOk()->json('0.sheets.0.pieces');
        $onTop = collect($laid($other['at']));
        expect($onTop->firstWhere('key', $one['key'])['fault'])->toBe('too near to another')
            ->and($onTop->firstWhere('key', $other['key'])['fault'])->toBe('too near to another')
            ->and($onTop->firstWhere('key', $one['key'])['isByHand'])->toBeTrue();
        $this->getJson("$this->at/nest/{$nest['sheet']}/1.dxf")->assertStatus(422);
        expect(collect($laid([-50, 0]))->firstWhere('key', $one['key'])['fault'])->toBe('over the border');
        $free = $laid([650, 20]);
        expect(collect($free)->firstWhere('key', $one['key'])['fault'])->toBeNull();
        expect($this->get("$this->at/nest/{$nest['sheet']}/1.dxf")->assertOk()->getContent())->toContain('LWPOLYLINE');
        expect(collect($this->deleteJson("$this->at/nest")->assertOk()->json('0.sheets.0.pieces'))->contains('isByHand', true))->toBeFalse();
    });

    it('do not go with a sheet that is taken off the rack', function () {
        ($this->plate)(1);
        ($this->tried)();
        $sheet = $this->get("$this->at/nest")->inertiaProps('nests.0.sheets.0');
        $this->putJson("$this->at/nest", ['key' => $sheet['pieces'][0]['key'], 'sheet' => $sheet['sheet'], 'sheetNumber' => 1, 'at' => [200, 200], 'rotation' => 0])->assertOk();
        ($this->rack)('plate 5', '900', '450')->assertOk();
        expect($this->deleteJson("$this->at/stock/{$sheet['sheet']}")->assertOk()->json())->toHaveCount(1)
            ->and($this->get("$this->at/nest")->inertiaProps('nests.0.sheets.0.pieces'))->toHaveCount(1);
    });

    it('that were cut take their sheet off the rack, and give the strip above them back', function () {
        ($this->plate)(1);
        $this->job->parts()->update(['state' => 'released']);
        $this->job->workshop->stock()->update(['count' => 1]);
        $sheet = $this->get("$this->at/nest")->inertiaProps('nests.0.sheets.0.sheet');
        expect($this->postJson("$this->at/nest/$sheet/1")->assertOk()->json())->toBe([])
            ->and($this->job->parts()->first()->state->value)->toBe('cut');
        expect($this->job->workshop->stock()->get()->map(fn ($one): array => [$one->length, $one->width, $one->count, $one->is_remnant])->all())->toEqual([[1000.0, 500.0, 0, false], [1000.0, 500.0 - 10 - 220 - 10, 1, true]]);
        $this->postJson("$this->at/nest/$sheet/1")->assertNotFound();
    });

    it('that find no room are named', function () {
        $this->job->workshop->stock()->update(['count' => 1]);
        ($this->plate)(9);
        ($this->tried)();
        $this->get("$this->at/nest")->assertInertia(fn ($page) => $page->where('nests.0.unplaced', fn ($left): bool => count($left) === 3));
    });

    it('refuse a place that is none', function (array $typed) {
        ($this->plate)(1);
        $this->putJson("$this->at/nest", ['key' => '1-1', 'sheet' => '1', 'sheetNumber' => 1, 'at' => [0, 0], 'rotation' => 0, ...$typed])->assertStatus(422);
    })->with([
        [['key' => '../x']],
        [['at' => [0]]],
        [['at' => ['x', 0]]],
        [['rotation' => 9999]],
        [['sheetNumber' => 0]],
    ]);
});

describe('a photograph', function () {
    $picture = function (int $wide = 800, int $high = 600): string {
        $image = imagecreatetruecolor($wide, $high);
        imagefilledrectangle($image, 50, 50, $wide - 50, $high - 50, imagecolorallocate($image, 200, 190, 170) ?: 0);
        ob_start();
        imagejpeg($image);

        return (string) ob_get_clean();
    };

    it('is made anew, without what a camera wrote into it', function () use ($picture) {
        // An EXIF block with a made-up place, put in after the start of the picture.
        $exif = "Exif\0\0II*\0secret-place-52.123N";
        $file = "\xFF\xD8\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($picture(), 2);
        $kept = $this->post("$this->at/photo", ['file' => UploadedFile::fake()->createWithContent('face.jpg', $file)], ['Accept' => 'application/json'])->assertOk()->json('0');
        expect($kept['width'])->toBe(800)->and($kept['name'])->toBe('face');
        $served = $this->get($kept['source'])->assertOk()->assertHeader('Content-Type', 'image/jpeg')->getContent();
        expect($served)->not->toContain('secret-place')->not->toContain('Exif')
            ->and(getimagesizefromstring($served)[0])->toBe(800);
    });

    it('is made smaller where it is larger than needed', function () use ($picture) {
        expect($this->post("$this->at/photo", ['file' => UploadedFile::fake()->createWithContent('big.jpg', $picture(4000, 1000))], ['Accept' => 'application/json'])->assertOk()->json('0.width'))->toBe(2400);
    });

    it('that is none is refused in words', function (string $contents, string $says) {
        expect($this->post("$this->at/photo", ['file' => UploadedFile::fake()->createWithContent('x.jpg', $contents)], ['Accept' => 'application/json'])->assertStatus(422)->json('message'))->toContain($says);
    })->with([
        'text' => ['<?php echo 1;', 'no picture'], 'a drawing' => ['<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>', 'no picture'], 'cut off' => fn (): array => [substr($picture(), 0, 700), 'spoilt'], 'tiny' => fn (): array => [$picture(20, 20), '20 by 20'],
        'forty megabytes' => fn (): array => [str_repeat('x', 40_000_000), '16 MB'],
        // A header that promises 50 000 by 50 000 pixels and would take 10 GB to open.
        'a bomb' => fn (): array => ["\x89PNG\r\n\x1a\n\0\0\0\rIHDR".pack('NN', 50_000, 50_000)."\x08\x02\0\0\0".pack('N', 0), '60 million'],
    ]);

    it('gives a contour that is kept as a part, and none while its check length does not agree', function () {
        $control = fn (array $more = []): array => ['control' => [['pixel' => '100 500', 'at' => '0, 0'], ['pixel' => '700 500', 'at' => '300, 0'], ['pixel' => '700 100', 'at' => '300, 200'], ['pixel' => '100 100', 'at' => '0, 200']], 'contour' => "200, 400\n600, 400\n600, 200\n200, 200", ...$more];
        $keep = fn (array $values) => $this->postJson($this->at, ['tool' => 'photo-contour', 'title' => 'From a picture', 'unit' => 'mm', 'values' => $values, 'count' => 1, 'side' => 'either', 'stock' => ''])->assertOk()->json('parts');
        $part = $keep($control(['check' => ['from' => '200 400', 'to' => '600 400', 'length' => '200']]))[0];
        expect($part['result']['area'])->toEqualWithDelta(200 * 100, 1e-3)
            ->and($part['result']['check']['agrees'])->toBeTrue()
            ->and($part['drawings'][0]['width'])->toEqualWithDelta(200, 1e-6);
        expect($keep($control(['check' => ['from' => '200 400', 'to' => '600 400', 'length' => '230']]))[1]['drawings'])->toBe([]);
    });

    it('is seen by nobody who may not see the job', function () use ($picture) {
        $source = $this->post("$this->at/photo", ['file' => UploadedFile::fake()->createWithContent('face.jpg', $picture())], ['Accept' => 'application/json'])->json('0.source');
        $other = App\Models\Workshop::query()->create(['name' => 'Elsewhere'])->users()->create(['name' => 'Other', 'email' => 'other@elsewhere.example', 'password' => 'long-enough-42', 'role' => Role::Owner]);
        $this->actingAs($other)->get($source)->assertForbidden();
    });
});

describe('a quick tool that draws', function () {
    it('gives its drawing and its files without a job', function (string $kind, string $says) {
        $values = ['branch' => ['diameter' => '38', 'wall' => '2.5'], 'header' => ['diameter' => '45'], 'angle' => '60'];
        expect($this->postJson('/tools/cope/drawings', ['unit' => 'mm', 'values' => $values])->assertOk()->json('0.width'))->toEqualWithDelta(M_PI * 38.1 + 10, 1e-6);
        expect($this->postJson("/tools/cope/0.$kind", ['unit' => 'mm', 'values' => $values])->assertOk()->getContent())->toContain($says);
    })->with([['dxf', 'AC1015'], ['svg', '<svg'], ['pdf', '%PDF']]);

    it('draws nothing for one that has nothing to cut, and refuses what does not work out', function () {
        $this->postJson('/tools/torque/drawings', ['unit' => 'mm', 'values' => []])->assertNotFound();
        $this->postJson('/tools/cope/0.dxf', ['unit' => 'mm', 'values' => ['angle' => '5']])->assertStatus(422);
        $this->postJson('/tools/cope/0.exe', ['unit' => 'mm', 'values' => []])->assertNotFound();
    });
});
