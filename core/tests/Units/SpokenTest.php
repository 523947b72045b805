<?php

declare(strict_types=1);

use Geodex\Core\Units\Length;
use Geodex\Core\Units\LengthFormatter;
use Geodex\Core\Units\LengthUnit;
use Geodex\Core\Units\Spoken;

it('rounds what was computed in the reader\'s unit, as the table beside it does', function (string $sentence, string $mm, string $inches) {
    expect(Spoken::in(LengthUnit::Millimetre, $sentence))->toBe($mm)->and(Spoken::in(LengthUnit::Inch, $sentence))->toBe($inches);
})->with([
    'amount and uncertainty' => ['AL moved '.Spoken::measure(8.0532, 2.3119).' forward.', 'AL moved 8.1 ± 2.3 mm forward.', 'AL moved 0.317 ± 0.091 in forward.'],
    'amount alone' => ['bring it '.Spoken::measure(25.4).' down', 'bring it 25.4 mm down', 'bring it 1.000 in down'],
    'below zero' => [Spoken::measure(-12.7, 1.27).' off', '-12.7 ± 1.3 mm off', '-0.500 ± 0.050 in off'],
    'an allowance given in sixteenths' => ['more than the 1.5875 mm allowed', 'more than the 1.6 mm allowed', 'more than the 0.063 in allowed'],
    'two in one' => [Spoken::measure(1.0).' here, '.Spoken::measure(2.0).' there', '1.0 mm here, 2.0 mm there', '0.039 in here, 0.079 in there'],
]);

it('leaves what was given as it was given', function (string $sentence, string $inches) {
    expect(Spoken::in(LengthUnit::Millimetre, $sentence))->toBe($sentence)->and(Spoken::in(LengthUnit::Inch, $sentence))->toBe($inches);
})->with([
    'a tolerance' => ['more than the 3 mm allowed', 'more than the 0.118 in allowed'],
    'a tolerance with half millimetres' => ['within 1.5 mm', 'within 0.059 in'],
    'a typographic minus' => ['offset −410 mm', 'offset -16.142 in'],
    'points, counts and degrees' => ['19 readings at AL2 are 0.250° off', '19 readings at AL2 are 0.250° off'],
    'words that begin alike' => ['5 mmm', '5 mmm'],
    'nothing' => ['', ''],
]);

it('never differs from the rounding of the number itself', function () {
    mt_srand(11);
    for ($i = 0; $i < 200; $i++) {
        $mm = round(mt_rand(0, 100_000) / 1000, 3);
        expect(Spoken::in(LengthUnit::Millimetre, Spoken::measure($mm)))->toBe((new LengthFormatter)->show(Length::ofMillimetres($mm), LengthUnit::Millimetre))
            ->and(Spoken::in(LengthUnit::Inch, Spoken::measure($mm)))->toBe(number_format($mm / 25.4, 3, '.', '').' in');
    }
});
