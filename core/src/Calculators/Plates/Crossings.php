<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plates;

/** Where two edges meet, and how near they come. */
final readonly class Crossings
{
    /** @return list<array{float, float}> the places they share; of a stretch in common its ends */
    public static function of(Edge $a, Edge $b): array
    {
        if ($a->box[0] > $b->box[2] + Edge::NEAR || $b->box[0] > $a->box[2] + Edge::NEAR || $a->box[1] > $b->box[3] + Edge::NEAR || $b->box[1] > $a->box[3] + Edge::NEAR) {
            return [];
        }
        $met = [];
        foreach ([$a->from, $a->to, $b->from, $b->to, ...self::carriers($a, $b)] as $point) {
            if ($a->distance($point) <= Edge::NEAR && $b->distance($point) <= Edge::NEAR && ! self::isAmong($point, $met)) {
                $met[] = $point;
            }
        }

        return $met;
    }

    /** Least distance between them. */
    public static function gap(Edge $a, Edge $b): float
    {
        if (self::of($a, $b) !== []) {
            return 0.0;
        }
        $least = min($b->distance($a->from), $b->distance($a->to), $a->distance($b->from), $a->distance($b->to));
        // Besides their ends only places on one line with a centre can be nearest.
        foreach ([[$a, $b], [$b, $a]] as [$arc, $other]) {
            if ($arc->isArc()) {
                $foot = $other->at($other->shareOf($arc->centre));
                $least = min($least, $arc->distance($foot));
                if ($other->isArc()) {
                    $least = min($least, $arc->distance($other->at($other->shareOf([2 * $other->centre[0] - $arc->centre[0], 2 * $other->centre[1] - $arc->centre[1]]))));
                }
            }
        }

        return $least;
    }

    /** @return list<array{float, float}> where their lines or circles cross */
    private static function carriers(Edge $a, Edge $b): array
    {
        return match (true) {
            $a->isArc() && $b->isArc() => self::circles($a, $b),
            $a->isArc() => self::lineAndCircle($b, $a),
            $b->isArc() => self::lineAndCircle($a, $b),
            default => self::lines($a, $b),
        };
    }

    /** @return list<array{float, float}> */
    private static function lines(Edge $a, Edge $b): array
    {
        [[$ax, $ay], [$bx, $by]] = [$a->along(0.0), $b->along(0.0)];
        $turn = $ax * $by - $ay * $bx;
        if (abs($turn) < 1e-12) {
            return [];
        }
        $far = (($b->from[0] - $a->from[0]) * $by - ($b->from[1] - $a->from[1]) * $bx) / $turn;

        return [[$a->from[0] + $far * $ax, $a->from[1] + $far * $ay]];
    }

    /** @return list<array{float, float}> */
    private static function lineAndCircle(Edge $line, Edge $arc): array
    {
        [$dx, $dy] = $line->along(0.0);
        [$cx, $cy] = [$arc->centre[0] - $line->from[0], $arc->centre[1] - $line->from[1]];

        return self::either([$line->from[0] + ($cx * $dx + $cy * $dy) * $dx, $line->from[1] + ($cx * $dx + $cy * $dy) * $dy], [$dx, $dy], $arc->radius ** 2 - ($cx * $dy - $cy * $dx) ** 2);
    }

    /** @return list<array{float, float}> */
    private static function circles(Edge $a, Edge $b): array
    {
        [$dx, $dy] = [$b->centre[0] - $a->centre[0], $b->centre[1] - $a->centre[1]];
        $apart = hypot($dx, $dy);
        if ($apart < Edge::NEAR) {
            return [];
        }
        $far = ($apart ** 2 + $a->radius ** 2 - $b->radius ** 2) / (2 * $apart);

        return self::either([$a->centre[0] + $far * $dx / $apart, $a->centre[1] + $far * $dy / $apart], [-$dy / $apart, $dx / $apart], $a->radius ** 2 - $far ** 2);
    }

    /**
     * Both ways from the foot; the foot itself where they only touch.
     *
     * @param  array{float, float}  $foot
     * @param  array{float, float}  $along
     * @return list<array{float, float}>
     */
    private static function either(array $foot, array $along, float $square): array
    {
        $far = sqrt(max(0.0, $square));

        return [$foot, [$foot[0] + $far * $along[0], $foot[1] + $far * $along[1]], [$foot[0] - $far * $along[0], $foot[1] - $far * $along[1]]];
    }

    /**
     * @param  array{float, float}  $point
     * @param  list<array{float, float}>  $known
     */
    private static function isAmong(array $point, array $known): bool
    {
        foreach ($known as [$x, $y]) {
            if (hypot($point[0] - $x, $point[1] - $y) <= 2 * Edge::NEAR) {
                return true;
            }
        }

        return false;
    }
}
