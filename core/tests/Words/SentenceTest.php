<?php

declare(strict_types=1);

use Geodex\Core\Units\LengthUnit;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

$moved = fn (): Sentence => Sentence::of('movement.moved', '{point} moved {how}.', point: 'AL', how: Sentence::joined('way', ', ', [
    Sentence::of('way', '{size} {way}', size: Measure::computed(8.0534, 2.3126), way: 'forward'),
    Sentence::of('way', '{size} {way}', size: Measure::computed(-0.04), way: 'down'),
]));

describe('a sentence', function () use ($moved) {
    it('is put into words in the reader\'s unit, as the tables beside it round', function () use ($moved) {
        expect($moved()->in(LengthUnit::Millimetre))->toBe('AL moved 8.1 ± 2.3 mm forward, 0.0 mm down.')
            ->and($moved()->in(LengthUnit::Inch))->toBe('AL moved 0.317 ± 0.091 in forward, -0.002 in down.');
    });

    it('carries its facts, whatever the wording', function () use ($moved) {
        $json = json_decode((string) json_encode($moved()), true);
        expect($json['code'])->toBe('movement.moved')->and($json['template'])->toBe('{point} moved {how.s0.size} {how.s0.way}, {how.s1.size} {how.s1.way}.')
            ->and($json['parts']['how.s0.size'])->toBe(['mm' => 8.0534, 'expanded' => 2.3126, 'isGiven' => false, 'isFine' => false])
            ->and(json_encode(Sentence::of('x', 'So.')))->toBe('{"code":"x","template":"So.","parts":{}}');
    });

    it('says what is given as it was given', function (float $mm, string $millimetres, string $inches) {
        $allowed = Sentence::of('x', 'within the {allowed} allowed', allowed: Measure::given($mm));
        expect($allowed->in(LengthUnit::Millimetre))->toBe("within the $millimetres allowed")
            ->and($allowed->in(LengthUnit::Inch))->toBe("within the $inches allowed");
    })->with([[3.0, '3 mm', '0.118 in'], [25.4, '25.4 mm', '1.000 in'], [1.5875, '1.59 mm', '0.063 in']]);

    it('takes what a person typed as it is, braces too', function () {
        expect(Sentence::of('x', 'Title: {title}, {by}.', title: '{by} {0} $1', by: 'me')->in(LengthUnit::Millimetre))->toBe('Title: {by} {0} $1, me.')
            ->and(Sentence::plain('x', 'What {is} this')->in(LengthUnit::Inch))->toBe('What {is} this');
    });

    it('follows another, and those that are none are left out', function () {
        $together = Sentence::together(Sentence::of('first', 'One {a}.', a: '1'), null, Sentence::of('second', 'Two {a}.', a: '2'));
        expect($together->in(LengthUnit::Millimetre))->toBe('One 1. Two 2.')->and($together->code)->toBe('first')
            ->and(Sentence::together(Sentence::of('first', 'One.'), null))->toEqual(Sentence::of('first', 'One.'));
    });

    it('says something for every place', function () {
        expect(fn () => Sentence::of('x', '{a} and {b}', a: '1'))->toThrow(LogicException::class, 'says nothing for b');
    });
});
