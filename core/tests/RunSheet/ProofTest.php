<?php

declare(strict_types=1);

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Calculators\RunSheet\HotStrip;
use Geodex\Core\Calculators\RunSheet\WeldPiece;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\RunSheet\Arrow;
use Geodex\Core\RunSheet\Holds\Hold;
use Geodex\Core\RunSheet\Holds\HoldVerdict;
use Geodex\Core\RunSheet\OrderedStep;
use Geodex\Core\RunSheet\RunSheet;
use Geodex\Core\RunSheet\Step;
use Geodex\Core\RunSheet\Welds\JointSite;
use Geodex\Core\RunSheet\Welds\SequenceSchool;
use Geodex\Core\RunSheet\Welds\WeldPlan;
use Geodex\Core\Simulation\RandomSource;

/**
 * The same strip by finite differences: an explicit scheme on a square grid, insulated edges, loss from the faces; nothing in common with
 * point sources and images but the physics.
 *
 * @param  list<array{time: float, heat: float, from: array{float, float}, to: array{float, float}}>  $runs  m, J, s
 * @return array{float, float} rise at the middle of the first run, and 40 mm along from it (K)
 */
function byDifferences(float $thickness, float $width, array $runs, float $until): array
{
    [$density, $heat, $conductivity, $film] = [7850.0, 490.0, 45.0, 20.0];
    $rows = 62;
    $cell = $width / $rows;
    $columns = (int) round(0.56 / $cell);
    $capacity = $density * $heat * $thickness;
    $loss = 2 * $film / $capacity;
    $diffusivity = $conductivity / ($density * $heat);
    $step = 0.2 * $cell ** 2 / $diffusivity;
    // Cells about a place, each with its share of it.
    $around = function (float $x, float $y) use ($cell, $columns, $rows): array {
        [$u, $v] = [$x / $cell + $columns / 2 - 0.5, $y / $cell - 0.5];
        [$c, $r] = [(int) floor($u), (int) floor($v)];
        [$dx, $dy] = [$u - $c, $v - $r];
        $row = fn (int $r): int => max(0, min($rows - 1, $r));

        return [[$c, $row($r), (1 - $dx) * (1 - $dy)], [$c + 1, $row($r), $dx * (1 - $dy)], [$c, $row($r + 1), (1 - $dx) * $dy], [$c + 1, $row($r + 1), $dx * $dy]];
    };
    $rise = array_fill(0, $columns, array_fill(0, $rows, 0.0));
    $laid = [];
    for ($time = 0.0; $time < $until - 1e-9; $time += $now) {
        $now = min($step, $until - $time);
        foreach ($runs as $k => $run) {
            if (! isset($laid[$k]) && $run['time'] <= $time + 1e-9) {
                $laid[$k] = true;
                for ($j = 0; $j < 40; $j++) {
                    $share = ($j + 0.5) / 40;
                    foreach ($around($run['from'][0] + ($run['to'][0] - $run['from'][0]) * $share, $run['from'][1] + ($run['to'][1] - $run['from'][1]) * $share) as [$c, $r, $part]) {
                        $rise[$c][$r] += $part * $run['heat'] / 40 / ($capacity * $cell ** 2);
                    }
                }
            }
        }
        $weight = $diffusivity * $now / $cell ** 2;
        $keep = 1 - 4 * $weight - $loss * $now;
        $next = [];
        foreach ($rise as $c => $column) {
            [$left, $right] = [$rise[max(0, $c - 1)], $rise[min($columns - 1, $c + 1)]];
            $made = [];
            for ($r = 0; $r < $rows; $r++) {
                $made[] = $keep * $column[$r] + $weight * ($left[$r] + $right[$r] + $column[max(0, $r - 1)] + $column[min($rows - 1, $r + 1)]);
            }
            $next[] = $made;
        }
        $rise = $next;
    }
    $read = fn (float $x, float $y): float => array_sum(array_map(fn (array $one): float => $one[2] * $rise[$one[0]][$one[1]], $around($x, $y)));
    $x = ($runs[0]['from'][0] + $runs[0]['to'][0]) / 2;
    $y = ($runs[0]['from'][1] + $runs[0]['to'][1]) / 2;

    return [$read($x, $y), $read($x + 0.04, $y)];
}

describe('the heat of a rail against finite differences', function (): void {
    it('agrees within a hundredth, in the web and by an edge, for one run and for two', function (array $runs, float $until): void {
        $strip = new HotStrip(7850.0 * 490.0 * 0.006, 45.0 / (7850.0 * 490.0), 7850.0 * 490.0 * 0.006 / 40.0, 0.328, $runs);
        [$middle, $beside] = byDifferences(0.006, 0.328, $runs, $until);
        $x = 1000 * ($runs[0]['from'][0] + $runs[0]['to'][0]) / 2;
        $y = 1000 * ($runs[0]['from'][1] + $runs[0]['to'][1]) / 2;
        expect($strip->rise($x, $y, $until) / $middle)->toEqualWithDelta(1.0, 0.01)
            ->and($strip->rise($x + 40.0, $y, $until) / $beside)->toEqualWithDelta(1.0, 0.012);
    })->with([
        'one in the web, two minutes ago' => [[['time' => 0.0, 'heat' => 30_000.0, 'from' => [-0.03, 0.164], 'to' => [0.03, 0.164]]], 120.0],
        'one by the edge, a minute and a half ago' => [[['time' => 0.0, 'heat' => 20_000.0, 'from' => [0.0, 0.01], 'to' => [0.0, 0.06]]], 90.0],
        'one in the web and a later one in the flange' => [[['time' => 0.0, 'heat' => 30_000.0, 'from' => [0.0, 0.134], 'to' => [0.0, 0.194]], ['time' => 50.0, 'heat' => 18_000.0, 'from' => [0.02, 0.27], 'to' => [0.02, 0.32]]], 140.0],
    ]);
});

describe('random steps', function (): void {
    /** @return array{list<Step>, list<Arrow>} */
    $made = function (int $seed, bool $mayRing): array {
        $random = new RandomSource($seed);
        $many = $random->whole(3, 24);
        $kinds = ['survey', 'support', 'cut', 'prepare', 'tack', 'weld', 'coat', 'close', 'release', 'final-survey', 'fit', 'other'];
        $steps = $arrows = [];
        for ($i = 0; $i < $many; $i++) {
            $needs = [];
            for ($k = 0; $k < $i; $k++) {
                $needs = $random->share() < 0.12 ? [...$needs, "s$k"] : $needs;
            }
            $steps[] = new Step("s$i", "Step $i", $mayRing ? $random->pick($kinds) : 'other', $random->pick(['', 'left', 'right']), $random->pick(['', 'posts', 'wheels']), $random->between(1.0, 90.0), $needs);
        }
        for ($i = 0; $mayRing && $i < 4; $i++) {
            $arrows[] = new Arrow('s'.$random->whole(0, $many - 1), 's'.$random->whole(0, $many - 1));
        }

        return [$steps, $arrows];
    };

    it('without a ring come each once, after all that they need', function () use ($made): void {
        for ($seed = 1; $seed <= 80; $seed++) {
            [$steps] = $made($seed, false);
            $place = array_flip(array_map(fn (OrderedStep $one): string => $one->step->id, RunSheet::of($steps, [])->steps));
            expect(count($place))->toBe(count($steps));
            foreach ($steps as $step) {
                foreach ($step->needs as $needed) {
                    expect($place[$needed])->toBeLessThan($place[$step->id]);
                }
            }
        }
    });

    it('with rules and wishes are ordered, or their ring is named, each before the next and the last before the first', function () use ($made): void {
        $rings = 0;
        for ($seed = 1; $seed <= 80; $seed++) {
            [$steps, $arrows] = $made($seed, true);
            $sheet = RunSheet::of($steps, [], $arrows);
            expect(count($sheet->steps))->toBe(count($steps));
            if ($sheet->conflict === null) {
                expect(array_filter($sheet->steps, fn (OrderedStep $one): bool => $one->state === 'possible'))->not->toBe([]);

                continue;
            }
            $rings++;
            preg_match_all('/“([^”]+)” comes before “([^”]+)”/u', implode(' ', $sheet->conflict), $said);
            expect(count($said[1]))->toBe(count($sheet->conflict))
                ->and([...array_slice($said[1], 1), $said[1][0]])->toBe($said[2]);
        }
        expect($rings)->toBeGreaterThan(10)->toBeLessThan(80);
    });
});

describe('the rule for the weld sequence', function (): void {
    it('is never worse than the worst of thousands, and near the best of them', function (float $depth, float $insert): void {
        $site = new JointSite($depth, 70.0, 6.0, 830.0, 1.1e7, 2.0, $insert, false, true, 1, 1, [], 0.5);
        $centre = Vector3::of($insert / 2, 0.0, 0.0);
        $pieces = WeldPlan::of($site, SequenceSchool::AsListed, true, false)->sequence;
        $balance = SequenceSchool::balance($centre);
        $worst = function (array $order) use ($balance): float {
            /** @var list<WeldPiece> $order */
            $greatest = $balance->along($order)['greatest'];

            return $greatest['y'] + $greatest['z'];
        };
        $rule = $worst(SequenceSchool::Balanced->order($pieces, $centre));
        $random = new Random\Randomizer(new Random\Engine\Mt19937(5));
        $best = INF;
        $least = 0.0;
        for ($i = 0; $i < 700; $i++) {
            $tried = $worst($random->shuffleArray($pieces));
            [$best, $least] = [min($best, $tried), max($least, $tried)];
        }
        expect($rule)->toBeLessThan($least)->and($rule / $best)->toBeLessThan(1.35);
    })->with([[200.0, 0.0], [260.0, 0.0], [200.0, 640.0]]);
});

describe('made-up jobs with a shrinkage that is known to nobody', function (): void {
    it('end inside where the tack let go on, in ninety-five of a hundred', function (float $tolerance, float $sigma): void {
        $random = new RandomSource(77);
        $inside = $wentOn = 0;
        for ($job = 0; $job < 1500; $job++) {
            $estimate = $random->between(0.4, 1.6);
            $spread = $estimate / 4;
            $drewIn = $estimate + $random->normal($spread);
            $off = $estimate + $random->normal(1.0);
            $hold = new Hold('Witness marks', 840.0, $tolerance, 'tack', -$estimate, $spread, ways: ['marks']);
            $verdict = HoldVerdict::ofReading($hold, 840.0 + $off + $random->normal($sigma), $sigma);
            if ($verdict->action === 'move') {
                $off += $verdict->number('move');
                $verdict = HoldVerdict::ofReading($hold, 840.0 + $off + $random->normal($sigma), $sigma);
            }
            if ($verdict->mayGoOn()) {
                $wentOn++;
                $inside += abs($off - $drewIn) <= $tolerance ? 1 : 0;
            }
        }
        expect($wentOn)->toBeGreaterThan(300)->and($inside / $wentOn)->toBeGreaterThan(0.95);
    })->with([[2.0, 0.3], [1.5, 0.2]]);

    it('are told the same by the calculator as by the hold point', function (): void {
        $hold = new Hold('Witness marks', 840.0, 2.0, 'tack', 0.6, 0.3, ways: ['marks']);
        $told = Calculators::run('hold-point', ['deviation' => 1.1, 'sigma' => 0.4, 'tolerance' => 2.0, 'pending' => ['change' => 0.6, 'sigma' => 0.3]]);
        expect(HoldVerdict::ofReading($hold, 841.1, 0.4)->number('move'))->toEqualWithDelta(-1.7, 1e-9)
            ->and($told['action'])->toBe('move')
            ->and($told['leastMove'])->toEqualWithDelta(-0.68, 0.001);
    });
});
