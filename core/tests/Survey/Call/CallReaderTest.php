<?php

declare(strict_types=1);

use Geodex\Core\Failure\Refusal;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;
use Geodex\Core\Frame\Tolerance;
use Geodex\Core\Survey\Call\CalledReading;
use Geodex\Core\Survey\Call\CallReader;
use Geodex\Core\Survey\Reading\TramReading;
use Geodex\Core\Units\LengthUnit;

function called(string $call, LengthUnit $unit = LengthUnit::Millimetre): CalledReading
{
    $points = array_map(fn (string $id): Point => new Point($id, $id, Side::Left, null, null, null, Tolerance::all(), false), ['B-L', 'B-R', 'D-R', 'H', 'H1']);

    return (new CallReader(new Frame($points)))->read($call, $unit);
}

it('understands what a helper calls out', function (string $call, string $kind, array $points, float $value, string $typed) {
    $reading = called($call);
    expect($reading->kind::name())->toBe($kind)->and($reading->kind->points())->toBe($points)
        ->and($reading->value)->toEqualWithDelta($value, 1e-9)->and($reading->typed)->toBe($typed);
})->with([
    'tram' => ['BL DR 62 7/16 in', 'tram', ['B-L', 'D-R'], 1585.9125, '62 7/16 in'],
    'tram in job unit' => ['b-l dr 1551', 'tram', ['B-L', 'D-R'], 1551.0, '1551'],
    'height' => ['h BL 212.5', 'height', ['B-L'], 212.5, '212.5'],
    'offset left' => ['o BL -404', 'offset', ['B-L'], -404.0, '-404'],
    'station' => ['X bl 812', 'station', ['B-L'], 812.0, '812'],
    'rise' => ['r BL BR -1.5', 'rise', ['B-L', 'B-R'], -1.5, '-1.5'],
    'level' => ['l BL BR 0.2°', 'slope', ['B-L', 'B-R'], 0.2, '0.2°'],
    'plan' => ['p BL DR  5ft 1in', 'plan', ['B-L', 'D-R'], 1549.4, '5ft 1in'],
    'a point named like a letter' => ['H BL 400', 'height', ['B-L'], 400.0, '400'],
    'a height of the point H' => ['h H 400', 'height', ['H'], 400.0, '400'],
    'a fraction in a millimetre job is inches, and is said back so' => ['BL DR 62 7/16', 'tram', ['B-L', 'D-R'], 1585.9125, '62 7/16 in'],
    'sides in full' => ['B left D right 1204', 'tram', ['B-L', 'D-R'], 1204.0, '1204'],
    'a side written to its point' => ['h Bleft 212', 'height', ['B-L'], 212.0, '212'],
    'a strong sixteenth' => ['BL DR 62 7/16 in strong', 'tram', ['B-L', 'D-R'], 1585.9125 + 25.4 / 32, '62 7/16 in strong'],
    'a light millimetre' => ['BL DR 1204 light', 'tram', ['B-L', 'D-R'], 1203.5, '1204 mm light'],
    'a strong offset to the left' => ['o BL -404 strong', 'offset', ['B-L'], -404.5, '-404 mm strong'],
    'unequal pointers' => ['BL DR 1204 @100,250', 'tram', ['B-L', 'D-R'], 1204.0, '1204'],
]);

it('widens the uncertainty of a shouted remainder by half a division', function () {
    expect(called('BL DR 1204 strong')->sigma)->toEqualWithDelta(sqrt(1.0 + 0.25 / 3), 1e-12)->and(called('BL DR 1204')->sigma)->toBeNull()
        ->and(called('BL DR 62 strong', LengthUnit::Inch)->sigma)->toEqualWithDelta(hypot(1.0, 25.4 / 32 / sqrt(3)), 1e-12)
        ->and(called('BL DR 1204.5 light')->value)->toBe(1204.25);
});

it('keeps the pointer lengths', function () {
    $reading = called('BL DR 47 @4 in,10 1/2 in', LengthUnit::Inch);
    expect($reading->pointers)->toEqual([101.6, 266.7])
        ->and($reading->kind)->toBeInstanceOf(TramReading::class);
});

it('says which part it did not understand', function (string $call, string $sentence) {
    expect(fn () => called($call))->toThrow(Refusal::class, $sentence);
})->with([
    'nothing' => ['', 'Call the points and the value'],
    'unknown point' => ['BL DX 1204', 'Did you mean D-R'],
    'one point' => ['BL', 'needs a second point'],
    'no value' => ['BL DR', 'value is missing after B-L D-R'],
    'not a length' => ['BL DR twelve', 'not a length'],
    'same point' => ['BL BL 3', 'named twice'],
    'a distance no frame has' => ['BL DR 120.4 m', 'longer than any frame'],
    'level in millimetres' => ['l BL BR 2 mm', 'number of degrees'],
    'pointers of a height' => ['h BL 200 @1,2', 'Only a tram has pointers'],
    'one pointer' => ['BL DR 1204 @100', 'two pointer lengths'],
    'script' => ['<b>BL</b> DR 3', 'There is no point'],
]);

it('hears which edges a length was taken between', function () {
    $points = array_map(fn ($p) => new Geodex\Core\Frame\Point($p->id, $p->name, $p->side, $p->mate, new Geodex\Core\Frame\Feature(Geodex\Core\Frame\FeatureKind::Hole, Geodex\Core\Units\Length::ofMillimetres(14)), $p->reference, $p->tolerance, $p->base), Geodex\Core\Tests\Support\Readings::ladder(3)->points);
    $reader = new Geodex\Core\Survey\Call\CallReader(new Geodex\Core\Frame\Frame($points));
    $called = $reader->read('AL AR 30 1/8 in near', Geodex\Core\Units\LengthUnit::Millimetre);
    expect($called->edge)->toBe(Geodex\Core\Survey\Reading\Edge::Near)
        ->and($called->typed)->toBe('30 1/8 in')
        ->and($called->value)->toBe(765.175);
    expect(fn () => $reader->read('h AL 200 far', Geodex\Core\Units\LengthUnit::Millimetre))->toThrow(Geodex\Core\Survey\Reading\ImpossibleReading::class, 'A height is not taken edge to edge');
});

it('does not mind spaces, tabs and capital letters', function (string $call, array $points, float $value) {
    $reading = called($call);
    expect($reading->kind->points())->toBe($points)->and($reading->value)->toBe($value);
})->with([
    ["  BL \t DR  1204 ", ['B-L', 'D-R'], 1204.0],
    ['B LEFT D Right 1204', ['B-L', 'D-R'], 1204.0],
    ['H bL 212', ['B-L'], 212.0],
    ['h B_left 212', ['B-L'], 212.0],
    ['L BL BR −0.2 DEG', ['B-L', 'B-R'], -0.2],
    ['l BL BR +.5 °', ['B-L', 'B-R'], 0.5],
    ['l BL BR 2.', ['B-L', 'B-R'], 2.0],
    ['BL DR 1204 @ 100 250', ['B-L', 'D-R'], 1204.0],
]);

it('takes a value of up to 57 characters', function () {
    $value = '1204.'.str_repeat('0', 52);
    expect(called("BL DR $value")->typed)->toBe($value)
        ->and(fn () => called("BL DR {$value}0"))->toThrow(Refusal::class, 'too long to be a reading');
});

it('takes a letter for a point only where no kind of reading is meant', function () {
    expect(fn () => called('h H'))->toThrow(Refusal::class, 'The value is missing after H.')
        ->and(fn () => called('h'))->toThrow(Refusal::class, 'needs a second point, such as “BL DR 1204”')
        ->and(called('H H1 1204')->kind::name())->toBe('height')
        ->and(called('H1 H 1204')->kind->points())->toBe(['H1', 'H']);
});

it('takes half of each pointer for what it is, in the unit of the call', function () {
    expect(called('BL DR 1204 @100 250')->pointers)->toBe([100.0, 250.0])
        ->and(called('BL DR 47 @4,10', LengthUnit::Inch)->pointers)->toEqualWithDelta([101.6, 254.0], 1e-9)
        ->and(fn () => called('BL DR 1204 @100,250 @3,4'))->toThrow(Refusal::class, 'After @ give the two pointer lengths')
        ->and(fn () => called('BL DR 1204 @1,2,3'))->toThrow(Refusal::class, 'After @ give the two pointer lengths');
});

it('hears an edge in capitals, and leaves nothing of it in the value', function () {
    expect(fn () => called('BL DR 1204 NEAR'))->toThrow(Refusal::class, 'No diameter is known for B-L');
});

it('names the kind that wants another point', function (string $call, string $wants) {
    expect(fn () => called($call))->toThrow(Refusal::class, $wants);
})->with([
    ['r BL', 'The kind of reading “rise” (height of the second point above the first) needs a second point, such as “r BL BR -3”.'],
    ['a BL BR', 'The kind of reading “angle” (angle at the middle point between two tram lines, degrees) needs a third point, such as “a AL BL BR 90”.'],
]);

it('finds a point whatever its dashes and dots are', function (string $call, array $points) {
    $all = array_map(fn (string $id): Point => new Point($id, $id, Side::Left, null, null, null, Tolerance::all(), false), ['A-1', 'B_2', 'C.3', 'D4']);
    expect((new CallReader(new Frame($all)))->read($call, LengthUnit::Millimetre)->kind->points())->toBe($points);
})->with([
    ['a1 b2 900', ['A-1', 'B_2']],
    ['A.1 c-3 900', ['A-1', 'C.3']],
    ['C3 d_4 900', ['C.3', 'D4']],
    ['B_2 D-4 900', ['B_2', 'D4']],
]);
