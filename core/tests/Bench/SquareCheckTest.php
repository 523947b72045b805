<?php

declare(strict_types=1);

use Geodex\Core\Bench\SquareCheck;
use Geodex\Core\Bench\UnusableBench;
use Geodex\Core\Tests\Support\Said;

/** Diagonals of a panel of that length and width whose right rail sits rearward by a rack. */
function diagonalsOf(float $length, float $width, float $rack): array
{
    return [hypot($length + $rack, $width), hypot($length - $rack, $width)];
}

describe('the square check', function () {
    it('gives back the rack it was made with, and how far to bring the rear over', function (float $rack) {
        [$a, $b] = diagonalsOf(2000, 800, $rack);
        $check = SquareCheck::of($a, $b, 2000, 800);
        expect($check->rack)->toEqualWithDelta($rack, 1e-9)->and($check->sidesway)->toEqualWithDelta($rack * 2.5, 1e-9)
            ->and($check->expanded)->toEqualWithDelta(1.96 * hypot($a, $b) / 4000, 1e-9);
    })->with([8.0, -8.0, 0.0, 250.0]);

    it('is square only within the tolerance with its uncertainty', function (float $rack, float $sigma, bool $square) {
        [$a, $b] = diagonalsOf(2000, 800, $rack);
        expect(SquareCheck::of($a, $b, 2000, 800, $sigma, 3.0, 2000, 800)->square)->toBe($square);
    })->with([
        [0.0, 0.5, true],
        [2.0, 0.5, true],
        [-2.0, 0.5, true],
        [2.6, 0.5, false],
        [-2.6, 0.5, false],
        [3.2, 0.1, false],
        [0.0, 2.5, false],
    ]);

    it('says exactly what is wrong, which way to pull, and what it presumes', function () {
        [$a, $b] = diagonalsOf(2000, 800, 8.0);
        expect(Said::mm(SquareCheck::of($a, $b, 2000, 800)->text))->toBe('The right rail sits 8.0 ± 1.5 mm rearward of the other: pull the left front corner and the right rear corner towards each other; or, with the front held, bring the rear 20.0 mm to the left. That is more than 3 mm. Presumed, since it was not measured: both rails are equally long, and the rails are equally far apart at both ends.')
            ->and(Said::mm(SquareCheck::of($b, $a, 2000)->text))->toContain('The left rail sits 8.0 ± 1.5 mm rearward of the other')
            ->and(Said::mm(SquareCheck::of($b, $a, 2000)->text))->toContain('pull the right front corner and the left rear corner towards each other')
            ->and(Said::mm(SquareCheck::of($b, $a, 2000, 800)->text))->toContain('bring the rear 20.0 mm to the right');
    });

    it('presumes nothing where all four sides are given', function () {
        [$a, $b] = diagonalsOf(2000, 800, 0.0);
        expect(Said::mm(SquareCheck::of($a, $b, 2000, 800, 1.0, 4.0, 2000, 800)->text))->not->toContain('Presumed');
    });

    it('calls a trapezoid not square though its diagonals are equal', function () {
        $d = hypot(2000, 815);
        $check = SquareCheck::of($d, $d, 2000, 800, 0.5, 3.0, 2000, 830);
        expect($check->rack)->toBe(0.0)
            ->and($check->square)->toBeFalse()
            ->and(Said::mm($check->text))->toContain('the widths differ by 30.0');
    });

    it('takes the mean of both rails for the rack', function () {
        [$a, $b] = diagonalsOf(2000, 800, 8.0);
        expect(SquareCheck::of($a, $b, 1990, null, 1.0, 3.0, 2010)->rack)->toEqualWithDelta(8.0, 1e-9);
    });

    it('refuses lengths that no panel has', function (array $lengths, string $says) {
        expect(fn () => SquareCheck::of(...$lengths))->toThrow(UnusableBench::class, $says);
    })->with([
        'a diagonal of nothing' => [[0.0, 2000.0, 1900.0], 'from front left'],
        'the other below nothing' => [[2000.0, -1.0, 1900.0], 'from front right'],
        'no rail' => [[2000.0, 2000.0, 0.0], 'rail length'],
        'no width' => [[2000.0, 2000.0, 1900.0, 0.0], 'width'],
        'no accuracy' => [[2000.0, 2000.0, 1900.0, 700.0, 0.0], 'accuracy'],
        'no tolerance' => [[2000.0, 2000.0, 1900.0, 700.0, 1.0, 0.0], 'tolerance'],
        'no number' => [[NAN, 2000.0, 1900.0], 'from front left'],
        'diagonals too far apart' => [[6000.0, 2000.0, 1900.0], 'diagonals'],
        'a diagonal longer than both sides' => [[3100.0, 3100.0, 2000.0, 800.0], 'diagonals'],
    ]);
});
