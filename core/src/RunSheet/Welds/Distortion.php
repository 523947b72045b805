<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet\Welds;

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Words\Measure;
use Geodex\Core\Words\Sentence;

/** What the welds of one joint do to one rail, half as much either way; mm and degrees. */
final readonly class Distortion
{
    private const REACH_MM = 2000.0;

    /**
     * @param  float  $shorter  what the joint draws in
     * @param  float  $kink  plus: the ends rise
     * @param  float  $bow  over the parts that lie along the rail; plus: the ends rise
     */
    private function __construct(public float $shorter, public float $kink, public float $bow, public bool $isHeld) {}

    /** @param  list<WeldEdge>  $edges  of the whole joint */
    public static function of(JointSite $site, array $edges, float $factor): ?self
    {
        $rail = array_values(array_filter($edges, fn (WeldEdge $edge): bool => $edge->from->y < 0.0 && $edge->from->x <= $site->insert / 2 + 1e-9));
        $across = array_values(array_filter($rail, fn (WeldEdge $edge): bool => $edge->isAcross));
        $along = array_values(array_filter($rail, fn (WeldEdge $edge): bool => ! $edge->isAcross));
        if ($rail === []) {
            return null;
        }
        $reach = max([1.0, ...array_map(fn (WeldEdge $edge): float => max(abs($edge->from->x), abs($edge->to->x)), $along)]);
        $told = Calculators::run('distortion', [
            'factor' => $factor, 'length' => 2 * $reach, 'inertia' => $site->inertia,
            'transverse' => array_map(fn (WeldEdge $edge): array => ['area' => $edge->area, 'thickness' => $edge->thickness, 'z' => ($edge->from->z + $edge->to->z) / 2, 'length' => $edge->length()], $across),
            'longitudinal' => array_map(fn (WeldEdge $edge): array => ['area' => $edge->area, 'z' => $edge->from->z, 'from' => $reach + min($edge->from->x, $edge->to->x), 'to' => $reach + max($edge->from->x, $edge->to->x)], $along),
        ]);
        $number = fn (string $name): float => is_numeric($told[$name] ?? null) ? (float) $told[$name] : 0.0;

        return new self(-$number('lengthChange'), $number('kink'), $number('bow'), $factor < 1.0);
    }

    /** @return list<Sentence> with directions */
    public function said(): array
    {
        $way = fn (float $size): string => $size > 0.0 ? 'rise' : 'sink';

        return [
            Sentence::of('distortion.shorter', 'Each joint draws in about {size}, half as much either way.', size: Measure::computed($this->shorter)),
            ...(abs($this->kink) < 0.002 ? [Sentence::plain('distortion.straight', 'Above and below it draws in alike: no kink to expect.')] : [Sentence::of('distortion.kink', 'The ends {way}: about {size} at 2 m from the joint.', way: $way($this->kink), size: Measure::computed(abs(self::REACH_MM * tan(deg2rad($this->kink)))))]),
            ...(abs($this->bow) < 0.05 ? [] : [Sentence::of('distortion.bow', 'Along its plates the rail bows, the ends {way} by about {size}.', way: $way($this->bow), size: Measure::computed(abs($this->bow)))]),
            $this->isHeld ? Sentence::plain('distortion.held', 'Counted as held until it is cold: half of what a free joint does. A shop default.') : Sentence::plain('distortion.free', 'Counted as free.'),
        ];
    }
}
