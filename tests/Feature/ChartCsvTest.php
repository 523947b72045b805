<?php

declare(strict_types=1);

use App\Import\ChartCsv;
use Geodex\Core\JobFile\InvalidFile;

const COLUMNS = 'id,name,side,mate,x,y,z,tolerance,base';

/** @return array<string, mixed> */
function chartOf(string $csv, string $units = 'mm'): array
{
    return app(ChartCsv::class)->read($csv, 'Chart', 'Oakmere C45', $units);
}

/** @return list<string> */
function faultsOf(string $csv): array
{
    try {
        chartOf($csv);
    } catch (InvalidFile $invalid) {
        return array_map(strval(...), $invalid->problems());
    }

    return [];
}

describe('a chart from a spreadsheet', function () {
    it('is read however it was saved', function (string $csv) {
        $points = chartOf($csv)['points'];
        expect($points)->toHaveCount(2)
            ->and($points[0])->toMatchArray(['id' => 'AL', 'name' => 'Horn, left', 'side' => 'left', 'mate' => 'AR', 'reference' => ['0', '-400', '500'], 'base' => true])
            ->and($points[1])->toMatchArray(['id' => 'AR', 'side' => 'right', 'base' => false]);
    })->with([
        'commas' => [COLUMNS."\nAL,\"Horn, left\",left,AR,0,-400,500,3,yes\nAR,,right,AL,0,400,500,3,no\n"],
        'semicolons' => [str_replace(',', ';', COLUMNS)."\nAL;Horn, left;left;AR;0;-400;500;3;yes\nAR;;right;AL;0;400;500;3;no\n"],
        'tabs' => [str_replace(',', "\t", COLUMNS)."\nAL\tHorn, left\tleft\tAR\t0\t-400\t500\t3\tyes\nAR\t\tright\tAL\t0\t400\t500\t3\tno\n"],
        'byte-order mark' => ["\u{feff}".COLUMNS."\nAL,\"Horn, left\",left,AR,0,-400,500,3,yes\nAR,,right,AL,0,400,500,3,no\n"],
        'other line ends' => [COLUMNS."\r\nAL,\"Horn, left\",left,AR,0,-400,500,3,yes\r\nAR,,right,AL,0,400,500,3,no\r\n"],
        'no last line end' => [COLUMNS."\nAL,\"Horn, left\",left,AR,0,-400,500,3,yes\nAR,,right,AL,0,400,500,3,no"],
        'capital header' => [strtoupper(COLUMNS)."\nAL,\"Horn, left\",left,AR,0,-400,500,3,yes\nAR,,right,AL,0,400,500,3,no\n"],
        'columns in another order' => ["base,z,y,x,mate,side,name,id\nyes,500,-400,0,AR,left,\"Horn, left\",AL\nno,500,400,0,AL,right,,AR\n"],
    ]);

    it('takes the words that people use for sides', function (string $word, string $side) {
        expect(chartOf("id,side,x,y,z\nA,$word,1,2,3\n")['points'][0]['side'])->toBe($side);
    })->with([
        ['left', 'left'], ['L', 'left'], ['Right', 'right'], ['r', 'right'],
        ['centre', 'centre'], ['center', 'centre'], ['C', 'centre'], ['', 'centre'],
    ]);

    it('takes the words that people use for yes and no', function (string $word, bool $base) {
        expect(chartOf("id,x,y,z,base\nA,1,2,3,$word\n")['points'][0]['base'])->toBe($base);
    })->with([
        ['yes', true], ['Y', true], ['1', true], ['x', true], ['TRUE', true],
        ['no', false], ['0', false], ['', false], ['false', false],
    ]);

    it('takes lengths with their units, and fractions in an inch chart', function () {
        $points = chartOf("id,x,y,z\nA,12 3/4,-41.2 cm,1.35 m\n", 'in')['points'];
        expect($points[0]['reference'])->toBe(['12 3/4', '-41.2 cm', '1.35 m']);
    });

    it('may leave a point without a position', function () {
        expect(chartOf("id,x,y,z\nA,1,2,3\nB,,,\n")['points'][1])->not->toHaveKey('reference');
    });

    it('carries the vehicle', function () {
        expect(chartOf("id,x,y,z\nA,1,2,3\n"))->toMatchArray(['vehicle' => 'Oakmere C45', 'units' => 'mm', 'title' => 'Chart']);
    });
});

describe('a faulty chart', function () {
    it('has its rows and columns named', function (string $csv, array $says) {
        $faults = implode("\n", faultsOf($csv));
        foreach ($says as $one) {
            expect($faults)->toContain($one);
        }
    })->with([
        'decimal comma' => ["id,x,y,z\nA,\"12,5\",2,3\n", ['row 2, x: “12,5” is not a length: a comma may mean']],
        'half a position' => ["id,x,y,z\nA,1,,3\n", ['row 2, y: “” is not a length: nothing was typed']],
        'no id' => ["id,x,y,z\n,1,2,3\n", ['row 2, id: is ""; expected letters, digits']],
        'an id with a blank' => ["id,x,y,z\nA L,1,2,3\n", ['row 2, id: is "A L"']],
        'twice' => ["id,x,y,z\nA,1,2,3\nA,1,2,3\n", ['row 3, id: “A” is used twice']],
        'mate that is not there' => ["id,mate,x,y,z\nA,B,1,2,3\n", ['row 2, mate: “B” is no other point']],
        'its own mate' => ["id,mate,x,y,z\nA,A,1,2,3\n", ['row 2, mate: “A” is no other point']],
        'side' => ["id,side,x,y,z\nA,up,1,2,3\n", ['row 2, side: “up” is no side; use left, right or centre']],
        'base' => ["id,x,y,z,base\nA,1,2,3,maybe\n", ['row 2, base: “maybe” is neither yes nor no']],
        'tolerance' => ["id,x,y,z,tolerance\nA,1,2,3,wide\n", ['row 2, tolerance: “wide” is not a length']],
        'several rows at once' => ["id,side,x,y,z\nA,up,1,2,3\nB,left,x,2,3\nC,left,1,2,1/0\n", ['row 2, side', 'row 3, x', 'row 4, z']],
        'no header' => ["A,1,2,3\nB,1,2,3\n", ['row 1: the first row must name the columns', 'Missing: id, x, y, z']],
        'a column too many' => ["id,x,y,z,colour\nA,1,2,3,red\n", ['Unknown: colour']],
        'empty' => ["\n\n", ['not a text file in UTF-8']],
        'bytes' => ["\x00\x01\x02", ['not a text file in UTF-8']],
        'another encoding' => ["id,name,x,y,z\nA,T\xfcr,1,2,3\n", ['not a text file in UTF-8']],
    ]);
});
