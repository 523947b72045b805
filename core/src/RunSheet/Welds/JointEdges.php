<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet\Welds;

use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Structure\ButtJoint;

/** Every straight edge of a joint, pass by pass, on both rails. */
final readonly class JointEdges
{
    /** @return list<WeldEdge> */
    public static function of(JointSite $site, bool $isTurned): array
    {
        $edges = [];
        foreach (['left' => -1, 'right' => 1] as $side => $sign) {
            foreach ($site->insert > 0.0 ? ['front joint, ' => 0.0, 'rear joint, ' => $site->insert] : ['' => 0.0] as $end => $x) {
                array_push($edges, ...self::butts($site, "$side rail, $end", $x, $sign), ...self::fillets($site, "$side rail, $end", $x, $sign));
            }
        }

        // A pass waits for the one below it; what would be overhead, where the frame is turned, for all else.
        usort($edges, fn (WeldEdge $a, WeldEdge $b): int => [$isTurned && $a->isOverhead(), $a->pass] <=> [$isTurned && $b->isOverhead(), $b->pass]);

        return $edges;
    }

    /** @return list<WeldEdge> web and both flanges, through the rail */
    private static function butts(JointSite $site, string $label, float $x, int $sign): array
    {
        if (! $site->butt) {
            return [];
        }
        $area = (new ButtJoint(gap: $site->gap, thickness: $site->thickness))->area;
        [$web, $tip, $half] = [$sign * $site->apart / 2, $sign * ($site->apart / 2 - $site->width), $site->depth / 2];
        $faces = [
            ['web', [$x, $web, -$half], [$x, $web, $half], Vector3::of(0.0, (float) $sign, 0.0)],
            ...($site->isClosed ? [['inner web', [$x, $tip, -$half], [$x, $tip, $half], Vector3::of(0.0, (float) -$sign, 0.0)]] : []),
            ['upper flange', [$x, $web, $half], [$x, $tip, $half], Vector3::of(0.0, 0.0, 1.0)],
            ['lower flange', [$x, $web, -$half], [$x, $tip, -$half], Vector3::of(0.0, 0.0, -1.0)],
        ];
        $edges = [];
        for ($pass = 1; $pass <= $site->buttPasses; $pass++) {
            foreach ($faces as [$face, $from, $to, $outward]) {
                $edges[] = self::edge($label.$face, Vector3::of(...$from), Vector3::of(...$to), $outward, $site->thickness, $area / $site->buttPasses, true, $pass, $site->buttPasses);
            }
        }

        return $edges;
    }

    /** @return list<WeldEdge> of the parts, before and behind the joint */
    private static function fillets(JointSite $site, string $label, float $x, int $sign): array
    {
        $edges = [];
        foreach ($site->fillets as $n => $one) {
            foreach (['behind' => 1, 'before' => -1] as $where => $way) {
                [$from, $to] = [Vector3::of($x + $way * $one['from'][0], $sign * $site->apart / 2, $one['from'][1]), Vector3::of($x + $way * $one['to'][0], $sign * $site->apart / 2, $one['to'][1])];
                // An edge above the middle faces up and out, one below it down and out.
                $outward = Vector3::of(0.0, (float) $sign, $one['from'][1] >= 0.0 ? 1.0 : -1.0)->times(M_SQRT1_2);
                for ($pass = 1; $pass <= $site->filletPasses; $pass++) {
                    $edges[] = self::edge("$label{$one['part']}, edge ".($n + 1)." $where", $from, $to, $outward, $site->thickness, $one['leg'] ** 2 / 2 / $site->filletPasses, false, $pass, $site->filletPasses);
                }
            }
        }

        return array_values(array_filter($edges, fn (WeldEdge $edge): bool => $edge->length() > 1.0));
    }

    private static function edge(string $label, Vector3 $from, Vector3 $to, Vector3 $outward, float $thickness, float $area, bool $isAcross, int $pass, int $passes): WeldEdge
    {
        $called = $passes > 1 ? "$label, pass $pass" : $label;

        return new WeldEdge($called, $called, $from, $to, $outward, $thickness, $area, $isAcross, $pass);
    }
}
