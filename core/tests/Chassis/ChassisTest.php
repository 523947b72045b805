<?php

declare(strict_types=1);

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\ChassisParts;
use Geodex\Core\Chassis\ChassisReader;
use Geodex\Core\Chassis\FixtureKind;
use Geodex\Core\Chassis\Known;
use Geodex\Core\Chassis\LadderTruck;
use Geodex\Core\Chassis\Rail;
use Geodex\Core\Chassis\RailPath;
use Geodex\Core\Chassis\RailSide;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Frame\Side;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Trucks;
use Geodex\Core\Units\LengthUnit;

/** @param  array<string, mixed>  $more */
function channelRail(array $more = []): Chassis
{
    return Trucks::truck(['rails' => [['id' => 'R1', 'from' => 0, 'to' => 2000, 'section' => Trucks::CHANNEL, ...$more]], 'features' => [], 'lines' => [], 'masses' => []]);
}

describe('a rail', function () {
    it('has the section of its preset at every station', function () {
        $section = Trucks::truck()->section(Side::Right, 2000.0);
        // Worked example of the methods: 200 × 70 × 6, sharp.
        expect($section->properties->area)->toEqualWithDelta(1968.0, 0.5)->and($section->properties->inertiaY)->toEqualWithDelta(1.12284e7, 50)->and($section->modulus())->toEqualWithDelta(112_284, 1)
            ->and($section->resistingMoment())->toEqualWithDelta(39_860.8, 1)->and($section->depth)->toBe(200.0)->and($section->width)->toBe(70.0)->and($section->lost)->toBe(0.0);
    });

    it('counts a wall measured thinner as lost on every face: half a millimetre takes a sixth of S', function () {
        $new = channelRail()->section(Side::Left, 500.0);
        // The methods: loss 0.5 on every face, S × 0.837; here 0.5 is what the wall has lost on its outside.
        $worn = Trucks::truck(['rails' => [['id' => 'R1', 'from' => 0, 'to' => 2000, 'section' => Trucks::CHANNEL]], 'features' => [], 'walls' => [['id' => 'w', 'station' => 500, 'measured' => 5.5]]])->section(Side::Left, 500.0);
        expect($worn->lost)->toBe(0.5)
            ->and($worn->modulus() / $new->modulus())->toBeGreaterThan(0.90)->toBeLessThan(0.93);
    });

    it('wears evenly from one reading to the next, as the nearest beyond them, each side by itself', function (float $station, float $lost) {
        $walls = [['id' => 'a', 'side' => 'left', 'station' => 500, 'measured' => 5.8], ['id' => 'b', 'side' => 'left', 'station' => 1500, 'measured' => 5.0], ['id' => 'c', 'side' => 'left', 'station' => 1500, 'face' => 'bottom', 'measured' => 4.8]];
        $chassis = Trucks::truck(['rails' => [['id' => 'R1', 'from' => 0, 'to' => 2000, 'section' => Trucks::CHANNEL]], 'features' => [], 'walls' => $walls]);
        expect($chassis->section(Side::Left, $station)->lost)->toEqualWithDelta($lost, 1e-9)
            ->and($chassis->section(Side::Right, $station)->lost)->toBe(0.0);
    })->with([[0.0, 0.2], [500.0, 0.2], [1000.0, 0.7], [1500.0, 1.2], [1900.0, 1.2]]);

    it('lost nothing where a wall is thicker than new', function () {
        expect(Trucks::truck(['walls' => [['id' => 'w', 'station' => 500, 'measured' => 6.4]]])->section(Side::Left, 500.0)->lost)->toBe(0.0);
    });

    it('can still be boxed and lined: the plate stands on the tips and the liner against the web that are left', function (array $more, float $area) {
        // 0.9 mm lost of every outer face: depth 198.2, width 69.1, wall 5.1.
        $chassis = Trucks::truck(['rails' => [['id' => 'R1', 'from' => 0, 'to' => 2000, 'section' => Trucks::CHANNEL, ...$more]], 'features' => [], 'walls' => [['id' => 'w', 'station' => 500, 'measured' => 5.1]]]);
        $channel = 198.2 * 5.1 + 2 * (69.1 - 5.1) * 5.1;
        expect($chassis->section(Side::Left, 500.0)->properties->area)->toEqualWithDelta($channel + $area, 1e-6);
    })->with([
        'a plate of five' => [['plate' => 5], 5 * 198.2],
        'a liner of four' => [['liner' => 4], 4 * (198.2 - 2 * 5.1) + 2 * 4 * (69.1 - 5.1 - 4)],
        'as it is' => [[], 0.0],
    ]);

    it('tapers evenly', function () {
        $rail = channelRail(['rearDepth' => 140])->rail(Side::Left, 1000.0);
        expect($rail->depth(0.0))->toBe(200.0)->and($rail->depth(1000.0))->toBe(170.0)->and($rail->depth(2000.0))->toBe(140.0)->and($rail->tapers())->toBeTrue()
            ->and(channelRail(['rearDepth' => 140])->section(Side::Left, 1500.0)->depth)->toBe(155.0);
    });

    it('is stiffer with a liner, with a plate on its web, and in torsion with a closing plate', function () {
        $plain = channelRail()->section(Side::Left, 500.0);
        $lined = channelRail(['liner' => 5])->section(Side::Left, 500.0);
        $boxed = channelRail(['plate' => 6])->section(Side::Left, 500.0);
        $doubled = channelRail(['doubler' => 6, 'doublerHeight' => 170])->section(Side::Left, 500.0);
        // Liner 188 × 64 − 5: web 188 × 5 and two flanges of 59 × 5 at ±91.5.
        $liner = 5 * 188 ** 3 / 12 + 2 * (59 * 5 ** 3 / 12 + 59 * 5 * 91.5 ** 2);
        expect($lined->properties->inertiaY - $plain->properties->inertiaY)->toEqualWithDelta($liner, 1)
            ->and($doubled->properties->inertiaY - $plain->properties->inertiaY)->toEqualWithDelta(6 * 170 ** 3 / 12, 1)
            ->and($boxed->section->torsionConstant())->toEqualWithDelta(8.3826e6, 100)->and($boxed->section->cell())->not->toBeNull()->and($plain->section->cell())->toBeNull();
    });

    it('keeps a guess a guess, and takes a yield that nobody vouches for as one', function () {
        expect(channelRail(['yield' => 240])->rails[0]->known)->toBe(Known::Guess)
            ->and(channelRail(['yield' => 240, 'known' => 'stamp'])->rails[0]->known)->toBe(Known::Stamp)
            ->and(channelRail()->rails[0]->known)->toBeNull()
            ->and(Known::Guess->words())->toBe('a guess');
    });

    it('has no section where no rail is', function () {
        expect(channelRail()->section(Side::Left, 2500.0))->toBeNull()
            ->and(channelRail(['side' => 'right'])->section(Side::Left, 500.0))->toBeNull()
            ->and(channelRail(['side' => 'right'])->section(Side::Right, 500.0))->not->toBeNull();
    });

    it('refuses what no rail is', function (array $more, string $says) {
        expect(fn () => channelRail($more))->toThrow(InvalidFields::class, $says);
    })->with([
        'ends before it begins' => [['to' => -10], 'frame.rails[0].to: a rail runs rearward'],
        'zero wall' => [['section' => [...Trucks::CHANNEL, 'thickness' => 0]], 'frame.rails[0].section.thickness: Thickness has to be more than 0'],
        'a wall thicker than the flange is wide' => [['section' => [...Trucks::CHANNEL, 'thickness' => 80]], 'frame.rails[0].section.width'],
        'a liner without room' => [['liner' => 95], 'frame.rails[0].liner: a liner lies inside a channel'],
        'a plate on a box' => [['section' => ['kind' => 'box', 'depth' => 100, 'width' => 60, 'thickness' => 4], 'plate' => 4], 'frame.rails[0].plate: a closing plate stands on the tips of a channel'],
        'a doubler higher than the rail' => [['doubler' => 5, 'doublerHeight' => 230], 'frame.rails[0].doublerHeight'],
        'known but not given' => [['known' => 'stamp'], 'frame.rails[0].yield: missing'],
        'a negative depth' => [['section' => [...Trucks::CHANNEL, 'depth' => -200]], 'Depth, outside has to be more than 0'],
        'a misspelt key' => [['yeild' => 355], 'frame.rails[0].yeild: unknown key'],
    ]);

    it('does not lie over another', function () {
        $rails = fn (string $side, float $from): array => ['rails' => [['id' => 'R1', 'from' => 0, 'to' => 2000, 'side' => 'left', 'section' => Trucks::CHANNEL], ['id' => 'R2', 'from' => $from, 'to' => 4000, 'side' => $side, 'section' => Trucks::CHANNEL]], 'features' => []];
        expect(fn () => Trucks::truck($rails('both', 1900)))->toThrow(InvalidFields::class, 'rail R2 lies over rail R1 between 1900 and 2000 mm')
            ->and(Trucks::truck($rails('right', 1900))->rails)->toHaveCount(2)->and(Trucks::truck($rails('both', 2000))->rails)->toHaveCount(2);
    });
});

describe('a length of rail that is changed', function () {
    it('is parted from the rest, on its side alone', function (RailSide $side, array $runs) {
        $changed = channelRail()->changed($side, 500.0, 900.0, fn (Rail $rail): Rail => $rail->closedBy(6.0));
        expect(array_map(fn (Rail $rail): string => sprintf('%s %s %g–%g%s', $rail->id(), $rail->side->value, $rail->from, $rail->to, $rail->plate === null ? '' : ' boxed'), $changed->rails))->toBe($runs);
    })->with([
        'both' => [RailSide::Both, ['R1-a both 0–500', 'R1-b both 500–900 boxed', 'R1-c both 900–2000']],
        'left' => [RailSide::Left, ['R1-left-a left 0–500', 'R1-left-b left 500–900 boxed', 'R1-left-c left 900–2000', 'R1-right right 0–2000']],
    ]);

    it('is not changed where a part of it has no rail', function () {
        expect(channelRail()->changed(RailSide::Both, 1500.0, 2500.0, fn (Rail $rail): Rail => $rail->closedBy(6.0)))->toBeNull();
    });

    it('keeps the depth of a taper where it is parted', function () {
        $changed = channelRail(['rearDepth' => 140])->changed(RailSide::Both, 1000.0, 2000.0, fn (Rail $rail): Rail => $rail->closedBy(6.0));
        foreach ([0.0, 400.0, 999.0, 1001.0, 1600.0, 2000.0] as $x) {
            expect($changed->section(Side::Left, $x)->depth)->toEqualWithDelta(200 - 0.03 * $x, 1e-9);
        }
    });
});

describe('a document', function () {
    it('is kept as it was read, stations given from something else in their words', function () {
        $document = [...Trucks::document(), 'carried' => [['feature' => 'exhaust', 'from' => '10 in', 'to' => 2000]]];
        $kept = (new ChassisReader)->kept($document, new FieldReader);
        expect(array_keys($kept))->toEqualCanonicalizing(['axles', 'rails', 'features', 'lines', 'masses'])->and($kept['lines'][1])->toBe(['id' => 'c1', 'kind' => 'other', 'name' => 'exhaust', 'path' => [['station' => 254.0, 'side' => 'centre'], ['station' => 2000.0, 'side' => 'centre']]])
            ->and((new ChassisReader)->kept($kept, new FieldReader))->toBe($kept);
    });

    it('in inches is kept in millimetres', function () {
        $kept = (new ChassisReader)->kept(['axles' => [['id' => 'front', 'station' => 10, 'rating' => 2200]], 'masses' => [['id' => 'm', 'name' => 'cab', 'mass' => 900, 'station' => 20]]], new FieldReader(LengthUnit::Inch));
        expect($kept['axles'][0])->toBe(['id' => 'front', 'station' => 254.0, 'rating' => 2200.0])
            ->and($kept['masses'][0]['mass'])->toBe(900.0)
            ->and($kept['masses'][0]['station'])->toEqualWithDelta(508.0, 1e-9);
    });

    it('names everything that is wrong in it at once', function () {
        $wrong = ['rails' => [['id' => 'R 1', 'from' => 0, 'to' => 10, 'section' => Trucks::CHANNEL]], 'features' => [['id' => 'a', 'kind' => 'hole', 'station' => 5], ['id' => 'b', 'kind' => 'wing', 'station' => 5], ['id' => 'c', 'kind' => 'weld', 'station' => 5], ['id' => 'c', 'kind' => 'weld', 'station' => 6]]];
        expect(fn () => (new ChassisReader)->parts($wrong, new FieldReader, ChassisParts::all()))->toThrow(function (InvalidFields $invalid) {
            expect(array_column($invalid->problems(), 'path'))->toBe(['frame.rails[0].id', 'frame.features[0].diameter', 'frame.features[1].kind', 'frame.features[3].id']);
        });
    });

    it('takes five hundred features and no more', function (int $count, bool $taken) {
        $features = array_map(fn (int $i): array => ['id' => "f$i", 'kind' => 'hole', 'station' => $i, 'diameter' => 11], range(1, $count));
        $read = fn () => (new ChassisReader)->parts(['features' => $features], new FieldReader, ChassisParts::all());
        $taken ? expect($read())->toHaveCount($count) : expect($read)->toThrow(InvalidFields::class, 'frame.features: 501 entries; at most 500.');
    })->with([[500, true], [501, false]]);
});

describe('a plain ladder truck', function () {
    /** @param  array<string, mixed>  $more */
    function ladderTruck(array $more = []): Chassis
    {
        $eight = ['wheelbase' => 3300, 'ahead' => 700, 'behind' => 2000, 'over' => 840, 'depth' => 200, 'flange' => 70, 'wall' => 6, 'spring' => 1300, ...$more];
        $document = LadderTruck::parts((new FieldReader)->read(LadderTruck::fields(), $eight));

        return Chassis::of((new ChassisReader)->parts($document, new FieldReader, ChassisParts::all()));
    }

    it('asks for eight numbers and gives rails, axles, hangers and crossmembers', function () {
        $truck = ladderTruck();
        expect(LadderTruck::fields())->toHaveCount(8)
            ->and($truck->span())->toBe([-700.0, 5300.0])
            ->and($truck->axles[1]->station)->toBe(3300.0)
            ->and($truck->rails[0]->offset)->toBe(420.0);
        $at = fn (FixtureKind $kind): array => array_values(array_map(fn ($one): float => $one->station, array_filter($truck->fixtures, fn ($one): bool => $one->kind === $kind)));
        expect($at(FixtureKind::SpringHanger))->toBe([-650.0, 650.0, 2650.0, 3950.0])
            ->and($at(FixtureKind::Crossmember)[0])->toBe(-660.0)
            ->and(count($at(FixtureKind::Crossmember)))->toBeGreaterThan(3);
    });

    it('sets a hanger before the rail on its very end', function () {
        expect(ladderTruck(['ahead' => 400])->fixtures[0]->station)->toBe(-400.0);
    });

    it('refuses springs that meet or end off the frame', function () {
        expect(fn () => ladderTruck(['spring' => 1300, 'behind' => 500]))->toThrow(InvalidFields::class, 'spring: the rear spring has to end on the frame')
            ->and(fn () => ladderTruck(['wheelbase' => 1200]))->toThrow(InvalidFields::class, 'spring');
    });
});

describe('where the rails run', function () {
    it('is straight between the charted points of a side, level beyond them', function () {
        $path = new RailPath(Readings::ladder(3)->points);
        // AL at 100, −390, 450; BL at 800, −410, 420.
        expect($path->at(Side::Left, 450.0))->toEqual([-400.0, 435.0])->and($path->at(Side::Left, -300.0))->toEqual([-390.0, 450.0])->and($path->at(Side::Right, 5000.0))->toEqual([390.0, 390.0])
            ->and($path->knots(Side::Right))->toBe([100.0, 800.0, 1500.0])->and($path->isCharted())->toBeTrue()->and($path->at(Side::Centre, 450.0))->toEqual([0.0, 435.0]);
    });

    it('mirrors the other side where one is not charted, and takes the width that is given where none is', function () {
        $left = new RailPath(array_values(array_filter(Readings::ladder(3)->points, fn ($p): bool => $p->side === Side::Left)));
        expect($left->at(Side::Right, 450.0))->toEqual([400.0, 435.0])
            ->and((new RailPath([]))->at(Side::Right, 0.0, 420.0))->toBe([420.0, 0.0])
            ->and((new RailPath([]))->at(Side::Left, 0.0))->toBe([-400.0, 0.0])
            ->and((new RailPath([]))->isCharted())->toBeFalse();
    });
});

it('knows the sides of a rail', function () {
    expect(RailSide::Both->sides())->toBe([Side::Left, Side::Right])->and(RailSide::Centre->sides())->toBe([Side::Centre])->and(RailSide::Left->meets(RailSide::Right))->toBeFalse()->and(RailSide::Left->meets(RailSide::Both))->toBeTrue()
        ->and(RailSide::Right->is(Side::Right))->toBeTrue()->and(RailSide::Both->is(Side::Left))->toBeTrue()->and(RailSide::ofRails())->toBe(['both', 'left', 'right']);
});
