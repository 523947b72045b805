<?php

declare(strict_types=1);

use Geodex\Core\Frame\Axle;
use Geodex\Core\Frame\Feature;
use Geodex\Core\Frame\FeatureKind;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Tolerance;
use Geodex\Core\Frame\UnknownPoint;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Units\InvalidQuantity;
use Geodex\Core\Units\Length;

describe('a frame', function () {
    it('finds its points by id', function () {
        $frame = Readings::ladder(3);
        expect($frame->point('BL')->mate)->toBe('BR')
            ->and($frame->has('CR'))->toBeTrue()
            ->and($frame->has('DR'))->toBeFalse();
    });

    it('says what a wrong id may have meant', function (string $id, array $near) {
        try {
            Readings::ladder(3)->point($id);
        } catch (UnknownPoint $unknown) {
            expect($unknown->context()['near'])->toBe($near)
                ->and($unknown->errorCode())->toBe('point.unknown')
                ->and($unknown->getMessage())->toContain("“{$id}”");

            return;
        }
        throw new RuntimeException('the point was found');
    })->with([
        'another row' => ['DL', ['AL', 'BL', 'CL']],
        'lower case' => ['bl', ['AL', 'BL', 'BR', 'CL']],
        'with a dash' => ['B-L', ['AL', 'BL', 'BR', 'CL']],
        'nothing like it' => ['engine', []],
        'a very long word' => [str_repeat('x', 500), []],
    ]);

    it('has a wheelbase with two axles or more', function (array $stations, ?float $wheelbase) {
        $axles = array_map(fn (float $station, int $i): Axle => new Axle("a$i", $station), $stations, array_keys($stations));
        expect((new Frame([], $axles))->wheelbase())->toBe($wheelbase);
    })->with([
        'none' => [[], null],
        'one' => [[100.0], null],
        'two' => [[100.0, 3400.0], 3300.0],
        'two, rear first' => [[3400.0, 100.0], 3300.0],
        'three, to the last' => [[0.0, 3300.0, 4600.0], 4600.0],
    ]);

    it('moves a point without changing what it is', function () {
        $point = Readings::ladder(3)->point('AL');
        $moved = $point->at(Vector3::of(1, 2, 3));
        expect($moved->reference?->toArray())->toBe([1.0, 2.0, 3.0])
            ->and([$moved->id, $moved->side, $moved->mate, $moved->base])->toBe([$point->id, $point->side, $point->mate, $point->base])
            ->and($point->reference?->x)->toBe(100.0);
    });
});

describe('a tolerance', function () {
    it('is what careful shops hold unless said otherwise', function () {
        expect(Tolerance::all()->mm)->toBe([3.0, 3.0, 3.0]);
    });

    it('may differ by axis', function () {
        $tolerance = Tolerance::of(2, 3, 5);
        expect($tolerance->mm)->toBe([2.0, 3.0, 5.0]);
    });

    it('is more than zero', function (float $mm) {
        expect(fn () => Tolerance::all($mm))->toThrow(InvalidQuantity::class, 'more than zero');
    })->with([[0.0], [-1.0], [NAN], [INF]]);
});

describe('sizes', function () {
    it('of a feature are more than zero', function () {
        expect(fn () => new Feature(FeatureKind::Hole, Length::ofMillimetres(0)))->toThrow(InvalidQuantity::class, 'diameter of a feature')
            ->and((new Feature(FeatureKind::Edge))->diameter)->toBeNull();
    });

    it('of an axle are more than zero', function () {
        expect(fn () => new Axle('rear', 0, tyreRadius: -1))->toThrow(InvalidQuantity::class, 'tyre radius of axle rear')
            ->and(fn () => new Axle('rear', 0, track: 0.0))->toThrow(InvalidQuantity::class, 'track of axle rear');
    });
});
