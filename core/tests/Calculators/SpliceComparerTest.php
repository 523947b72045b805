<?php

declare(strict_types=1);

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Calculators\Splice\CannotSplice;
use Geodex\Core\Calculators\Splice\SpliceComparer;
use Geodex\Core\Calculators\Splice\SpliceOption;
use Geodex\Core\Calculators\Splice\SpliceSchools;
use Geodex\Core\Calculators\Splice\SpliceSite;
use Geodex\Core\Chassis\Loads\FrameLoads;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Tests\Support\Said;
use Geodex\Core\Tests\Support\Trucks;

/**
 * @param  array<string, mixed>  $given
 * @param  array<string, mixed>  $rail
 */
function siteOf(array $given = [], array $rail = [], ?Shop $shop = null): SpliceSite
{
    $chassis = Trucks::truck(['rails' => [['id' => 'R1', 'from' => -700, 'to' => 5300, 'section' => Trucks::CHANNEL, 'yield' => 355, ...$rail]]]);

    return SpliceSite::of($chassis, new FrameLoads($chassis, $shop ?? new Shop), (new FieldReader)->read(SpliceSite::fields(), ['at' => 1800, ...$given]));
}

/** @return array<string, SpliceOption> by school */
function schoolsAt(SpliceSite $site): array
{
    $options = (new SpliceComparer)->compare($site);

    return array_combine(array_map(fn (SpliceOption $one): string => $one->school::name(), $options), $options);
}

describe('the place of a joint', function () {
    it('is the rail there under the case that bends it most, half of the moment on each', function () {
        $chassis = Trucks::truck();
        $moments = array_map(fn ($case): float => $case->kind->isJacked() ? 0.0 : abs($case->moments([1800.0])[0]), (new FrameLoads($chassis))->cases);
        $site = siteOf();
        expect(abs($site->moment))->toEqualWithDelta(max($moments) / 2, 1e-9)
            ->and([$site->depth, $site->width, $site->thickness])->toBe([200.0, 70.0, 6.0])
            ->and($site->factor)->toBe(2.5)
            ->and($site->sleeve)->toBe(5.0)
            ->and($site->plate)->toBe(6.0)
            ->and($site->length)->toBe(300.0);
    });

    it('has the shear with which the moment grows rearward', function () {
        $case = (new FrameLoads(Trucks::truck()))->under(siteOf()->case);
        [$before, $behind] = $case->moments([1799.0, 1801.0]);
        expect(siteOf()->shear)->toEqualWithDelta(($behind - $before) * 1000 / 2 / 2, 1e-6);
    });

    it('is refused where nothing tells how it would hold', function (array $given, array $rail, string $says) {
        expect(fn () => siteOf($given, $rail))->toThrow(CannotSplice::class, $says);
    })->with([
        'off the rail' => [['at' => 9000], [], 'No rail is entered at 9000 mm'],
        'no yield' => [[], ['yield' => null], 'The yield of rail R1 is not given'],
        'an I' => [[], ['section' => ['kind' => 'i', 'depth' => 200, 'width' => 100, 'thickness' => 6, 'flangeThickness' => 8]], 'this rail is a i'],
    ]);

    it('takes a plug of the plate that is holed: t + 8, no smaller than 14', function (float $plate, float $plug) {
        expect(siteOf()->plug($plate))->toBe($plug);
    })->with([[4.0, 14.0], [6.0, 14.0], [8.0, 16.0], [8.3, 17.0]]);
});

describe('the schools', function () {
    it('are all worked out for one joint, what holds first, kinder to fatigue before the others', function () {
        $options = (new SpliceComparer)->compare(siteOf());
        $keys = array_map(fn (SpliceOption $one): array => [$one->holds, $one->rank], $options);
        $sorted = $keys;
        usort($sorted, fn (array $a, array $b): int => $b <=> $a);
        expect($options)->toHaveCount(count(SpliceSchools::all()))->and($keys)->toBe($sorted);
    });

    it('say what the calculator says of the same parts', function () {
        $site = siteOf();
        foreach (schoolsAt($site) as $option) {
            $result = Calculators::run('splice', [...$site->document(), 'buttEfficiency' => $option->school::butt($site), 'parts' => $option->parts]);
            expect($option->utilisation)->toBe($result['governing']['utilisation'])
                ->and($option->holds)->toBe($result['holds'])
                ->and($option->mass)->toBe($result['massAdded']);
        }
    });

    it('lay their parts out by the rules: plugs four diameters apart and inside, sleeves with room to push in', function () {
        foreach ([200.0, 120.0, 90.0] as $depth) {
            $site = siteOf([], ['section' => [...Trucks::CHANNEL, 'depth' => $depth]]);
            foreach (schoolsAt($site) as $option) {
                foreach ($option->parts as $part) {
                    $plugs = $part['each']['plugs'] ?? ['positions' => [], 'diameter' => 0.0];
                    $reach = ($part['section']['depth'] ?? 0.0) / 2;
                    foreach ($plugs['positions'] as $i => [$x, $z]) {
                        expect(abs($z) + $plugs['diameter'] / 2)->toBeLessThanOrEqual($reach)
                            ->and($x + $plugs['diameter'] / 2)->toBeLessThanOrEqual($site->length);
                        foreach (array_slice($plugs['positions'], $i + 1) as [$x2, $z2]) {
                            expect(hypot($x - $x2, $z - $z2))->toBeGreaterThanOrEqual(4 * $plugs['diameter'] - 1e-9);
                        }
                    }
                    if ($part['kind'] === 'sleeve') {
                        expect($part['section']['depth'])->toBe($depth - 13.0)
                            ->and($part['section']['width'])->toBe(63.5);
                    }
                }
            }
        }
    });

    it('need less where the rail bears less, and more with a larger factor', function () {
        $used = fn (SpliceSite $site): float => schoolsAt($site)['sleeve-plugs']->utilisation;
        expect($used(siteOf([], [], new Shop(['dynamicFactor' => 4.0]))))->toBeGreaterThan($used(siteOf()))
            ->and($used(siteOf(['sleeve' => 8])))->toBeLessThan($used(siteOf(['sleeve' => 3])));
    });

    it('say the weakest place in words, and what would help most', function () {
        $plate = schoolsAt(siteOf([], [], new Shop(['dynamicFactor' => 6.0])))['plate-plugs'];
        expect($plate->holds)->toBeFalse()->and(Said::mm($plate->verdict))->toStartWith('Not enough: the web plate at the joint would be used to')->and(Said::mm($plate->improves))->toContain('thicker or deeper part')
            ->and(Said::mm(schoolsAt(siteOf())['both']->verdict))->toContain('weakest is');
    });

    it('rank a free end on plugs before the same with welded edges, where the end decides', function () {
        $options = schoolsAt(siteOf(['sleeve' => 12, 'length' => 200]));
        expect($options['sleeve-plugs']->rank)->toBeGreaterThanOrEqual($options['sleeve-welded']->rank);
    });

    it('weld nothing to heat-treated rails', function () {
        expect(fn () => (new SpliceComparer)->compare(siteOf([], ['steel' => 'heat-treated'])))->toThrow(InvalidFields::class, 'heat-treated rails are not welded');
    });

    it('join boxes too', function () {
        $options = schoolsAt(siteOf([], ['section' => ['kind' => 'box', 'depth' => 120, 'width' => 60, 'thickness' => 4]]));
        expect($options['sleeve-plugs']->parts[0]['section']['kind'])->toBe('box')
            ->and($options['sleeve-plugs']->parts[0]['section']['width'])->toBe(51.0);
    });

    it('each have a name, a sentence and a class to rank by', function () {
        foreach (SpliceSchools::all() as $school) {
            expect($school::name())->toMatch('/^[a-z-]+$/')
                ->and($school::label())->not->toBe('')
                ->and($school::made())->toEndWith('.')
                ->and($school::jointClass(siteOf()))->toBeGreaterThan(30.0)->toBeLessThan(130.0);
        }
    });
});

describe('a joint that is not square', function () {
    it('on a slant is pulled square by cos² of it alone', function () {
        $options = schoolsAt(siteOf(['butt' => 0.6, 'slant' => 30]));
        expect($options['slanted']->utilisation)->toEqualWithDelta($options['butt']->utilisation * cos(deg2rad(30)) ** 2, 1e-9)
            ->and($options['slanted']->rank / $options['butt']->rank)->toBeGreaterThan(1.0);
    });

    it('never counts for more than the rail itself', function () {
        $options = schoolsAt(siteOf(['butt' => 0.95, 'slant' => 45]));
        expect($options['slanted']->ratio)->toEqualWithDelta(1.0, 1e-9);
    });

    it('stepped has one of its three parts welded at a station: the worst of them decides', function () {
        // 200 × 70 × 6, one flange at half: I and S about the shifted axis, by hand.
        $areas = [[188 * 6.0, 0.0, 6 * 188 ** 3 / 12], [420 * 0.5, 97.0, 0.5 * 70 * 6 ** 3 / 12], [420.0, -97.0, 70 * 6 ** 3 / 12]];
        $axis = array_sum(array_map(fn ($a) => $a[0] * $a[1], $areas)) / array_sum(array_column($areas, 0));
        $inertia = array_sum(array_map(fn ($a) => $a[2] + $a[0] * ($a[1] - $axis) ** 2, $areas));
        $option = schoolsAt(siteOf(['butt' => 0.5]))['stepped'];
        expect($option->ratio)->toEqualWithDelta($inertia / (100 - $axis) / 112_284, 1e-4)
            ->and($option->ratio)->toBeGreaterThan(schoolsAt(siteOf(['butt' => 0.5]))['butt']->ratio);
    });
});

describe('the four places', function () {
    it('are all told: an insert too, alone at its mid-length', function () {
        $site = siteOf(['insertLength' => 640, 'insertWall' => 3]);
        $option = schoolsAt($site)['plate-plugs'];
        $insert = Calculators::run('splice', [...$site->document(), 'buttEfficiency' => 0.0, 'parts' => $option->parts])['insert'];
        expect(array_keys($option->places))->toBe(['joint', 'development', 'railAtPlateEnd', 'insert'])->and($option->places['insert'])->toBe($insert['utilisation'])
            ->and(max($option->places))->toBe($option->utilisation)->and($insert['x'])->toBe(320.0);
    });

    it('without an insert and parts are one', function () {
        expect(array_keys(schoolsAt(siteOf())['butt']->places))->toBe(['joint']);
    });

    it('name the insert where it is the weakest', function () {
        expect(Said::mm(schoolsAt(siteOf(['insertLength' => 200, 'insertWall' => 1]))['both']->verdict))->toContain('the insert');
    });
});

describe('the welder\'s work', function () {
    it('is counted: plugs and fillets on both sides, passes by the shop\'s table', function () {
        $both = schoolsAt(siteOf())['both'];
        $plugs = array_sum(array_map(fn (array $part): int => 2 * count($part['each']['plugs']['positions']), $both->parts));
        // Four runs of 260 on each side of the joint, sleeve and plate.
        expect($both->work->plugs)->toBe($plugs)
            ->and($both->work->fillets)->toEqualWithDelta(8 * 260.0, 1e-9)
            ->and($both->work->buttPasses)->toBe(0)
            ->and($both->work->filletPasses)->toBe(1);
    });

    it('takes more passes in a thicker wall', function (float $wall, int $passes) {
        expect(schoolsAt(siteOf([], ['section' => [...Trucks::CHANNEL, 'thickness' => $wall]]))['butt']->work->buttPasses)->toBe($passes);
    })->with([[4.0, 1], [5.0, 1], [6.0, 2], [8.0, 2], [8.5, 3], [12.0, 4]]);

    it('follows the shop\'s own table', function () {
        expect(schoolsAt(siteOf([], [], new Shop(['onePassUpTo' => 6.0])))['butt']->work->buttPasses)->toBe(1);
    });

    it('says where a torch does not reach', function () {
        $box = schoolsAt(siteOf([], ['section' => ['kind' => 'box', 'depth' => 120, 'width' => 60, 'thickness' => 4]]));
        expect(Said::mm($box['sleeve-welded']->work->access))->toContain('cannot be reached')->and(Said::mm($box['plate-plugs']->work->access))->toContain('from outside')
            ->and(Said::mm(schoolsAt(siteOf())['sleeve-welded']->work->access))->toContain('leaves 188.0 mm by 64.0 mm where torch and hand ask 150 mm');
    });
});

it('boxes a channel across its joint, and no box', function () {
    expect(schoolsAt(siteOf())['boxed']->parts[0]['section']['depth'])->toBe(200.0)
        ->and(schoolsAt(siteOf([], ['section' => ['kind' => 'box', 'depth' => 120, 'width' => 60, 'thickness' => 4]])))->not->toHaveKey('boxed');
});

describe('how a part is made and kept', function () {
    it('tells the blank of a folded sleeve as the worked example has it', function () {
        // Rail 200 × 70 × 6: sleeve 187 × 63.5 × 5, R 5, k 0.42: 187 − 20 + 2 (63.5 − 10) + π (5 + 2.1).
        $note = Said::mm(schoolsAt(siteOf())['sleeve-plugs']->notes[0]);
        expect($note)->toContain(sprintf('blank %.1f mm wide', 167 + 107 + M_PI * 7.1));
    });

    it('tells how high a stock tube has to be, by the corner of the rail', function () {
        // Rail corner 16 inside, tube corner 10: 6 (1 − 1/√2) = 1.76 on each side.
        $note = Said::mm(schoolsAt(siteOf([], ['section' => [...Trucks::CHANNEL, 'insideRadius' => 16]]))['sleeve-plugs']->notes[1]);
        expect($note)->toContain(sprintf('has to be %.1f mm high', 188 - 2 * 6 * (1 - M_SQRT1_2)));
    });

    it('stitches a plate along its edges, in runs of 40', function () {
        $part = schoolsAt(siteOf())['plate-stitched']->parts[0];
        expect($part['each'])->not->toHaveKey('plugs')
            ->and($part['each']['fillets'])->toHaveCount(6)
            ->and($part['each']['fillets'][2]['from'][0])->toBe(120.0);
    });

    it('says where a thin plate would buckle between its plugs', function () {
        $notes = fn (array $given): string => implode(' ', array_map(Said::mm(...), schoolsAt(siteOf($given))['plate-plugs']->notes));
        // 0.75 t √(210 000/355): 54.7 for 3 mm, plugs 56 apart; 109 for 6 mm.
        expect($notes(['plate' => 3]))->toContain('would buckle')->toContain('54.7 mm')
            ->and($notes(['plate' => 6]))->not->toContain('would buckle');
    });
});
