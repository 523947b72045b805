<?php

declare(strict_types=1);

use App\Documents\JobDocument;
use App\Import\ReadingsCsv;
use App\Models\Reading;
use Geodex\Core\JobFile\InvalidFile;
use Geodex\Core\JobFile\JobReader;
use Geodex\Core\Survey\Call\CalledReading;

/** A reading of a table in the words in which it would be called. */
function calledBack(CalledReading $called): string
{
    $pointers = $called->pointers === null ? null : '@'.implode(',', $called->pointers);

    return implode(' ', array_filter([$called->kind::letter(), ...array_map(fn (string $id): string => str_replace('-', '', $id), $called->kind->points()), $called->typed, $pointers, $called->edge?->value]));
}

beforeEach(function () {
    $this->user = $this->person();
    $this->actingAs($this->user);
    $this->job = $this->demoJob($this->user);
    $frame = app(JobReader::class)->fromDocument(JobDocument::forCore($this->job))->frame;
    $this->calls = fn (array $rows): array => array_map(calledBack(...), array_column($rows, 'called'));
    $this->read = fn (string $csv, string $unit = 'mm'): array => app(ReadingsCsv::class)->read($csv, $frame, $unit);
});

it('reads every kind, with what belongs to it', function () {
    $rows = ($this->read)("kind,from,to,value,unit,edge,pointer-from,pointer-to\ntram,AL,BR,1204,mm,,100,250\nheight,AL,,548,,,,\noffset,AL,,-430,,,,\nslope,AL,AR,0.2,,,,\ntram,CL,CR,32 1/2,in,near,,\nrise,AL,AR,-1.5,,,,");
    expect(($this->calls)($rows))->toBe(['t AL BR 1204 @100,250', 'h AL 548', 'o AL -430', 'l AL AR 0.2', 't CL CR 32 1/2 near', 'r AL AR -1.5'])
        ->and(array_column($rows, 'unit'))->toBe(['mm', 'mm', 'mm', 'mm', 'in', 'mm']);
});

it('takes a row without a kind for a tram, and a bare number in the job\'s unit', function () {
    [$row] = ($this->read)("from,to,value\nAL,AR,33 27/32", 'in');
    expect(($this->calls)([$row]))->toBe(['t AL AR 33 27/32'])->and($row['unit'])->toBe('in');
});

it('gives a row without an id the same one each time, and keeps one that is there', function () {
    $csv = "id,from,to,value\nmine-1,AL,AR,860\n,AL,BR,930";
    [$a, $b] = ($this->read)($csv);
    expect($a['id'])->toBe('mine-1')
        ->and($b['id'])->toStartWith('csv-')
        ->and(($this->read)($csv)[1]['id'])->toBe($b['id']);
});

it('reads commas, semicolons and tabs, with a byte-order mark and Windows lines', function (string $csv) {
    expect(($this->calls)(($this->read)($csv)))->toBe(['t AL AR 860.5']);
})->with([
    ["from,to,value\nAL,AR,860.5\n"],
    ["\u{feff}from;to;value\r\nAL;AR;860.5\r\n"],
    ["from\tto\tvalue\nAL\tAR\t860.5"],
    ["From,TO,Value\nAL,AR,860.5"],
]);

it('names what is wrong with its row', function (string $csv, string $says) {
    expect(fn () => ($this->read)($csv))->toThrow(InvalidFile::class, $says);
})->with([
    'unknown point' => ["from,to,value\nAL,ZZ,860", 'row 2: There is no point “ZZ”'],
    'unknown kind' => ["kind,from,to,value\nguess,AL,AR,860", 'row 2: There is no reading of kind “guess”'],
    'no value' => ["from,to,value\nAL,AR,", 'row 2: The value is missing'],
    'no length' => ["from,to,value\nAL,AR,long", 'row 2: “long” is not a length'],
    'an edge where none can be' => ["kind,from,to,value,edge\nheight,AL,,548,near", 'row 2: A height is not taken edge to edge'],
    'unknown column' => ["from,to,value,colour\nAL,AR,860,red", 'Unknown: colour'],
    'missing column' => ["from,to\nAL,AR", 'Missing: value'],
    'nothing' => ['', 'not a text file in UTF-8'],
    'no text' => ["from,to,value\nAL,AR,\xff\xfe", 'not a text file in UTF-8'],
]);

it('keeps spreadsheets from computing a cell, and takes that back when it comes in', function () {
    $csv = app(ReadingsCsv::class)->write($this->surveyOf($this->job));
    expect($csv)->toContain("'-430")
        ->and(($this->calls)(($this->read)($csv)))->toContain('o AL -430');
});

it('says in the table what was struck and what was taken again', function () {
    $this->postJson("/jobs/{$this->job->id}/surveys/before/readings/r58/strike", ['reason' => 'Wrong hole']);
    $this->postJson("/jobs/{$this->job->id}/surveys/before/readings", ['id' => 'c-1', 'call' => 'EL FR 958.5', 'unit' => 'mm', 'supersedes' => 'r37']);
    $rows = collect(explode("\n", app(ReadingsCsv::class)->write($this->surveyOf($this->job)->refresh())));
    expect($rows->first(fn (string $row): bool => str_starts_with($row, 'r58,')))->toContain('"Wrong hole"')
        ->and($rows->first(fn (string $row): bool => str_starts_with($row, 'r37,')))->toContain('superseded');
});

it('goes out as columns alone where nothing is read yet', function () {
    $this->post("/jobs/{$this->job->id}/surveys", ['code' => 'empty', 'stage' => 'tack']);
    expect((string) $this->get("/jobs/{$this->job->id}/surveys/empty/readings.csv")->assertOk()->getContent())->toBe(implode(',', ReadingsCsv::COLUMNS)."\n");
});

it('is taken in as one: a bad row at the end keeps the good ones before it out', function () {
    $before = Reading::count();
    $file = Illuminate\Http\UploadedFile::fake()->createWithContent('r.csv', "from,to,value\nJL,JR,830\nJL,ZZ,1");
    $this->post("/jobs/{$this->job->id}/surveys/before/readings.csv", ['file' => $file])->assertSessionHasErrors('problem.0');
    expect(Reading::count())->toBe($before);
});
