<?php

declare(strict_types=1);

use Geodex\Core\Findings\Pattern;
use Geodex\Core\Findings\PullCheck;
use Geodex\Core\Findings\PullChecks;
use Geodex\Core\Findings\PullPart;
use Geodex\Core\Findings\Way;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Survey\SurveyComputer;
use Geodex\Core\Survey\SurveyOptions;
use Geodex\Core\Tests\Support\Readings;

/**
 * What to watch on a ladder of seven rows, 700 mm apart, while these parts are pulled. Rows C, D and E are taken as undamaged.
 *
 * @param  list<PullPart>  $parts
 * @param  array<string, Vector3>  $bent
 * @return list<PullCheck>
 */
function watched(Pattern $pattern, array $parts, float $reach = 2500.0, array $bent = [], array $unread = [], float $sigma = 0.2): array
{
    $frame = new Frame(array_map(fn (Point $point): Point => $point->at($point->reference, null, in_array($point->id[0], ['C', 'D', 'E'], true)), Readings::ladder(7, 0)->points));
    $at = Readings::truth($frame);
    foreach ($bent as $id => $by) {
        $at[$id] = $at[$id]->plus($by);
    }
    $readings = [];
    foreach (Readings::tour($at) as $reading) {
        if (array_intersect($reading->kind->points(), $unread) === []) {
            $readings[] = new Reading($reading->id, $reading->kind, $reading->value, $sigma);
        }
    }
    $options = (new SurveyOptions(reach: $reach))->withoutBaseTest();
    $result = (new SurveyComputer($options))->compute($frame, Readings::survey($readings));
    $before = array_diff_key($at, array_flip($unread));
    $after = $before;
    foreach ($parts as $part) {
        foreach ($part->points as $id) {
            if (isset($after[$id])) {
                $after[$id] = $after[$id]->plus($part->way->by($part->amount));
            }
        }
    }

    return (new PullChecks($frame, $result, $options))->of($pattern, $parts, $before, $after);
}

/** @return list<string> */
function callsOf(array $checks): array
{
    return array_map(fn (PullCheck $check): string => "$check->kind $check->call", $checks);
}

describe('a pull in plan', function () {
    it('is watched by the tram to the nearest sound base point across', function () {
        expect(callsOf(watched(Pattern::Sidesway, [new PullPart(['GL', 'GR'], Way::Left, 6.0)])))->toBe(['tram ER GL', 'tram EL GR'])
            ->and(callsOf(watched(Pattern::ShortRail, [new PullPart(['AL'], Way::Forward, 6.0)])))->toBe(['tram CR AL']);
    });

    it('reads now what stands, and then what is to come', function () {
        $check = watched(Pattern::ShortRail, [new PullPart(['GR'], Way::Rearward, 9.0)])[0];
        // From EL at 2900, −390, 420 to GR at 4300, 390, 450.
        expect($check->call)->toBe('EL GR')
            ->and($check->now)->toEqualWithDelta(sqrt(1400 ** 2 + 780 ** 2 + 30 ** 2), 1e-9)
            ->and($check->target)->toEqualWithDelta(sqrt(1409 ** 2 + 780 ** 2 + 30 ** 2), 1e-9);
    });

    it('goes by a base point that is surely within its tolerance before a nearer one that is not decided', function () {
        expect(callsOf(watched(Pattern::ShortRail, [new PullPart(['GR'], Way::Rearward, 9.0)], 4000.0, bent: ['EL' => Vector3::of(0, 0, 6.2)], sigma: 0.4)))->toBe(['tram DL GR']);
    });

    it('goes by one that is not decided where no other is in reach', function () {
        expect(callsOf(watched(Pattern::ShortRail, [new PullPart(['GR'], Way::Rearward, 9.0)], 1700.0, bent: ['EL' => Vector3::of(0, 0, 6.2)], sigma: 0.4)))->toBe(['tram EL GR']);
    });

    it('goes by none that is out', function () {
        expect(callsOf(watched(Pattern::ShortRail, [new PullPart(['GR'], Way::Rearward, 9.0)], 4000.0, bent: ['EL' => Vector3::of(0, 0, 40)])))->not->toContain('tram EL GR');
    });

    it('goes by none that moves in this pull, nor by the mate', function () {
        expect(callsOf(watched(Pattern::Sidesway, [new PullPart(['EL', 'ER', 'DL', 'DR'], Way::Left, 6.0)])))->toBe(['tram CR EL', 'tram CL ER', 'tram CR DL', 'tram CL DR'])
            ->and(callsOf(watched(Pattern::ShortRail, [new PullPart(['ER'], Way::Rearward, 6.0)])))->toBe(['tram DL ER']);
    });

    it('is not watched beyond the reach of the bar, and is up to it', function () {
        $span = sqrt(1400 ** 2 + 780 ** 2 + 30 ** 2);
        $pull = [new PullPart(['GR'], Way::Rearward, 9.0)];
        expect(watched(Pattern::ShortRail, $pull, $span - 0.01))->toBe([])
            ->and(callsOf(watched(Pattern::ShortRail, $pull, $span)))->toBe(['tram EL GR']);
    });
});

describe('a pull in height', function () {
    it('is watched by the rise from a sound base point along the same rail for sag', function () {
        $checks = watched(Pattern::Sag, [new PullPart(['GL', 'GR'], Way::Up, 5.0)]);
        expect(callsOf($checks))->toBe(['rise EL GL', 'rise ER GR'])
            ->and($checks[0]->now)->toEqualWithDelta(450.0 - 390.0, 31.0)
            ->and($checks[0]->target - $checks[0]->now)->toEqualWithDelta(5.0, 1e-9);
    });

    it('is watched by the rise from left to right for twist', function () {
        $checks = watched(Pattern::Twist, [new PullPart(['GR'], Way::Down, 3.0), new PullPart(['GL'], Way::Up, 3.0)]);
        expect(callsOf($checks))->toBe(['rise GL GR'])
            ->and($checks[0]->now)->toEqualWithDelta(0.0, 1e-9)
            ->and($checks[0]->target)->toEqualWithDelta(-6.0, 1e-9);
    });
});

describe('a diamond', function () {
    $racked = [new PullPart(['CR', 'DR', 'ER'], Way::Forward, 4.0), new PullPart(['CL', 'DL', 'EL'], Way::Rearward, 4.0)];

    it('is watched by the diagonals of the largest panel that the bar reaches across', function () use ($racked) {
        $checks = watched(Pattern::Diamond, $racked);
        expect(callsOf($checks))->toBe(['tram CL ER', 'tram CR EL'])
            ->and($checks[0]->target)->toBeLessThan($checks[0]->now)
            ->and($checks[1]->target)->toBeGreaterThan($checks[1]->now);
    });

    it('is watched on a smaller panel by a shorter bar, and on none by one too short', function () use ($racked) {
        expect(callsOf(watched(Pattern::Diamond, $racked, 1200.0)))->toBe(['tram CL DR', 'tram CR DL'])
            ->and(callsOf(watched(Pattern::Diamond, $racked, 900.0)))->toBe([]);
    });

    it('has to be reached across both ways', function () use ($racked) {
        // ER stands 500 mm further back: the diagonal to it is too long, that to EL is not.
        expect(callsOf(watched(Pattern::Diamond, $racked, 1800.0, bent: ['ER' => Vector3::of(500, 0, 0)])))->toBe(['tram DL ER', 'tram DR EL']);
    });

    it('leaves out a point that was not read', function () use ($racked) {
        expect(callsOf(watched(Pattern::Diamond, $racked, unread: ['CR'])))->toBe(['tram DL ER', 'tram DR EL'])
            ->and(callsOf(watched(Pattern::Diamond, $racked, unread: ['CL'])))->toBe(['tram DL ER', 'tram DR EL']);
    });
});
