<?php

declare(strict_types=1);

use Geodex\Core\Findings\FindingSentence;
use Geodex\Core\Findings\LinearAmount;
use Geodex\Core\Findings\Pattern;
use Geodex\Core\Findings\Section;
use Geodex\Core\Tests\Support\Said;

it('says each pattern as one technician tells another', function (Pattern $pattern, Section $section, ?string $side, float $amount, string $sentence) {
    expect(Said::mm((new FindingSentence)->say($pattern, $section, $side, $amount, 1.0, true, 3.0)))->toBe($sentence);
})->with([
    'sidesway right' => [
        Pattern::Sidesway, Section::Rear, null, 7.8,
        'The rear stands to the right by 7.8 ± 1.0 mm, more than the 3 mm allowed.',
    ],
    'sidesway left' => [
        Pattern::Sidesway, Section::Front, null, -7.8,
        'The front stands to the left by 7.8 ± 1.0 mm, more than the 3 mm allowed.',
    ],
    'sag' => [
        Pattern::Sag, Section::Rear, null, -5.0,
        'The rear hangs low by 5.0 ± 1.0 mm, more than the 3 mm allowed.',
    ],
    'high' => [
        Pattern::Sag, Section::Centre, null, 5.0,
        'The centre section stands high by 5.0 ± 1.0 mm, more than the 3 mm allowed.',
    ],
    'short rail' => [
        Pattern::ShortRail, Section::Front, 'left', 6.0,
        'The left rail is short at the front by 6.0 ± 1.0 mm, more than the 3 mm allowed.',
    ],
    'long rail' => [
        Pattern::ShortRail, Section::Rear, 'right', -6.0,
        'The right rail is long at the rear by 6.0 ± 1.0 mm, more than the 3 mm allowed.',
    ],
    'twist at an end' => [
        Pattern::Twist, Section::Rear, null, 9.0,
        'The rear is twisted, right side high, by 9.0 ± 1.0 mm, more than the 3 mm allowed.',
    ],
    'twist in the centre' => [
        Pattern::Twist, Section::Centre, null, -9.0,
        'The centre section twists, its left side rising rearward, by 9.0 ± 1.0 mm, more than the 3 mm allowed.',
    ],
    'diamond' => [
        Pattern::Diamond, Section::Centre, null, 4.5,
        'The centre section is out of square, the right rail sits rearward by 4.5 ± 1.0 mm, more than the 3 mm allowed.',
    ],
]);

it('holds the whole interval against the tolerance', function (float $amount, float $expanded, string $says) {
    expect(Said::mm((new FindingSentence)->say(Pattern::Sag, Section::Rear, null, $amount, $expanded, true, 3.0)))->toContain($says);
})->with([
    'surely within' => [1.5, 1.0, 'within the 3 mm allowed'],
    'cannot be called' => [3.5, 1.0, 'too close to the 3 mm allowed to call'],
    'surely more' => [5.0, 1.0, 'more than the 3 mm allowed'],
]);

it('says what was looked for and not seen', function (Pattern $pattern, Section $section, ?string $side, string $sentence) {
    expect(Said::mm((new FindingSentence)->say($pattern, $section, $side, 0.4, 1.2, false, 3.0)))->toBe($sentence);
})->with([
    'twist' => [Pattern::Twist, Section::Rear, null, 'No twist to be seen at the rear: 0.4 ± 1.2 mm.'],
    'short rail' => [Pattern::ShortRail, Section::Front, 'left', 'No short left rail to be seen at the front: 0.4 ± 1.2 mm.'],
    'diamond' => [Pattern::Diamond, Section::Centre, null, 'No diamond to be seen in the centre: 0.4 ± 1.2 mm.'],
]);

describe('an amount that is linear in the deviations', function () {
    it('carries the weights that its uncertainty follows from', function () {
        $amount = (new LinearAmount)->with(3, 10.0, 0.5)->with(7, -4.0, 0.25)->with(3, 10.0, 0.5);
        expect($amount->value)->toBe(9.0)->and($amount->weights)->toBe([3 => 1.0, 7 => 0.25]);
    });

    it('adds and scales value and weights alike', function () {
        $a = (new LinearAmount)->with(1, 2.0, 1.0);
        $b = (new LinearAmount)->with(1, 2.0, 1.0)->with(2, 5.0, 1.0);
        $sum = $a->plus($b, -2.0)->times(3.0);
        expect($sum->value)->toBe(3 * (2.0 - 2 * 7.0))
            ->and($sum->weights)->toBe([1 => -3.0, 2 => -6.0]);
    });
});
