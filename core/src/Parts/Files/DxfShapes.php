<?php

declare(strict_types=1);

namespace Geodex\Core\Parts\Files;

use Geodex\Core\Calculators\Plates\Edge;

/** The edges that an entity of a DXF file stands for. */
final readonly class DxfShapes
{
    /**
     * @param  float  $error  chord error where it has to be flattened
     * @return ?list<Edge> null where it is nothing that can be cut out
     */
    public static function edges(DxfEntity $entity, float $error): ?array
    {
        return match ($entity->kind) {
            'LINE' => self::through([[$entity->number(10), $entity->number(20)], [$entity->number(11), $entity->number(21)]], [0.0, 0.0], false),
            'LWPOLYLINE', 'POLYLINE' => self::polyline($entity),
            'CIRCLE' => self::arc($entity, 0.0, 360.0),
            'ARC' => self::arc($entity, $entity->number(50), $entity->number(51)),
            'ELLIPSE' => self::ellipse($entity, $error),
            'SPLINE' => DxfSpline::of($entity)->edges($error),
            default => null,
        };
    }

    /**
     * @param  list<array{float, float}>  $places
     * @param  list<float>  $bulges
     * @return list<Edge>
     */
    public static function through(array $places, array $bulges, bool $isClosed): array
    {
        $edges = [];
        foreach ($places as $i => $from) {
            $to = $places[$i + 1] ?? ($isClosed ? $places[0] : null);
            if ($to !== null && hypot($to[0] - $from[0], $to[1] - $from[1]) > 1e-9) {
                array_push($edges, ...self::halved($from, $to, $bulges[$i] ?? 0.0));
            }
        }

        return $edges;
    }

    /** @return list<Edge> */
    private static function polyline(DxfEntity $entity): array
    {
        [$xs, $ys, $bulges] = [$entity->numbers(10), $entity->numbers(20), []];
        if (count($xs) !== count($ys)) {
            throw UnreadableDxf::because("line $entity->line: a polyline with a corner that has no place.");
        }
        foreach ($entity->pairs as [$code, $value]) {
            if ($code === 10) {
                $bulges[] = 0.0;
            } elseif ($code === 42 && $bulges !== []) {
                array_pop($bulges);
                $bulges[] = (float) $value;
            }
        }
        if (((int) $entity->number(70) & (8 | 16 | 64)) !== 0) {
            throw UnreadableDxf::because("line $entity->line: a polyline in space; a part is cut from a flat outline.");
        }

        return self::through(array_map(fn (float $x, float $y): array => [$x, $y], $xs, $ys), $bulges, ((int) $entity->number(70) & 1) === 1);
    }

    /** @return list<Edge> of a quarter turn each at most */
    private static function arc(DxfEntity $entity, float $from, float $to): array
    {
        [$x, $y, $radius] = [$entity->number(10), $entity->number(20), $entity->number(40)];
        $sweep = fmod($to - $from, 360.0);
        $sweep = $sweep <= 1e-9 ? $sweep + 360.0 : $sweep;
        $many = (int) ceil($sweep / 90.0 - 1e-9);
        $at = fn (int $i): array => [$x + $radius * cos(deg2rad($from + $sweep * $i / $many)), $y + $radius * sin(deg2rad($from + $sweep * $i / $many))];

        return $radius <= 0.0 ? [] : array_map(fn (int $i): Edge => Edge::between($at($i), $at($i + 1), tan(deg2rad($sweep / $many / 4))), range(0, $many - 1));
    }

    /** @return list<Edge> */
    private static function ellipse(DxfEntity $entity, float $error): array
    {
        [$x, $y, $ux, $uy, $ratio] = [$entity->number(10), $entity->number(20), $entity->number(11), $entity->number(21), $entity->number(40, 1.0)];
        [$from, $to] = [$entity->number(41), $entity->number(42, 2 * M_PI)];
        $to = $to <= $from + 1e-9 ? $to + 2 * M_PI : $to;
        $long = hypot($ux, $uy);
        $many = max(8, min(2000, (int) ceil(($to - $from) / (2 * acos(max(0.0, 1 - $error / max($error, $long)))))));
        $places = array_map(fn (int $i): array => [
            $x + cos($from + ($to - $from) * $i / $many) * $ux - $ratio * sin($from + ($to - $from) * $i / $many) * $uy,
            $y + cos($from + ($to - $from) * $i / $many) * $uy + $ratio * sin($from + ($to - $from) * $i / $many) * $ux,
        ], range(0, $many));

        return self::through($places, [], false);
    }

    /**
     * An arc of more than half a circle as two.
     *
     * @param  array{float, float}  $from
     * @param  array{float, float}  $to
     * @return list<Edge>
     */
    private static function halved(array $from, array $to, float $bulge): array
    {
        if (abs($bulge) <= 1.0) {
            return [Edge::between($from, $to, $bulge)];
        }
        $middle = Edge::between($from, $to, $bulge)->at(0.5);

        return [Edge::between($from, $middle, tan(atan($bulge) / 2)), Edge::between($middle, $to, tan(atan($bulge) / 2))];
    }
}
