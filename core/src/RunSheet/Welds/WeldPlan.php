<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet\Welds;

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Calculators\RunSheet\WeldPiece;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Words\Sentence;

/** How a joint is tacked and welded, in which order, and what that does to the frame. An estimate, which the shop's book of cases replaces. */
final readonly class WeldPlan
{
    /** Pieces are no longer than this (mm): shop default. */
    private const LONGEST = 60.0;

    /** What is left of a distortion where the joint is held until it is cold: shop default. */
    private const HELD = 0.5;

    private const MOST_PIECES = 1500;

    /**
     * @param  list<WeldEdge>  $edges
     * @param  list<WeldPiece>  $sequence
     * @param  list<SequenceScore>  $scores  of every school, the steadiest first
     * @param  list<SeamTacks>  $tacks
     */
    private function __construct(public array $edges, public array $sequence, public SequenceSchool $school, public array $scores, public array $tacks, public ?Distortion $distortion, public float $heat, public ?Sentence $access) {}

    /** @param  bool  $isTurned  whether the frame is turned for what would be overhead, or it is welded in its place among the others */
    public static function of(JointSite $site, SequenceSchool $school, bool $isHeld, bool $isTurned): self
    {
        $edges = JointEdges::of($site, $isTurned);
        $pieces = self::pieces($edges, $site->heatInput, $isTurned);
        $centre = Vector3::of($site->insert / 2, 0.0, 0.0);
        $scores = array_map(fn (SequenceSchool $one): SequenceScore => SequenceScore::of($one, $pieces, $centre), SequenceSchool::cases());
        usort($scores, fn (SequenceScore $a, SequenceScore $b): int => round($a->worst(), 3) <=> round($b->worst(), 3));

        return new self(
            $edges, $school->order($pieces, $centre), $school, $scores, self::tacks($edges), Distortion::of($site, $edges, $isHeld ? self::HELD : 1.0),
            array_sum(array_map(fn (WeldPiece $one): float => $one->heat, $pieces)), $site->access,
        );
    }

    /**
     * @param  list<WeldEdge>  $edges
     * @return list<WeldPiece> back-step: each from its far end towards the start of its edge
     */
    private static function pieces(array $edges, float $heatInput, bool $isTurned): array
    {
        $pieces = [];
        foreach ($edges as $edge) {
            $many = (int) ceil($edge->length() / self::LONGEST - 1e-9);
            $along = $edge->to->minus($edge->from);
            for ($n = 0; $n < $many && count($pieces) < self::MOST_PIECES; $n++) {
                $pieces[] = new WeldPiece($edge->id, $n + 1, $edge->group($isTurned), $edge->from->plus($along->times(($n + 1) / $many)), $edge->from->plus($along->times($n / $many)), $heatInput * $edge->length() / $many);
            }
        }

        return $pieces;
    }

    /**
     * @param  list<WeldEdge>  $edges
     * @return list<SeamTacks> of every edge that is long enough, tacked once
     */
    private static function tacks(array $edges): array
    {
        $seams = array_values(array_filter($edges, fn (WeldEdge $edge): bool => $edge->pass === 1 && $edge->length() >= max(15.0, 4 * $edge->thickness)));
        if ($seams === []) {
            return [];
        }
        /** @var array{tacks: list<array{tackLength: float, centres: list<float>}>} $told */
        $told = Calculators::run('weld-sequence', ['seams' => array_map(fn (WeldEdge $edge): array => ['length' => $edge->length(), 'thickness' => $edge->thickness], array_slice($seams, 0, 100))]);

        return array_map(fn (WeldEdge $edge, array $one): SeamTacks => new SeamTacks($edge->label, $edge->length(), $one['tackLength'], $one['centres']), array_slice($seams, 0, 100), $told['tacks']);
    }
}
