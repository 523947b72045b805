<?php

declare(strict_types=1);

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\Loads\FrameLoads;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Plan\RailLine;
use Geodex\Core\Plan\Windows\CutRules;
use Geodex\Core\Plan\Windows\CutWindow;
use Geodex\Core\Plan\Windows\CutWindows;
use Geodex\Core\Plan\Windows\ForbiddenStretch;
use Geodex\Core\Settings\ShopDefaults;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Tests\Support\Said;
use Geodex\Core\Tests\Support\Trucks;

function windowsOf(Chassis $chassis, ?Shop $shop = null, bool $loaded = false, ?Frame $frame = null): CutWindows
{
    return new CutWindows($chassis, new RailLine($frame ?? new Frame([]), $chassis->span()), $shop ?? new Shop, $loaded ? new FrameLoads($chassis, $shop ?? new Shop) : null);
}

/** @return list<string> */
function openStretches(CutWindows $windows): array
{
    return array_map(fn (CutWindow $one): string => sprintf('%.0f–%.0f', $one->from, $one->to), $windows->windows);
}

it('keeps the worked example: between crossmember, kick and hanger twenty millimetres are left', function () {
    // Depth 200, hanger at 2400, crossmember 1500–1580, kick ending 1300, part 300: from 1780 to 1800.
    $chassis = Trucks::truck(['features' => [
        ['id' => 'H', 'kind' => 'spring-hanger', 'station' => 2400],
        ['id' => 'X', 'kind' => 'crossmember', 'station' => 1540, 'length' => 80],
        ['id' => 'K', 'kind' => 'bend', 'station' => 1200, 'length' => 200],
        ['id' => 'Y', 'kind' => 'crossmember', 'station' => 3500, 'length' => 2600],
    ], 'rails' => [['id' => 'R1', 'from' => 500, 'to' => 5300, 'section' => Trucks::CHANNEL]]]);
    expect(openStretches(windowsOf($chassis)))->toBe(['1780–1800']);
});

it('says for each forbidden stretch the rule, by how much and whose value it is', function () {
    $windows = windowsOf(Trucks::truck());
    $at = array_map(fn (ForbiddenStretch $one): string => "$one->rule: ".Said::mm($one->why).sprintf(' by %.0f', $one->by(1900.0)), $windows->at(1900.0));
    expect($at)->toBe(['hangerClearance: within 600 mm of rear spring, front hanger (shop default) by 100', 'holeClearance: within 28 mm of hole O1 (shop default) by 35'])
        ->and($windows->at(1790.0))->toBe([]);
});

it('lets a station at the very edge of a stretch be cut', function () {
    $one = windowsOf(Trucks::truck())->at(1801.0)[0];
    expect($one->holds($one->from))->toBeFalse()
        ->and($one->holds($one->to))->toBeFalse()
        ->and($one->holds($one->from + 0.1))->toBeTrue()
        ->and($one->by($one->from - 5.0))->toBe(0.0);
});

it('follows the value of the shop, and says so', function () {
    $windows = windowsOf(Trucks::truck(), new Shop(['hangerClearance' => 2.0]));
    expect(Said::mm(array_values(array_filter($windows->at(2050.0), fn ($one): bool => $one->rule === 'hangerClearance'))[0]->why))->toBe('within 400 mm of rear spring, front hanger (this shop\'s own, usually 3 × web depth)')
        ->and(array_filter($windows->at(1990.0), fn ($one): bool => $one->rule === 'hangerClearance'))->toBe([]);
});

describe('a rule', function () {
    /** @return list<string> what forbids a station of a bare rail that has just this on it */
    function forbidding(array $features, float $station, array $more = []): array
    {
        return array_map(fn (ForbiddenStretch $one): string => $one->rule, windowsOf(Trucks::truck(['features' => $features, 'rails' => [['id' => 'R1', 'from' => -700, 'to' => 5300, 'section' => Trucks::CHANNEL]], 'lines' => [], 'masses' => [], ...$more]))->at($station));
    }

    it('keeps clear of what it is for, and of no more', function (array $feature, float $held, float $free, string $rule) {
        expect(forbidding([['id' => 'F', 'station' => 2000, ...$feature]], $held))->toBe([$rule])
            ->and(forbidding([['id' => 'F', 'station' => 2000, ...$feature]], $free))->toBe([]);
    })->with([
        'a hanger: three depths from its middle' => [['kind' => 'spring-hanger', 'length' => 160], 2599.0, 2600.0, 'hangerClearance'],
        'a steering box on one side' => [['kind' => 'steering-box', 'side' => 'left'], 1401.0, 1400.0, 'hangerClearance'],
        'a link mount' => [['kind' => 'link-mount'], 1401.0, 1399.0, 'hangerClearance'],
        'a crossmember: a depth from its edge' => [['kind' => 'crossmember', 'length' => 80], 2239.0, 2240.0, 'crossmemberClearance'],
        'a hole: twice its diameter from its edge' => [['kind' => 'hole', 'diameter' => 20], 2049.0, 2050.0, 'holeClearance'],
        'a small hole: never under 25' => [['kind' => 'rivet', 'diameter' => 8], 2028.0, 2029.0, 'holeClearance'],
        'a bolt of no size' => [['kind' => 'bolt'], 2024.0, 2025.0, 'holeClearance'],
        'a weld along the rail' => [['kind' => 'weld', 'length' => 100], 2074.0, 2075.0, 'weldClearance'],
        'a weld across it is a butt' => [['kind' => 'weld'], 2199.0, 2200.0, 'weldClearance'],
        'a bend: the longest part and 50 more' => [['kind' => 'bend'], 2349.0, 2350.0, 'straightLength'],
        'a crack has to be mended first' => [['kind' => 'crack'], 2349.0, 2350.0, 'straightLength'],
        'a tank' => [['kind' => 'tank', 'length' => 400, 'side' => 'right'], 2274.0, 2275.0, 'accessInside'],
    ]);

    it('keeps clear of a centre bearing, and not of the ends of a shaft', function () {
        $shaft = ['lines' => [['id' => 'S', 'kind' => 'shaft', 'name' => 'driveshaft', 'path' => [['station' => 1000], ['station' => 2000], ['station' => 3000]]]]];
        expect(forbidding([], 2149.0, $shaft))->toBe(['shaftClearance'])
            ->and(forbidding([], 2150.0, $shaft))->toBe([])
            ->and(forbidding([], 1000.0, $shaft))->toBe([]);
    });

    it('keeps clear of the ends of the rails, of tapers and of where the section changes', function () {
        $rails = ['rails' => [['id' => 'R1', 'from' => 0, 'to' => 1000, 'section' => Trucks::CHANNEL, 'rearDepth' => 160], ['id' => 'R2', 'from' => 1000, 'to' => 4000, 'section' => [...Trucks::CHANNEL, 'depth' => 160]]]];
        expect(forbidding([], 1349.0, $rails))->toContain('straightLength')
            ->and(forbidding([], 1351.0, $rails))->toBe([])
            ->and(forbidding([], 3651.0, $rails))->toBe(['straightLength'])
            ->and(forbidding([], 500.0, $rails))->toBe(['straightLength']);
    });

    it('allows nothing on heat-treated rails', function () {
        $treated = ['rails' => [['id' => 'R1', 'from' => -700, 'to' => 5300, 'section' => Trucks::CHANNEL, 'steel' => 'heat-treated']]];
        expect(forbidding([], 2500.0, $treated))->toBe(['heatTreated'])
            ->and(windowsOf(Trucks::truck([...$treated, 'features' => []]))->windows)->toBe([]);
    });

    it('has a name, and a shop value with its source where it has one', function () {
        foreach (CutRules::all() as $rule) {
            expect($rule::name())->not->toBe('')->and($rule::label())->not->toBe('');
            foreach ($rule::shopDefaults() as $default) {
                expect(ShopDefaults::all())->toHaveKey($default->name())
                    ->and($default->group)->toBe('Where to cut')
                    ->and($default->source)->not->toBe('');
            }
        }
    });
});

describe('windows', function () {
    it('and forbidden stretches cover the rails, and no station is in both', function () {
        $windows = windowsOf(Trucks::truck());
        for ($x = -699.5; $x < 5300; $x += 7.0) {
            $in = array_filter($windows->windows, fn (CutWindow $one): bool => $x >= $one->from && $x <= $one->to);
            // What is left of less than a millimetre is no window.
            expect(count($in) + (count($windows->at($x)) > 0 ? 1 : 0))->toBe(1, "at $x");
        }
    });

    it('are ranked by what the rail bears, least first, at its least', function () {
        $windows = windowsOf(Trucks::truck(['features' => [['id' => 'X1', 'kind' => 'crossmember', 'station' => 800, 'length' => 80], ['id' => 'X2', 'kind' => 'crossmember', 'station' => 2600, 'length' => 80], ['id' => 'X3', 'kind' => 'crossmember', 'station' => 4400, 'length' => 80]]]), loaded: true)->windows;
        $stresses = array_map(fn (CutWindow $one): float => $one->stress, array_values(array_filter($windows, fn (CutWindow $one): bool => ! $one->inLongestBay && $one->isBetweenAxles)));
        $sorted = $stresses;
        sort($sorted);
        expect($stresses)->toBe($sorted)
            ->and($windows[0]->best)->toBeGreaterThanOrEqual($windows[0]->from)->toBeLessThanOrEqual($windows[0]->to)
            ->and($windows[0]->share)->toBeLessThan(1.0)
            ->and(Said::mm($windows[0]->text))->toContain('the rail bears')->toContain('of its greatest');
    });

    it('in the longest bay without a crossmember come last', function () {
        $bays = windowsOf(Trucks::truck(['features' => array_map(fn (int $x): array => ['id' => "X$x", 'kind' => 'crossmember', 'station' => $x, 'length' => 80], [200, 1200, 3600, 4600])]), loaded: true)->windows;
        $between = array_values(array_filter($bays, fn (CutWindow $one): bool => $one->isBetweenAxles));
        expect($between[count($between) - 1]->inLongestBay)->toBeTrue()
            ->and($bays[0]->inLongestBay)->toBeFalse()
            ->and(Said::mm($between[count($between) - 1]->text))->toContain('longest bay without a crossmember');
    });

    it('outside the axles come after those between them, and say what they change', function () {
        $windows = windowsOf(Trucks::truck(), loaded: true)->windows;
        $order = array_map(fn (CutWindow $one): bool => $one->isBetweenAxles, $windows);
        $sorted = $order;
        rsort($sorted);
        expect($order)->toBe($sorted)
            ->and($order)->toContain(true, false)
            ->and(Said::mm($windows[count($windows) - 1]->text))->toContain('outside the axles: it changes the overhang and not the wheelbase');
    });

    it('are ranked by place alone where no mass is entered', function () {
        $windows = windowsOf(Trucks::truck())->windows;
        expect($windows[0]->stress)->toBeNull()
            ->and($windows[0]->best)->toBe(($windows[0]->from + $windows[0]->to) / 2)
            ->and(Said::mm($windows[0]->text))->not->toContain('MPa');
    });

    it('are mirrored with the frame', function () {
        $mirror = fn (array $features): array => array_map(fn (array $one): array => [...$one, ...(isset($one['side']) ? ['side' => ['left' => 'right', 'right' => 'left'][$one['side']] ?? $one['side']] : [])], $features);
        expect(openStretches(windowsOf(Trucks::truck(['features' => $mirror(Trucks::document()['features'])]))))->toBe(openStretches(windowsOf(Trucks::truck())));
    });

    it('are none where no rail is entered', function () {
        expect((new CutWindows(new Chassis, new RailLine(new Frame([]), [0.0, 1.0]), new Shop, null))->windows)->toBe([]);
    });
});
