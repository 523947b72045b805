<?php

declare(strict_types=1);

use Brick\Math\BigRational;
use Geodex\Core\Units\Length;
use Geodex\Core\Units\LengthFormatter;
use Geodex\Core\Units\LengthParser;
use Geodex\Core\Units\LengthUnit;
use Geodex\Core\Units\UnreadableLength;

it('reads a mixed fraction as the exact sum of its parts (seed 81)', function () {
    mt_srand(81);
    for ($round = 0; $round < 400; $round++) {
        $under = [2, 4, 8, 16, 32, 64][mt_rand(0, 5)];
        $over = mt_rand(1, $under - 1);
        $whole = mt_rand(1, 240);
        $typed = ["$whole $over/$under in", "$whole-$over/$under\"", "$whole $over/{$under} inches"][mt_rand(0, 2)];
        $exact = BigRational::of($whole)->plus(BigRational::nd($over, $under))->multipliedBy(BigRational::of('25.4'));
        expect((new LengthParser)->parse($typed, LengthUnit::Millimetre)->isEqualTo($exact))->toBeTrue($typed);
    }
});

it('reads feet and inches as twelve to one (seed 82)', function () {
    mt_srand(82);
    for ($round = 0; $round < 200; $round++) {
        $feet = mt_rand(0, 30);
        $inches = mt_rand(0, 11);
        $mm = ($feet * 12 + $inches) * 25.4;
        foreach (["{$feet}' {$inches}\"", "{$feet}ft {$inches}in", "{$feet} ft {$inches} in", "{$feet}'-{$inches}\""] as $typed) {
            expect(Length::parse($typed, LengthUnit::Millimetre)->mm)->toEqualWithDelta($mm, 1e-9);
        }
    }
});

it('reads the same size in every unit (seed 83)', function () {
    mt_srand(83);
    for ($round = 0; $round < 200; $round++) {
        $mm = mt_rand(1, 60_000) / 10;
        $spellings = [$mm.' mm', ($mm / 10).' cm', ($mm / 1000).' m', $mm.'mm', '+'.$mm.' mm'];
        foreach ($spellings as $typed) {
            expect(Length::parse($typed, LengthUnit::Inch)->mm)->toEqualWithDelta($mm, 1e-9);
        }
    }
});

it('takes a sign off and puts it back (seed 84)', function () {
    mt_srand(84);
    for ($round = 0; $round < 100; $round++) {
        $typed = mt_rand(0, 99).' '.mt_rand(1, 15).'/16 in';
        expect(Length::parse("-$typed", LengthUnit::Inch)->mm)->toBe(-Length::parse($typed, LengthUnit::Inch)->mm);
    }
});

it('shows a length within half of its finest fraction (seed 85)', function (int $denominator) {
    mt_srand(85 + $denominator);
    $formatter = new LengthFormatter($denominator);
    for ($round = 0; $round < 200; $round++) {
        $length = Length::ofMillimetres(mt_rand(-300_000, 300_000) / 97);
        $shown = Length::parse($formatter->show($length, LengthUnit::Inch), LengthUnit::Millimetre);
        expect(abs($shown->mm - $length->mm))->toBeLessThanOrEqual(25.4 / $denominator / 2 + 1e-9)
            ->and($shown->mm + $formatter->remainder($length)->mm)->toEqualWithDelta($length->mm, 1e-9);
    }
})->with([2, 4, 8, 16, 32, 64]);

it('never takes noise for a length, and always says why (seed 86)', function () {
    mt_srand(86);
    $letters = str_split('0123456789 /.,-+\'"minftc°½#');
    $read = $refused = 0;
    for ($round = 0; $round < 1500; $round++) {
        $typed = '';
        for ($i = mt_rand(1, 9); $i > 0; $i--) {
            $typed .= $letters[mt_rand(0, count($letters) - 1)];
        }
        $typed = mb_scrub($typed);
        try {
            expect(is_finite(Length::parse($typed, LengthUnit::Inch)->mm))->toBeTrue();
            $read++;
        } catch (UnreadableLength $unreadable) {
            expect($unreadable->getMessage())->toStartWith("“{$typed}” is not a length: ")
                ->and($unreadable->context()['reason'])->not->toBe('');
            $refused++;
        }
    }
    expect($refused)->toBeGreaterThan($read);
});
