<?php

declare(strict_types=1);

use Geodex\Core\Survey\Cause\CauseKind;
use Geodex\Core\Survey\Cause\LikelyCause;
use Geodex\Core\Survey\Explanation\Explanation;
use Geodex\Core\Survey\Explanation\LeftOut;
use Geodex\Core\Survey\Explanation\Mistake;
use Geodex\Core\Survey\Explanation\Telling;
use Geodex\Core\Words\Sentence;

/** One that leaves out a reading of this name, with a cause that is known from shops or without. */
function explained(string $reading, float $sum, bool $likely): Explanation
{
    $cause = new LikelyCause(CauseKind::Inch, 25.4, Sentence::plain('c', 'One inch too long.'));

    return new Explanation([new Mistake($reading, 25.4, 1.0, $likely ? [$cause] : [])], $sum, [], new LeftOut([0], [25.4], [[1.0]], $sum, [], []));
}

/** @return list<string> */
function toldFirst(Explanation ...$all): array
{
    return array_map(fn (Explanation $one): string => $one->suspects()[0], Telling::inOrder(array_values($all)));
}

it('tells the best fitting first', function () {
    expect(toldFirst(explained('c', 9.0, false), explained('a', 4.0, false), explained('b', 7.5, false)))->toBe(['a', 'b', 'c'])
        ->and(toldFirst(explained('c', 9.0, true), explained('a', 4.0, true), explained('b', 7.5, true)))->toBe(['a', 'b', 'c']);
});

it('tells one with a likely cause before a better one, up to 3.84', function () {
    expect(toldFirst(explained('odd', 4.0, false), explained('inch', 7.8, true)))->toBe(['inch', 'odd'])
        ->and(toldFirst(explained('odd', 4.0, false), explained('inch', 7.9, true)))->toBe(['odd', 'inch'])
        ->and(toldFirst(explained('odd', 0.0, false), explained('inch', 3.84, true)))->toBe(['inch', 'odd']);
});

it('tells the worse of two likely ones later, and what is unlikely and worse last', function () {
    expect(toldFirst(explained('far', 20.0, true), explained('odd', 4.0, false), explained('second', 7.0, true), explained('first', 5.0, true), explained('farther', 30.0, false)))
        ->toBe(['first', 'second', 'odd', 'far', 'farther']);
});
