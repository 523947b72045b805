<?php

declare(strict_types=1);

namespace Geodex\Core\Parts\Drawings;

use Geodex\Core\Calculators\Plates\Contour;
use Geodex\Core\Calculators\Plates\Edge;
use Geodex\Core\Fields\Values;
use Geodex\Core\Parts\DrawsPart;
use Geodex\Core\Parts\Hole;
use Geodex\Core\Parts\Layer;
use Geodex\Core\Parts\PartDrawing;
use Geodex\Core\Parts\Stroke;

/** A plate with its windows and relief slots, and the contour that it is set back from. */
final readonly class PlateDrawing implements DrawsPart
{
    public static function tool(): string
    {
        return 'offset-contour';
    }

    public function draw(Values $given, Values $told): array
    {
        $strokes = $holes = [];
        foreach ($told->list('loops') as $loop) {
            $edges = $this->edges($loop->places('vertices'));
            if ($edges !== []) {
                $strokes[] = Stroke::loop($loop->number('area') > 0.0 ? Layer::Cut : Layer::Inner, $edges);
            }
        }
        foreach ($given->list('windows') as $window) {
            [$at, $length, $height, $radius] = [$window->numbers('at'), $window->number('length'), $window->number('height'), $window->number('radius')];
            if (abs($length - $height) < Edge::NEAR && abs($radius - $length / 2) < Edge::NEAR) {
                $holes[] = new Hole(Layer::Inner, [$at[0], $at[1]], $length);
            } else {
                $loop = Contour::ofWindow([$at[0], $at[1]], $length, $height, $radius)->loops[0] ?? [];
                $strokes = $loop === [] ? $strokes : [...$strokes, Stroke::loop(Layer::Inner, $loop)];
            }
        }
        foreach ($told->list('slots') as $slot) {
            $strokes[] = $this->slot($slot->numbers('from'), $slot->numbers('to'), $slot->number('width'));
        }
        if ($given->number('offset') > 0.0) {
            $contour = $this->edges($given->places('contour'));
            $strokes = $contour === [] ? $strokes : [...$strokes, Stroke::loop(Layer::Seam, $contour)];
        }

        return [PartDrawing::of('plate', $strokes, $holes)];
    }

    /**
     * @param  list<list<float>>  $corners
     * @return list<Edge>
     */
    private function edges(array $corners): array
    {
        $edges = [];
        foreach ($corners as $i => $corner) {
            $next = $corners[$i + 1] ?? $corners[0];
            if (hypot($next[0] - $corner[0], $next[1] - $corner[1]) > Edge::NEAR) {
                $edges[] = Edge::between([$corner[0], $corner[1]], [$next[0], $next[1]], $corner[2] ?? 0.0);
            }
        }

        return $edges;
    }

    /**
     * @param  list<float>  $from
     * @param  list<float>  $to
     */
    private function slot(array $from, array $to, float $width): Stroke
    {
        $long = hypot($to[0] - $from[0], $to[1] - $from[1]);
        [$dx, $dy, $r] = [($to[0] - $from[0]) / $long, ($to[1] - $from[1]) / $long, $width / 2];
        $at = fn (float $along, float $aside): array => [$from[0] + $along * $dx - $aside * $dy, $from[1] + $along * $dy + $aside * $dx];
        [$a, $b, $c, $d] = [$at($r, -$r), $at($long - $r, -$r), $at($long - $r, $r), $at($r, $r)];

        return Stroke::loop(Layer::Inner, [Edge::between($a, $b), Edge::between($b, $c, 1.0), Edge::between($c, $d), Edge::between($d, $a, 1.0)]);
    }
}
