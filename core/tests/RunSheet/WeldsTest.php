<?php

declare(strict_types=1);

use Geodex\Core\Calculators\RunSheet\WeldPiece;
use Geodex\Core\RunSheet\Welds\JointEdges;
use Geodex\Core\RunSheet\Welds\JointSite;
use Geodex\Core\RunSheet\Welds\SequenceSchool;
use Geodex\Core\RunSheet\Welds\SequenceScore;
use Geodex\Core\RunSheet\Welds\WeldEdge;
use Geodex\Core\RunSheet\Welds\WeldPlan;
use Geodex\Core\Units\LengthUnit;

/** @param  list<array{part: string, leg: float, from: array{float, float}, to: array{float, float}}>  $fillets */
function jointSite(float $insert = 0.0, array $fillets = [], bool $isClosed = false, int $passes = 1, bool $butt = true): JointSite
{
    return new JointSite(200.0, 70.0, 6.0, 830.0, 1.12e7, 2.0, $insert, $isClosed, $butt, $passes, 1, $fillets, 0.5);
}

$plates = [['part' => 'web plate', 'leg' => 5.0, 'from' => [20.0, 85.0], 'to' => [280.0, 85.0]], ['part' => 'web plate', 'leg' => 5.0, 'from' => [20.0, -85.0], 'to' => [280.0, -85.0]]];

describe('the edges of a joint', function () use ($plates): void {
    it('are web and flanges of both rails, at both ends of an insert', function () use ($plates): void {
        expect(count(JointEdges::of(jointSite(), true)))->toBe(6)
            ->and(count(JointEdges::of(jointSite(640.0), true)))->toBe(12)
            ->and(count(JointEdges::of(jointSite(isClosed: true), true)))->toBe(8)
            ->and(count(JointEdges::of(jointSite(0.0, $plates), true)))->toBe(14)
            ->and(count(JointEdges::of(jointSite(passes: 2), true)))->toBe(12)
            ->and(count(JointEdges::of(jointSite(0.0, $plates, butt: false), true)))->toBe(8);
    });

    it('are upright in the web, flat above and overhead below', function (): void {
        $positions = array_count_values(array_map(fn (WeldEdge $one): string => $one->position(), JointEdges::of(jointSite(), true)));
        expect($positions)->toEqualCanonicalizing(['vertical' => 2, 'flat' => 2, 'overhead' => 2]);
    });

    it('lie as mirror images on the two rails', function () use ($plates): void {
        $middle = fn (int $sign): array => array_map(fn (WeldEdge $one): array => [$one->from->x, abs($one->from->y), $one->from->z, $one->to->z], array_values(array_filter(JointEdges::of(jointSite(640.0, $plates), true), fn (WeldEdge $one): bool => $one->from->y * $sign > 0.0)));
        expect($middle(-1))->toBe($middle(1));
    });

    it('stand pass by pass, what is overhead last', function (): void {
        $keys = array_map(fn (WeldEdge $one): array => [$one->isOverhead(), $one->pass], JointEdges::of(jointSite(passes: 3), true));
        $sorted = $keys;
        sort($sorted);
        expect($keys)->toBe($sorted);
    });
});

describe('the sequence', function () use ($plates): void {
    it('welds every piece once, whatever the school', function (SequenceSchool $school) use ($plates): void {
        $plan = WeldPlan::of(jointSite(640.0, $plates, passes: 2), $school, true, true);
        $length = array_sum(array_map(fn (WeldPiece $one): float => $one->to->minus($one->from)->norm(), $plan->sequence));
        $ids = array_map(fn (WeldPiece $one): string => "$one->run $one->number", $plan->sequence);
        expect($length)->toEqualWithDelta(array_sum(array_map(fn (WeldEdge $one): float => $one->length(), $plan->edges)), 1e-6)
            ->and(array_unique($ids))->toBe($ids)
            ->and($plan->heat)->toEqualWithDelta(0.5 * $length, 1e-6)
            ->and(max(array_map(fn (WeldPiece $one): float => $one->to->minus($one->from)->norm(), $plan->sequence)))->toBeLessThanOrEqual(60.0 + 1e-9);
    })->with(SequenceSchool::cases());

    it('leaves the overhead pieces for last where the frame is turned, whatever the school', function (SequenceSchool $school): void {
        $groups = array_values(array_unique(array_map(fn (WeldPiece $one): string => $one->group, WeldPlan::of(jointSite(passes: 2), $school, true, true)->sequence)));
        expect($groups)->toBe(['as it stands, pass 1', 'as it stands, pass 2', 'turned over, pass 1', 'turned over, pass 2']);
    })->with(SequenceSchool::cases());

    it('in balance is never worse than the worst, and steadier than one edge after the other', function () use ($plates): void {
        $scores = WeldPlan::of(jointSite(0.0, $plates), SequenceSchool::Balanced, true, true)->scores;
        $worst = array_column(array_map(fn (SequenceScore $one): array => [$one->school->value, $one->worst()], $scores), 1, 0);
        expect($worst['balanced'])->toBeLessThan($worst['as-listed'])
            ->and($worst['balanced'])->toBeLessThan(max($worst))
            ->and($scores[0]->worst())->toBe(min($worst));
    });

    it('is steadier where what is overhead is welded in its place among the others', function (): void {
        $upright = fn (bool $isTurned): float => array_column(array_map(fn (SequenceScore $one): array => [$one->school->value, $one->upright], WeldPlan::of(jointSite(), SequenceSchool::Balanced, true, $isTurned)->scores), 1, 0)['balanced'];
        expect($upright(false))->toBeLessThan($upright(true));
    });

    it('back-steps: each piece towards the start of its edge', function (): void {
        $first = array_values(array_filter(WeldPlan::of(jointSite(), SequenceSchool::AsListed, true, true)->sequence, fn (WeldPiece $one): bool => $one->run === 'left rail, web'));
        expect($first[0]->to->z)->toEqualWithDelta(-100.0, 1e-9)
            ->and($first[0]->from->z)->toBeGreaterThan($first[0]->to->z)
            ->and($first[1]->to->z)->toEqualWithDelta($first[0]->from->z, 1e-9);
    });
});

describe('tacks', function (): void {
    it('stand on every seam once, both ends first', function (): void {
        $plan = WeldPlan::of(jointSite(passes: 2), SequenceSchool::Balanced, true, true);
        expect(count($plan->tacks))->toBe(6)
            ->and($plan->tacks[0]->centres[0])->toEqualWithDelta($plan->tacks[0]->tackLength / 2, 1e-9)
            ->and($plan->tacks[0]->centres[1])->toEqualWithDelta($plan->tacks[0]->length - $plan->tacks[0]->tackLength / 2, 1e-9);
    });
});

describe('distortion', function () use ($plates): void {
    it('of a joint welded alike above and below is shorter, and straight', function (): void {
        $free = WeldPlan::of(jointSite(), SequenceSchool::Balanced, false, true)->distortion;
        // 0.10 A/t of a single V of 60 degrees with a gap of 2 in 6 mm.
        expect($free?->shorter)->toEqualWithDelta(0.10 * (2.0 * 6.0 + 36.0 * tan(deg2rad(30.0))) / 6.0, 1e-6)
            ->and($free?->kink)->toEqualWithDelta(0.0, 1e-9)
            ->and($free?->said()[0]->in(LengthUnit::Millimetre))->toContain('draws in about');
    });

    it('of a plate high on the web bows the rail, its ends rise, and held it is half of that', function () use ($plates): void {
        $free = WeldPlan::of(jointSite(0.0, [$plates[0]], butt: false), SequenceSchool::Balanced, false, true)->distortion;
        $held = WeldPlan::of(jointSite(0.0, [$plates[0]], butt: false), SequenceSchool::Balanced, true, true)->distortion;
        $low = WeldPlan::of(jointSite(0.0, [$plates[1]], butt: false), SequenceSchool::Balanced, false, true)->distortion;
        expect($free?->bow)->toBeGreaterThan(0.0)
            ->and($low?->bow)->toEqualWithDelta(-($free->bow ?? 0.0), 1e-9)
            ->and($held?->bow)->toEqualWithDelta(($free->bow ?? 0.0) / 2, 1e-9)
            ->and($held?->isHeld)->toBeTrue();
    });
});
