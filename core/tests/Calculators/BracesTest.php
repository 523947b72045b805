<?php

declare(strict_types=1);

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Fields\InvalidFields;

/** Two braces from the rails to a hoop over the seats, left and right. */
function cage(array $more = []): array
{
    return ['diameter' => 45, 'braces' => [
        ['id' => 'BL', 'from' => [1800, -400, 900], 'to' => [1200, -350, 1900], 'offFrom' => 20, 'offTo' => 30],
        ['id' => 'BR', 'from' => [1800, 400, 900], 'to' => [1200, 350, 1900], 'mate' => 'BL', 'offFrom' => 20, 'offTo' => 30],
    ], ...$more];
}

describe('braces between points', function (): void {
    it('are as long as their points stand apart, less what the copes take', function (): void {
        $told = Calculators::run('braces', cage());
        expect($told['braces'][0]['centre'])->toEqualWithDelta(sqrt(600 ** 2 + 50 ** 2 + 1000 ** 2), 1e-9)->and($told['braces'][0]['length'])->toEqualWithDelta($told['braces'][0]['centre'] - 50, 1e-9)->and($told['braces'][0]['rise'])->toEqualWithDelta(rad2deg(asin(1000 / $told['braces'][0]['centre'])), 1e-9)
            ->and($told['symmetrical'])->toBeTrue()->and($told['pairs'][0]['longer'])->toEqualWithDelta(0.0, 1e-9)->and($told['clear'])->toBeNull()->and($told['total'])->toEqualWithDelta(2 * $told['braces'][0]['length'], 1e-9);
    });

    it('are not alike where one end stands elsewhere, however long they are', function (): void {
        $braces = cage()['braces'];
        $braces[1]['to'] = [1206, 350, 1900];
        $pair = Calculators::run('braces', cage(['braces' => $braces]))['pairs'][0];
        expect($pair['alike'])->toBeFalse()
            ->and($pair['endOff'])->toEqualWithDelta(6.0, 1e-9)
            ->and($pair['startOff'])->toEqualWithDelta(0.0, 1e-9);
    });

    it('stay clear of a plane with their surface, not their axis', function (array $plane, float $clearance): void {
        $told = Calculators::run('braces', cage(['braces' => [['id' => 'H', 'from' => [1200, -400, 1900], 'to' => [1200, 400, 1900]]], 'plane' => $plane]));
        expect($told['braces'][0]['clearance'])->toEqualWithDelta($clearance, 1e-9)
            ->and($told['clear'])->toBe($clearance >= 50);
    })->with([
        'level' => [['through' => [0, 0, 1820]], 57.5],
        'too near' => [['through' => [0, 0, 1850]], 27.5],
        'leaning, twice as long a normal' => [['through' => [1200, 0, 1800], 'normal' => [0, 0, 2]], 77.5],
        'a post square to it shows its end' => [['through' => [1200, -600, 0], 'normal' => [0, 1, 0]], 200.0],
    ]);

    it('weigh nothing on how far the vehicle stands from the origin', function (): void {
        $moved = array_map(fn (array $one): array => [...$one, 'from' => [$one['from'][0] + 5000, $one['from'][1], $one['from'][2] + 70], 'to' => [$one['to'][0] + 5000, $one['to'][1], $one['to'][2] + 70]], cage()['braces']);
        expect(Calculators::run('braces', cage(['braces' => $moved]))['braces'])->toEqualWithDelta(Calculators::run('braces', cage())['braces'], 1e-9);
    });

    it('are refused where they make no sense', function (array $given, string $path): void {
        expect(fn () => Calculators::run('braces', cage($given)))->toThrow(InvalidFields::class, $path);
    })->with([
        'a name twice' => [['braces' => [['id' => 'A', 'from' => [0, 0, 0], 'to' => [9, 0, 0]], ['id' => 'A', 'from' => [0, 0, 0], 'to' => [9, 0, 0]]]], 'braces[1].id'],
        'no such mate' => [['braces' => [['id' => 'A', 'from' => [0, 0, 0], 'to' => [9, 0, 0], 'mate' => 'B']]], 'braces[0].mate'],
        'nothing left' => [['braces' => [['id' => 'A', 'from' => [0, 0, 0], 'to' => [9, 0, 0], 'offFrom' => 5, 'offTo' => 5]]], 'braces[0].to'],
        'a plane without a direction' => [['plane' => ['through' => [0, 0, 0], 'normal' => [0, 0, 0]]], 'plane.normal'],
    ]);
});

describe('a cope by saw alone', function (): void {
    it('leaves less open by two cuts than by one, and never cuts into what the cope needs', function (float $angle, float $offset): void {
        $given = ['branch' => ['diameter' => 38, 'wall' => 2.5], 'header' => ['diameter' => 60], 'angle' => $angle, 'offset' => $offset, 'stations' => 180];
        $told = Calculators::run('cope', $given);
        [$one, $two] = $told['straight'];
        expect($two['gap'])->toBeLessThan($one['gap'] + 1e-6)
            ->and($one['gap'])->toBeGreaterThan(0.0);
        foreach ($told['straight'] as $way) {
            foreach ($told['stations'] as $station) {
                $at = max(array_map(fn (array $plane): float => $plane['longest'] - 19 * tan(deg2rad($plane['fromSquare'])) * (1 - cos(deg2rad($station['clock'] - $plane['clock']))), $way['planes']));
                expect($at)->toBeGreaterThan($station['cut'] - 0.1)
                    ->and($at - $station['cut'])->toBeLessThan($way['gap'] + 0.2);
            }
        }
    })->with([[90.0, 0.0], [60.0, 0.0], [45.0, 5.0]]);

    it('needs one square cut on a face, and leaves nothing open', function (): void {
        expect(Calculators::run('cope', ['branch' => ['diameter' => 38, 'wall' => 2.5], 'header' => ['shape' => 'flat'], 'angle' => 90])['straight'][0]['gap'])->toEqualWithDelta(0.0, 0.01);
    });
});

describe('a long plate in sections', function (): void {
    it('is parted into the fewest of one length that lap as they should', function (): void {
        $told = Calculators::run('plate-sections', ['length' => 5000, 'greatest' => 1500, 'overlap' => 60]);
        expect($told['count'])->toBe(4)
            ->and(array_column($told['sections'], 'length'))->toEqualWithDelta(array_fill(0, 4, (5000 + 3 * 60) / 4), 1e-9)
            ->and($told['sections'][1]['from'])->toEqualWithDelta($told['sections'][0]['to'] - 60, 1e-9)
            ->and($told['sections'][3]['to'])->toEqualWithDelta(5000.0, 1e-9);
    });

    it('laps nowhere near what is forbidden', function (): void {
        $told = Calculators::run('plate-sections', ['length' => 2000, 'greatest' => 1300, 'keepOut' => [['from' => 980, 'to' => 1010]]]);
        expect($told['count'])->toBe(2)
            ->and($told['sections'][1]['from'])->toBeGreaterThanOrEqual(1010 - 1e-9)
            ->and($told['longest'])->toBeLessThanOrEqual(1300.0);
    });

    it('is one where it is short enough', function (): void {
        expect(Calculators::run('plate-sections', ['length' => 900, 'greatest' => 1500])['sections'])->toBe([['from' => 0.0, 'to' => 900.0, 'length' => 900.0]]);
    });

    it('is refused where laps find no place', function (array $given, string $path): void {
        expect(fn () => Calculators::run('plate-sections', ['length' => 2000, 'greatest' => 1100, ...$given]))->toThrow(InvalidFields::class, $path);
    })->with([
        [['overlap' => 1100], 'greatest'],
        [['keepOut' => [['from' => 100, 'to' => 1900]]], 'keepOut'],
        [['keepOut' => [['from' => 900, 'to' => 400]]], 'keepOut[0].to'],
        [['greatest' => 51], 'greatest'],
        [['keepOut' => [['from' => 800, 'to' => 1000], ['from' => 1000, 'to' => 1200]]], 'keepOut'],
    ]);
});
