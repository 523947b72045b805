<?php

declare(strict_types=1);

use Geodex\Core\Findings\Finding;
use Geodex\Core\Findings\Pattern;
use Geodex\Core\Findings\PullPart;
use Geodex\Core\Findings\PullParts;
use Geodex\Core\Findings\Section;
use Geodex\Core\Findings\Way;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Words\Sentence;

/** @param  list<string>  $points */
function foundOf(Pattern $pattern, Section $section, float $amount, array $points, ?string $side = null): Finding
{
    return new Finding($pattern, $section, $side, $amount, 0.5, true, Sentence::of('t', 't'), $points, 3.0);
}

/** @return list<string> */
function partsOf(Finding $finding): array
{
    return array_map(fn (PullPart $part): string => implode('+', $part->points)." {$part->way->value} $part->amount", (new PullParts(Readings::ladder(5)))->of($finding));
}

it('moves what is off back where it belongs', function (Pattern $pattern, Section $section, ?string $side, float $amount, array $parts) {
    expect(partsOf(foundOf($pattern, $section, $amount, $section === Section::Front ? ['AL', 'AR', 'BL', 'BR'] : ['EL', 'ER', 'DL', 'DR'], $side)))->toBe($parts);
})->with([
    'rear to the right' => [Pattern::Sidesway, Section::Rear, null, 9.0, ['EL+ER left 9']],
    'rear to the left' => [Pattern::Sidesway, Section::Rear, null, -9.0, ['EL+ER right 9']],
    'front to the right' => [Pattern::Sidesway, Section::Front, null, 4.0, ['AL+AR left 4']],
    'rear high' => [Pattern::Sag, Section::Rear, null, 5.0, ['EL+ER down 5']],
    'rear low' => [Pattern::Sag, Section::Rear, null, -5.0, ['EL+ER up 5']],
    'front low' => [Pattern::Sag, Section::Front, null, -5.0, ['AL+AR up 5']],
    'left rail short at the front' => [Pattern::ShortRail, Section::Front, 'left', 6.0, ['AL forward 6']],
    'left rail long at the front' => [Pattern::ShortRail, Section::Front, 'left', -6.0, ['AL rearward 6']],
    'right rail short at the rear' => [Pattern::ShortRail, Section::Rear, 'right', 6.0, ['ER rearward 6']],
    'right rail long at the rear' => [Pattern::ShortRail, Section::Rear, 'right', -6.0, ['ER forward 6']],
    'rear twisted, right side high' => [Pattern::Twist, Section::Rear, null, 8.0, ['ER down 4', 'EL up 4']],
    'rear twisted, right side low' => [Pattern::Twist, Section::Rear, null, -8.0, ['ER up 4', 'EL down 4']],
    'front twisted, right side high' => [Pattern::Twist, Section::Front, null, 8.0, ['AR down 4', 'AL up 4']],
]);

it('turns the centre a quarter at either side of either end', function () {
    $all = ['AL', 'AR', 'BL', 'BR', 'CL', 'CR', 'DL', 'DR', 'EL', 'ER'];
    expect(partsOf(foundOf(Pattern::Twist, Section::Centre, 8.0, $all)))->toBe(['AR up 2', 'AL down 2', 'ER down 2', 'EL up 2'])
        ->and(partsOf(foundOf(Pattern::Twist, Section::Centre, -8.0, $all)))->toBe(['AR down 2', 'AL up 2', 'ER up 2', 'EL down 2']);
});

it('shares a diamond between the rails', function () {
    expect(partsOf(foundOf(Pattern::Diamond, Section::Centre, 7.0, ['AL', 'AR', 'BL', 'BR'])))->toBe(['AR+BR forward 3.5', 'AL+BL rearward 3.5'])
        ->and(partsOf(foundOf(Pattern::Diamond, Section::Centre, -7.0, ['AL', 'AR', 'BL', 'BR'])))->toBe(['AR+BR rearward 3.5', 'AL+BL forward 3.5']);
});

it('lifts a sagging centre at the inner pair nearest its middle', function () {
    expect(partsOf(foundOf(Pattern::Sag, Section::Centre, -6.0, ['AL', 'AR', 'BL', 'BR', 'CL', 'CR', 'DL', 'DR', 'EL', 'ER'])))->toBe(['CL+CR up 6'])
        ->and(partsOf(foundOf(Pattern::Sag, Section::Centre, 6.0, ['AL', 'AR', 'BL', 'BR', 'EL', 'ER'])))->toBe(['BL+BR down 6'])
        ->and(partsOf(foundOf(Pattern::Sag, Section::Centre, 6.0, ['AL', 'AR', 'BL', 'BR', 'CL', 'CR', 'EL', 'ER'])))->toBe(['CL+CR down 6']);
});

it('takes a finding of nothing for one to the left, forward and down', function () {
    expect(partsOf(foundOf(Pattern::Sidesway, Section::Rear, 0.0, ['EL', 'ER'])))->toBe(['EL+ER right 0']);
});

it('knows each way by its axis and sign, as a shift and in words', function (int $axis, bool $positive, Vector3 $shift, string $words) {
    $way = Way::along($axis, $positive);
    expect($way->by(3.0))->toEqual($shift)->and($way->words())->toBe($words);
})->with([
    [0, false, Vector3::of(-3, 0, 0), 'forward'],
    [0, true, Vector3::of(3, 0, 0), 'rearward'],
    [1, false, Vector3::of(0, -3, 0), 'to the left'],
    [1, true, Vector3::of(0, 3, 0), 'to the right'],
    [2, false, Vector3::of(0, 0, -3), 'down'],
    [2, true, Vector3::of(0, 0, 3), 'up'],
]);

describe('a finding', function () {
    /** @param  list<array{float, float}>  $others */
    function findingOf(float $amount, float $sigma, array $others = [], bool $significant = true): Finding
    {
        return new Finding(Pattern::Sag, Section::Rear, null, $amount, $sigma, $significant, Sentence::of('t', 't'), ['EL', 'ER'], 3.0, $others, 1.96 * $sigma);
    }

    it('is agreed where every explanation gives its amount to 0.3 mm', function (array $others, bool $agreed) {
        expect(findingOf(8.0, 0.5, $others)->isAgreed())->toBe($agreed);
    })->with([
        [[], true],
        [[[8.29, 1.0]], true],
        [[[7.71, 1.0]], true],
        [[[8.31, 1.0]], false],
        [[[7.69, 1.0]], false],
        [[[8.0, 1.0], [2.0, 1.0]], false],
    ]);

    it('is surely out beyond its tolerance by 3.29 sigmas, on either side', function (float $amount, float $sigma, bool $sure) {
        expect(findingOf($amount, $sigma)->isSurelyOut())->toBe($sure);
    })->with([
        [6.3, 1.0, true],
        [-6.3, 1.0, true],
        [6.28, 1.0, false],
        [-6.28, 1.0, false],
        [4.7, 0.5, true],
        [4.6, 0.5, false],
    ]);

    it('is not surely out where it is not significant', function () {
        expect(findingOf(9.0, 0.5, [], false)->isSurelyOut())->toBeFalse();
    });

    it('may be out where some explanation reaches over the tolerance and tells it from nothing', function (float $amount, float $sigma, array $others, bool $may) {
        expect(findingOf($amount, $sigma, $others)->mayBeOut())->toBe($may);
    })->with([
        'well within' => [1.0, 0.5, [], false],
        'over' => [5.0, 0.5, [], true],
        'reaching over' => [2.5, 0.5, [], true],
        'low, reaching over' => [-2.5, 0.5, [], true],
        'told from nothing by nobody' => [1.9, 1.0, [], false],
        'another explanation does' => [1.0, 0.4, [[4.0, 1.0]], true],
        'another does not' => [1.0, 0.4, [[0.5, 1.0]], false],
    ]);

    it('holds to these limits at their very edge', function () {
        $with = fn (float $amount, float $sigma, float $expanded, array $others = []): Finding => new Finding(Pattern::Sag, Section::Rear, null, $amount, $sigma, true, Sentence::of('t', 't'), ['EL', 'ER'], 3.0, $others, $expanded);
        // 0.3 as computed, and exact halves.
        expect($with(0.0, 0.5, 1.0, [[0.3, 1.0]])->isAgreed())->toBeTrue()
            ->and($with(3.0 + 3.29, 1.0, 2.0)->isSurelyOut())->toBeFalse()
            ->and($with(2.0, 0.5, 1.0)->mayBeOut())->toBeFalse()
            ->and($with(2.0, 0.5, 1.5)->mayBeOut())->toBeTrue()
            ->and($with(4.0, 0.5, 4.0)->mayBeOut())->toBeFalse();
    });

    it('has no interval unless it is given one', function () {
        expect((new Finding(Pattern::Sag, Section::Rear, null, 1.0, 0.5, true, Sentence::of('t', 't'), [], 3.0))->expanded)->toBe(0.0);
    });
});
