<?php

declare(strict_types=1);

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\Fixture;
use Geodex\Core\Chassis\Loads\FrameLoads;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Frame\Axle;
use Geodex\Core\Frame\CarriedItem;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Frame\Side;
use Geodex\Core\Frame\StationNames;
use Geodex\Core\Frame\Tolerance;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Plan\Consequences;
use Geodex\Core\Plan\FramePlanner;
use Geodex\Core\Plan\HoleChecker;
use Geodex\Core\Plan\JointShrinkage;
use Geodex\Core\Plan\MeasuredEnds;
use Geodex\Core\Plan\MeasuredPlace;
use Geodex\Core\Plan\Operation;
use Geodex\Core\Plan\OperationKinds;
use Geodex\Core\Plan\RailLine;
use Geodex\Core\Plan\Shift;
use Geodex\Core\Plan\Stand\HalfFrame;
use Geodex\Core\Plan\Stand\SpreadGuide;
use Geodex\Core\Plan\Stand\StandFields;
use Geodex\Core\Plan\StationSights;
use Geodex\Core\Plan\Variant;
use Geodex\Core\Plan\Windows\CutRules;
use Geodex\Core\Plan\Windows\CutWindows;
use Geodex\Core\Settings\ShopDefaults;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Shop\ShopDefault;
use Geodex\Core\Tests\Support\Kept;
use Geodex\Core\Tests\Support\Trucks;

/** Rails that rise behind the cab and run in a little, charted in six rows, with what runs along them. */
function cabChassis(): Frame
{
    $points = [];
    foreach ([-500 => [400, 380], 700 => [400, 400], 1300 => [430, 400], 2100 => [520, 410], 3000 => [520, 405], 5000 => [500, 400]] as $x => [$z, $half]) {
        foreach (['L' => -1, 'R' => 1] as $side => $sign) {
            $points[] = new Point("P$x$side", '', $sign < 0 ? Side::Left : Side::Right, "P$x".($sign < 0 ? 'R' : 'L'), null, Vector3::of($x + ($sign > 0 ? 15 : 0), $half * $sign, $z), Tolerance::all(), $x < 1500);
        }
    }

    return new Frame($points, [new Axle('front', 0, 380.0), new Axle('rear', 3300, 380.0)], [new CarriedItem('brake line', [-250, 3200]), new CarriedItem('cab loom', [-300, 900])]);
}

/** The truck as metal, with a back of cab, a tank, a bolt and welds. */
function cabTruck(): Chassis
{
    $document = Trucks::document();
    $document['features'] = [
        ...$document['features'],
        ['id' => 'B', 'kind' => 'back-of-cab', 'station' => 950],
        ['id' => 'T', 'kind' => 'tank', 'name' => 'fuel tank', 'side' => 'right', 'station' => 2900, 'length' => 500],
        ['id' => 'O2', 'kind' => 'hole', 'side' => 'both', 'station' => 2000, 'diameter' => 22, 'up' => -20],
        ['id' => 'O3', 'kind' => 'hole', 'side' => 'both', 'station' => 2040, 'diameter' => 20, 'face' => 'top'],
        ['id' => 'W', 'kind' => 'weld', 'station' => 1300, 'length' => 60],
        ['id' => 'K', 'kind' => 'crack', 'side' => 'left', 'station' => 3700],
    ];
    $document['walls'] = [['id' => 'W1', 'side' => 'left', 'station' => 1000, 'measured' => 5.6], ['id' => 'W2', 'side' => 'both', 'station' => 2200, 'face' => 'top', 'measured' => 5.1], ['id' => 'W3', 'side' => 'right', 'station' => 4400, 'measured' => 4.9]];
    $document['lines'][] = ['id' => 'S', 'kind' => 'shaft', 'name' => 'driveshaft', 'path' => [['station' => 400], ['station' => 1750], ['station' => 3250]]];

    return Trucks::truck($document, cabChassis());
}

/** @param  list<array<string, mixed>>  $operations */
function operationsOf(array $operations): array
{
    $reader = new FieldReader(stations: new StationNames(cabChassis()));

    return array_map(fn (array $one, int $i): Operation => OperationKinds::read($one['kind'], 'op'.($i + 1), array_diff_key($one, ['kind' => 1]), $reader), $operations, array_keys($operations));
}

it('asks for what is kept: fields of operations, stands and spreads, and the values that a shop sets', function () {
    Kept::same('plan-fields', [
        'operations' => array_map(fn (string $class): array => [$class::kind(), $class::label(), $class::fields()], OperationKinds::all()),
        'stand' => StandFields::all(),
        'spread' => SpreadGuide::fields(),
        'rules' => array_map(fn ($rule): array => [$rule::name(), $rule::shopDefaults()], CutRules::all()),
        'spread tolerance' => SpreadGuide::shopDefaults(),
        'consequences' => Consequences::shopDefaults(),
        'variants' => Variant::LETTERS,
        'what a shop may set' => array_map(fn (ShopDefault $one): array => [$one->group, $one->field, $one->source], ShopDefaults::all()),
    ]);
});

it('finds where to cut as kept', function (string $name, Shop $shop, bool $loaded, bool $charted) {
    $chassis = cabTruck();
    $line = new RailLine($charted ? cabChassis() : new Frame([]), $chassis->span());
    $windows = new CutWindows($chassis, $line, $shop, $loaded ? new FrameLoads($chassis, $shop) : null);
    Kept::same("windows-$name", [
        'forbidden' => $windows->forbidden,
        'windows' => $windows->windows,
        'at' => array_map(fn (int $x): array => array_map(fn ($one): array => [$one->rule, $one->by((float) $x)], $windows->at((float) $x)), array_combine(range(-600, 5200, 200), range(-600, 5200, 200))),
        'crooked' => $line->crooked(),
    ]);
})->with([
    ['bare', new Shop, false, false],
    ['charted', new Shop, false, true],
    ['loaded', new Shop, true, true],
    ['own', new Shop(['hangerClearance' => 1.5, 'crossmemberClearance' => 0.5, 'holeClearance' => 1.0, 'weldClearance' => 60.0, 'accessInside' => 300.0]), true, false],
]);

it('finds where to cut other frames as kept', function () {
    $features = fn (array ...$all): array => array_map(fn (array $one, int $i): array => ['id' => "F$i", 'kind' => $one[0], 'station' => $one[1], ...array_filter(['length' => $one[2] ?? null, 'side' => $one[3] ?? null, 'diameter' => $one[4] ?? null])], $all, array_keys($all));
    $rail = fn (float $from, float $to, array $more = []): array => [['id' => 'R1', 'from' => $from, 'to' => $to, 'section' => Trucks::CHANNEL, 'yield' => 355, ...$more]];
    $frames = [
        'nothing on it' => ['features' => [], 'rails' => $rail(-700.4, 5300.7), 'lines' => []],
        'a long bay behind' => ['features' => $features(['crossmember', 200.4, 80], ['crossmember', 900.6, 80], ['crossmember', 3600.3, 90], ['crossmember', 4400, 80]), 'lines' => []],
        'bays alike' => ['features' => $features(['crossmember', 0, 80], ['crossmember', 1500, 80], ['crossmember', 3000, 80], ['crossmember', 4500, 80]), 'lines' => []],
        'everything in the way' => ['features' => $features(['tank', 500, 300, 'left'], ['bracket', 1100, 120, 'right'], ['engine-mount', 1700.5, 100, 'both'], ['gearbox-mount', 2300, 100, 'centre'], ['body-mount', 2900.4, 80, 'both'], ['steering-box', 3500, 200, 'left'], ['axle-seat', 4300, 200], ['link-mount', 5000])],
        'holes and rivets' => ['features' => $features(['hole', 600, null, 'left', 12.5], ['hole', 1200.6, null, 'right', 40], ['rivet', 1800, null, 'both', 8], ['bolt', 2400], ['hole', 3000, null, 'both', 13])],
        'welds and bends' => ['features' => $features(['weld', 700], ['weld', 1500, 120], ['bend', 2300, 150], ['crack', 3900, null, 'left'], ['weld', 4700.3, 20, 'right'])],
        'a shallow rail' => ['features' => $features(['crossmember', 1200, 60], ['spring-hanger', 2600, 120], ['weld', 3600]), 'rails' => [['id' => 'R1', 'from' => -200, 'to' => 4100.6, 'section' => ['kind' => 'box', 'depth' => 60, 'width' => 50, 'thickness' => 3], 'yield' => 235]]],
        'rails of unlike depth' => ['features' => $features(['crossmember', 1200, 60], ['spring-hanger', 2600, 120, 'left'], ['spring-hanger', 3000, 120, 'centre']), 'rails' => [['id' => 'R1', 'from' => -200, 'to' => 2000, 'section' => Trucks::CHANNEL, 'yield' => 355], ['id' => 'R2', 'from' => 2000, 'to' => 4600, 'section' => [...Trucks::CHANNEL, 'depth' => 140], 'yield' => 355]]],
        'one axle' => ['axles' => [['id' => 'only', 'station' => 1500, 'tyreRadius' => 380, 'rating' => 3000]], 'features' => $features(['crossmember', 1200, 60])],
        'three axles' => ['axles' => [['id' => 'front', 'station' => 0, 'rating' => 4000], ['id' => 'drive', 'station' => 3000, 'rating' => 6000], ['id' => 'tag', 'station' => 4200, 'rating' => 6000]], 'features' => $features(['crossmember', 1200, 60])],
        'a short rail' => ['rails' => $rail(1000, 1260), 'features' => [], 'lines' => []],
        'a heat treated rail' => ['rails' => $rail(-700, 5300, ['yield' => 900]), 'features' => [], 'lines' => []],
    ];
    $kept = [];
    foreach ($frames as $name => $change) {
        $axles = array_map(fn (array $axle): Axle => new Axle($axle['id'], (float) $axle['station'], $axle['tyreRadius'] ?? null, null, (float) $axle['rating']), $change['axles'] ?? Trucks::document()['axles']);
        $chassis = Trucks::truck($change, new Frame([], $axles));
        foreach (count($axles) < 2 ? [false] : [false, true] as $loaded) {
            $windows = new CutWindows($chassis, new RailLine(new Frame([]), $chassis->span()), new Shop, $loaded ? new FrameLoads($chassis, new Shop) : null);
            $kept[$name.($loaded ? ', loaded' : '')] = [array_map(fn ($one): array => [$one->rule, $one->from, $one->to, $one->why], $windows->forbidden), $windows->windows];
        }
    }
    Kept::same('windows-of-others', $kept);
});

$jobs = [
    'kick-half' => [['kind' => 'kick', 'at' => 2200, 'height' => 1, 'angle' => 5]],
    'stretch' => [['kind' => 'stretch', 'at' => 1750, 'length' => 640, 'kerf' => 3, 'gap' => 3]],
    'stretch-on-slope' => [['kind' => 'stretch', 'at' => 1700, 'length' => 300, 'witness' => 150, 'shrinkage' => 1.2]],
    'stretch-level' => [['kind' => 'stretch', 'at' => 1700, 'length' => 300, 'level' => true]],
    'shorten' => [['kind' => 'shorten', 'at' => 2150, 'length' => 250, 'kerf' => 2.5, 'gap' => 2]],
    'shorten-through-points' => [['kind' => 'shorten', 'at' => 1250, 'length' => 900]],
    'two-cuts' => [['kind' => 'shorten', 'at' => 4200, 'length' => 300], ['kind' => 'stretch', 'at' => 1750, 'length' => 500]],
    'replace' => [['kind' => 'replace', 'at' => 1600, 'length' => 300, 'kerf' => 3], ['kind' => 'replace', 'at' => 2500, 'length' => 200, 'insert' => 450]],
    'kick' => [['kind' => 'kick', 'at' => 2200, 'height' => 120, 'angle' => 30, 'kerf' => 3, 'gap' => 2]],
    'kick-down' => [['kind' => 'kick', 'at' => 1500, 'direction' => 'down', 'height' => 80, 'angle' => 20, 'takeOut' => 400]],
    'axle' => [['kind' => 'move-axle', 'axle' => 'rear', 'by' => 350]],
    'axle-forward' => [['kind' => 'move-axle', 'axle' => 'rear', 'way' => 'forward', 'by' => 200], ['kind' => 'stretch', 'at' => 1750, 'length' => 300]],
    'fixtures' => [['kind' => 'move-feature', 'feature' => 'X2', 'to' => '150 behind P1300L'], ['kind' => 'remove-feature', 'feature' => 'X1', 'instead' => 'bolted crossmember'], ['kind' => 'add-feature', 'new' => ['kind' => 'crossmember', 'station' => 2700, 'length' => 100, 'name' => 'new one']]],
    'holes' => [['kind' => 'add-feature', 'new' => ['kind' => 'hole', 'side' => 'left', 'station' => 1910, 'up' => 50, 'diameter' => 16]], ['kind' => 'add-feature', 'new' => ['kind' => 'hole', 'side' => 'right', 'station' => 2035, 'up' => 0, 'diameter' => 30, 'face' => 'top']], ['kind' => 'move-feature', 'feature' => 'O1', 'to' => 2020]],
    'plates' => [['kind' => 'plate', 'from' => 1200, 'to' => 1500, 'thickness' => 6], ['kind' => 'box', 'from' => 2200, 'to' => 2700, 'thickness' => 5, 'side' => 'left']],
    'plate-across-a-cut' => [['kind' => 'plate', 'from' => 1500, 'to' => 2000, 'thickness' => 8, 'height' => 150], ['kind' => 'stretch', 'at' => 1750, 'length' => 400]],
];

it('lays operations on a frame as kept', function (string $name, array $operations) {
    $plan = (new FramePlanner)->plan(cabChassis(), operationsOf($operations), cabTruck());
    $places = array_map(fn (Point $point, int $i): MeasuredPlace => new MeasuredPlace($point->id, $point->side, $point->reference->plus(Vector3::of(0, ($i % 3) - 1, 2 * ($i % 2))), Vector3::of(0.4, 0.5, 0.6)), cabChassis()->points, range(0, 11));
    Kept::same("plan-$name", [
        'target' => $plan->target,
        'axles' => $plan->frame->axles,
        'carried' => $plan->carried,
        'witness' => $plan->witness,
        'cuts' => $plan->cuts,
        'warnings' => $plan->warnings,
        'wheelbase' => [$plan->wheelbaseBefore, $plan->wheelbaseAfter],
        'features' => array_map(fn ($one): array => [$one->id(), $one->kind, $one->station, $one->length, $one->side], $plan->chassis->fixtures),
        'rails' => array_map(fn ($one): array => [$one->id(), $one->from, $one->to], $plan->chassis->rails),
        'rest' => [$plan->chassis->axles, $plan->chassis->walls, $plan->chassis->masses, $plan->chassis->lines],
        'consequences' => (new Consequences)->of($plan),
        'ends' => array_map(fn (Shift $shift): array => (new MeasuredEnds($places))->across($shift), $plan->shifts->all),
        'spread' => array_map(fn (Shift $shift): ?array => SpreadGuide::across($plan, $shift)?->planned(), $plan->shifts->all),
        'moved' => array_map(fn (int $x): ?Vector3 => $plan->moved(Vector3::of($x, 380, 450)), range(-600, 5400, 300)),
        'sights' => array_map(fn (Operation $one): array => (new StationSights(cabChassis(), cabTruck()))->of($one->station(), Side::Left, 'X2'), operationsOf($operations)),
    ]);
})->with(array_map(fn (string $name, array $operations): array => [$name, $operations], array_keys($jobs), $jobs));

it('proposes posts for the halves as kept', function () {
    $given = (new FieldReader)->read(StandFields::all(), ['cut' => 1800, 'frontA' => 250, 'rearFloor' => [700, 704, 699, 702.5]]);
    $halves = [];
    foreach ([-400.0, 0.0, 600.0, 1100.0, 1750.0, 2400.0, 3300.0, 5000.0] as $cut) {
        foreach (HalfFrame::both(cabTruck(), $cut) as $half) {
            $halves["$half->name of $cut"] = [$half, StandFields::posts($half, $given), StandFields::shims($half, $given)];
        }
    }
    Kept::same('plan-halves', [
        ...$halves,
        'bare' => HalfFrame::both(Trucks::truck(['masses' => []]), 1800.0),
        'nothing' => HalfFrame::both(Chassis::of([]), 1800.0),
        'shrinkage' => array_map(fn (array $one): float => (new JointShrinkage(new Shop(['shrinkageOfArea' => $one[0], 'shrinkageOfGap' => $one[1]])))->of($one[2], $one[3]), [[0.1, 0.0, 3.0, 6.0], [0.2, 0.05, 3.0, 6.0], [0.2, 0.05, 0.0, 6.0], [0.1, 0.0, 2.0, 8.0]]),
        'shrinkage defaults' => JointShrinkage::shopDefaults(),
    ]);
});

it('says of new holes what is kept', function () {
    $kept = [];
    $truck = cabTruck();
    foreach (['web', 'top'] as $face) {
        foreach ([14.0, 41.0] as $diameter) {
            foreach ($face === 'web' ? ['left', 'both'] : ['right'] as $side) {
                foreach ([-60, 1320, 1350, 1380, 1890, 1915, 2000, 2025, 2400, 2990, 3690, 4700] as $station) {
                    foreach ([0, -75] as $up) {
                        $hole = Fixture::of('op1', (new FieldReader)->read(Fixture::fields(), ['kind' => 'hole', 'station' => $station, 'diameter' => $diameter, 'face' => $face, 'side' => $side, 'up' => $up]));
                        foreach (['' => new Shop, ' own' => new Shop(['holePitch' => 6.0, 'holeBend' => 0.5, 'holeWeld' => 90.0, 'holeHanger' => 0.5, 'holeLargest' => 0.05])] as $whose => $shop) {
                            $said = (new HoleChecker($truck, $shop))->of('op1', $hole);
                            if ($said !== []) {
                                $kept["$face $diameter $side $station $up$whose"] = $said;
                            }
                        }
                    }
                }
            }
        }
    }
    Kept::same('plan-new-holes', $kept);
});

it('says of plates on rails what is kept', function () {
    $half = fn (string $id, float $from, float $to, float $yield): array => ['id' => $id, 'from' => $from, 'to' => $to, 'section' => Trucks::CHANNEL, 'yield' => $yield];
    $rails = [
        'one run' => [$half('R1', -700, 5300, 355)],
        'heat-treated behind' => [$half('R1', -700, 2000, 355), $half('R2', 2000, 5300, 900)],
        'on the left alone' => [['side' => 'left', ...$half('R1', -700, 5300, 355)]],
        'with a gap' => [$half('R1', -700, 1900, 355), $half('R2', 2100, 5300, 355)],
    ];
    $kept = [];
    foreach ($rails as $name => $all) {
        $truck = Trucks::truck(['rails' => $all], cabChassis());
        foreach ([[1200, 1500], [1800, 2300], [-700, -300], [4900, 5300], [4900, 5301], [1700, 2600]] as [$from, $to]) {
            foreach ([['kind' => 'plate', 'thickness' => 6], ['kind' => 'plate', 'thickness' => 1, 'height' => 30], ['kind' => 'box', 'thickness' => 5], ['kind' => 'box', 'thickness' => 4, 'side' => 'right']] as $k => $one) {
                try {
                    $plan = (new FramePlanner)->plan(cabChassis(), operationsOf([['from' => $from, 'to' => $to, ...$one]]), $truck);
                    $kept["$name, $from to $to, $k"] = [$plan->warnings, array_map(fn ($rail): array => [$rail->id(), $rail->side, $rail->from, $rail->to], $plan->chassis->rails)];
                } catch (CoreFailure $failure) {
                    $kept["$name, $from to $to, $k"] = $failure->getMessage();
                }
            }
        }
    }
    Kept::same('plan-plates-elsewhere', $kept);
});

it('says of cuts along the frame what is kept', function () {
    $kept = [];
    $truck = cabTruck();
    foreach (range(-650, 5250, 75) as $at) {
        foreach ([['kind' => 'stretch', 'at' => $at, 'length' => 120], ['kind' => 'shorten', 'at' => $at, 'length' => 200]] as $one) {
            try {
                $kept["{$one['kind']} at $at"] = (new FramePlanner(new Shop($at % 150 === 0 ? [] : ['cutClearOfPoint' => 30.0, 'cutClearOfAxle' => 100.0, 'levelRail' => 5.0])))->plan(cabChassis(), operationsOf([$one]), $truck)->warnings;
            } catch (CoreFailure $failure) {
                $kept["{$one['kind']} at $at"] = $failure->getMessage();
            }
        }
    }
    Kept::same('plan-cuts-along', $kept);
});

it('refuses what no frame takes, in the words that are kept', function () {
    $stretch = fn (array $more): array => ['kind' => 'stretch', 'at' => 1750, 'length' => 640, ...$more];
    $refused = [];
    foreach ([
        'off the frame' => [$stretch(['at' => 9000])],
        'ahead of it' => [$stretch(['at' => -3000])],
        'nothing' => [$stretch(['length' => 0])],
        'ten metres' => [$stretch(['length' => 10000])],
        'a thick saw' => [$stretch(['kerf' => 21])],
        'a wide gap' => [$stretch(['gap' => 25])],
        'a saw as wide as the piece' => [$stretch(['length' => 3, 'kerf' => 3, 'gap' => 8])],
        'shortened by more than there is' => [['kind' => 'shorten', 'at' => 4000, 'length' => 3000]],
        'a band over an axle' => [['kind' => 'shorten', 'at' => 3100, 'length' => 500]],
        'two bands that overlap' => [['kind' => 'shorten', 'at' => 2000, 'length' => 300], ['kind' => 'shorten', 'at' => 2200, 'length' => 300]],
        'a cut in a band' => [['kind' => 'shorten', 'at' => 2000, 'length' => 300], $stretch(['at' => 2100])],
        'a steep kick' => [['kind' => 'kick', 'at' => 2200, 'height' => 120, 'angle' => 85]],
        'a kick of nothing' => [['kind' => 'kick', 'at' => 2200, 'height' => 0, 'angle' => 30]],
        'an axle that is not there' => [['kind' => 'move-axle', 'axle' => 'middle', 'by' => 100]],
        'an axle past the other' => [['kind' => 'move-axle', 'axle' => 'rear', 'way' => 'forward', 'by' => 3000]],
        'a feature that is not there' => [['kind' => 'move-feature', 'feature' => 'Z9', 'to' => 1500]],
        'a feature off the rail' => [['kind' => 'move-feature', 'feature' => 'X1', 'to' => 9000]],
        'a plate the wrong way round' => [['kind' => 'plate', 'from' => 1500, 'to' => 1200, 'thickness' => 6]],
        'a plate off the rail' => [['kind' => 'plate', 'from' => 5000, 'to' => 9000, 'thickness' => 6]],
        'a thick box' => [['kind' => 'box', 'from' => 1200, 'to' => 1500, 'thickness' => 40]],
        'a kick off the rail' => [['kind' => 'kick', 'at' => 5600, 'height' => 120, 'angle' => 30]],
        'a kick that takes out more than there is' => [['kind' => 'kick', 'at' => 4800, 'height' => 120, 'angle' => 30, 'takeOut' => 2000]],
        'a replaced end' => [['kind' => 'replace', 'at' => 5000, 'length' => 800]],
        'an unknown kind' => [['kind' => 'bend', 'at' => 1500]],
        'a kind of feature that is not known' => [['kind' => 'add-feature', 'new' => ['kind' => 'door', 'station' => 1500]]],
        'words for a number' => [$stretch(['length' => 'twelve'])],
        'an insert with its joints on an axle' => [['kind' => 'replace', 'at' => 3200, 'length' => 200]],
    ] as $what => $operations) {
        try {
            $plan = (new FramePlanner)->plan(cabChassis(), operationsOf($operations), cabTruck());
            $refused[$what] = ['taken', $plan->warnings];
        } catch (CoreFailure $failure) {
            $refused[$what] = [$failure->errorCode(), $failure->getMessage(), $failure->context()];
        }
    }
    Kept::same('plan-refused', $refused);
});
