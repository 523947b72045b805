<?php

declare(strict_types=1);

use Geodex\Core\Units\InvalidQuantity;
use Geodex\Core\Units\Length;
use Geodex\Core\Units\LengthFormatter;
use Geodex\Core\Units\LengthParser;
use Geodex\Core\Units\LengthUnit;
use Geodex\Core\Units\UnreadableLength;

describe('a length as typed', function () {
    it('reads every form a technician writes', function (string $typed, string $mm) {
        expect((string) (new LengthParser)->parse($typed, LengthUnit::Millimetre)->toScale(6))->toBe($mm);
    })->with([
        'millimetres' => ['324 mm', '324.000000'],
        'bare number in the job unit' => ['212.5', '212.500000'],
        'leading point' => ['.5', '0.500000'],
        'mixed inches' => ['12 3/4 in', '323.850000'],
        'dashed inches are a sum' => ['12-3/4"', '323.850000'],
        'feet and inches' => ["10' 1\"", '3073.400000'],
        'feet and mixed inches' => ['5ft 2 1/2in', '1587.500000'],
        'feet, dash, inches' => ["5'-2 1/2\"", '1587.500000'],
        'feet alone' => ['4.5 ft', '1371.600000'],
        'decimal inches' => ['12.75in', '323.850000'],
        'centimetres' => ['41.2 cm', '412.000000'],
        'metres' => ['1.35 m', '1350.000000'],
        'a 64th is exact' => ['1/64 in', '0.396875'],
        'not in lowest terms' => ['59 10/32 in', '1506.537500'],
        'improper alone' => ['5/4 in', '31.750000'],
        'negative' => ['-404', '-404.000000'],
        'negative mixed counts as a whole' => ['-14 5/32 in', '-359.568750'],
        'true minus sign' => ['−3 mm', '-3.000000'],
        'plus sign' => ['+3', '3.000000'],
        'phone quotes' => ['12 3/4”', '323.850000'],
        'fraction character' => ['12½ in', '317.500000'],
        'capital unit' => ['12 IN', '304.800000'],
        'unit with a full stop' => ['12 in.', '304.800000'],
        'feet and inches with full stops' => ['1 ft. 2 in.', '355.600000'],
        'millimetres in full' => ['12 millimetres', '12.000000'],
        'number with a full stop' => ['12.', '12.000000'],
        'feet, inches and fraction by dashes' => ['6-2-1/4', '1885.950000'],
        'thin spaces' => ["12\u{2009}3/4\u{202f}in", '323.850000'],
        'and between inches and fraction' => ['12 and 3/4 in', '323.850000'],
        'inches and a fraction' => ['12 inches and 3/4', '323.850000'],
        'fraction without a unit' => ['16 3/8', '415.925000'],
        'strong' => ['62 7/16 in strong', '1586.706250'],
        'light millimetre' => ['1204 light', '1203.500000'],
        'spaces around' => ['  62   7/16   in ', '1585.912500'],
    ]);

    it('refuses what could mean two things, and says why', function (string $typed, string $reason) {
        expect(fn () => Length::parse($typed, LengthUnit::Inch))->toThrow(UnreadableLength::class, $reason);
    })->with([
        'decimal comma' => ['12,5', 'a comma may mean'],
        'thousands comma' => ['1,204 mm', 'a comma may mean'],
        'division by zero' => ['1/0', 'a tape is divided'],
        'thirds' => ['1/3', 'a tape is divided'],
        'huge denominator' => ['1/99999999999999999999', 'a tape is divided'],
        'leading zeros after feet' => ["1'004", 'a leading zero after feet'],
        'leading zero of feet' => ["01' 4\"", 'a leading zero after feet'],
        'two parts by a dash' => ['6-2', 'expected a number'],
        'three parts with too many inches' => ['6-14-1/4', 'less than 12'],
        'strong of nothing' => ['strong', 'no unit known'],
        'two numbers' => ['12 3/4 3', 'more numbers than one'],
        'two whole numbers' => ['12 34', 'more numbers than one'],
        'decimal and fraction' => ['12.5 3/4', 'a decimal and a fraction'],
        'fraction over one' => ['12 5/4', 'carry it into the whole'],
        'too many inches after feet' => ["5' 14\"", 'less than 12'],
        'broken feet before inches' => ['5.5ft 2in', 'whole feet'],
        'feet before millimetres' => ['5ft 2mm', 'only be followed by inches'],
        'nothing' => ['   ', 'nothing was typed'],
        'unit alone' => ['mm', 'a unit but no number'],
        'unknown unit' => ['12 furlongs', 'no unit known'],
        'two units' => ['12 mm in', 'one number and at most one unit'],
        'word' => ['twelve', 'no unit known'],
        'exponent' => ['1e3', 'one number and at most one unit'],
        'two signs' => ['--3', 'expected a number'],
        'script' => ['<script>', 'expected'],
        'bytes' => ["\xff\xfe", ''],
    ]);

    it('takes a fraction without a unit as inches in any job, since no metric tape has them, and none of millimetres', function () {
        expect(Length::parse('62 7/16', LengthUnit::Inch)->mm)->toBe(62.4375 * 25.4)->and(Length::parse('62 7/16', LengthUnit::Millimetre)->mm)->toBe(62.4375 * 25.4)
            ->and(fn () => Length::parse('62 7/16 mm', LengthUnit::Millimetre))->toThrow(UnreadableLength::class, 'add “in”');
    });

    it('refuses what is no number', function () {
        expect(fn () => Length::ofMillimetres(NAN))->toThrow(InvalidQuantity::class)
            ->and(fn () => Length::ofInches(INF))->toThrow(InvalidQuantity::class);
    });
});

describe('a length as shown', function () {
    it('is the nearest fraction in lowest terms', function (float $mm, int $denominator, string $shown) {
        expect((new LengthFormatter($denominator))->show(Length::ofMillimetres($mm), LengthUnit::Inch))->toBe($shown);
    })->with([
        [1585.9125, 16, '62 7/16 in'],
        [317.5, 32, '12 1/2 in'],
        [12.7, 16, '1/2 in'],
        [-12.7, 16, '-1/2 in'],
        [0.0, 16, '0 in'],
        [25.3, 16, '1 in'],
        [-404.0, 32, '-15 29/32 in'],
    ]);

    it('is decimal millimetres without a negative zero', function () {
        $show = fn (float $mm): string => (new LengthFormatter)->show(Length::ofMillimetres($mm), LengthUnit::Millimetre);
        expect($show(811.24))->toBe('811.2 mm')->and($show(-0.04))->toBe('0.0 mm');
    });

    it('tells what the fraction leaves out', function () {
        expect((new LengthFormatter(16))->remainder(Length::ofMillimetres(25.9))->mm)->toEqualWithDelta(0.5, 1e-9);
    });

    it('refuses a fraction that no tape has', function () {
        expect(fn () => new LengthFormatter(10))->toThrow(InvalidQuantity::class);
    });

    it('comes back the same from every 64th (seed 7)', function () {
        mt_srand(7);
        for ($i = 0; $i < 300; $i++) {
            $length = Length::ofInches(mt_rand(-64 * 200, 64 * 200) / 64);
            $shown = (new LengthFormatter(64))->show($length, LengthUnit::Inch);
            expect(Length::parse($shown, LengthUnit::Millimetre)->mm)->toEqualWithDelta($length->mm, 1e-9);
        }
    });

    it('adds, subtracts and compares', function () {
        $a = Length::ofMillimetres(10);
        expect($a->plus(Length::ofInches(1))->mm)->toBe(35.4)
            ->and($a->minus(Length::ofMillimetres(4))->negated()->mm)->toBe(-6.0)
            ->and($a->isWithin(Length::ofMillimetres(1), Length::ofMillimetres(10.9)))->toBeTrue()
            ->and($a->isWithin(Length::ofMillimetres(1), Length::ofMillimetres(11.1)))->toBeFalse()
            ->and(json_encode($a))->toBe('10');
    });
});
