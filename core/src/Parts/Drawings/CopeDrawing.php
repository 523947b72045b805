<?php

declare(strict_types=1);

namespace Geodex\Core\Parts\Drawings;

use Geodex\Core\Calculators\Tubes\Cope;
use Geodex\Core\Fields\Values;
use Geodex\Core\Parts\DrawsPart;
use Geodex\Core\Parts\PartDrawing;

/** The template of a cope, and that of the cope at the other end. */
final readonly class CopeDrawing implements DrawsPart
{
    private const STATIONS = 180;

    public static function tool(): string
    {
        return 'cope';
    }

    public function draw(Values $given, Values $told): array
    {
        $branch = $given->within('branch');
        $first = $this->wrap('cope', $given, $branch, $given->number('paper'));
        $other = $given->group('other');

        return $other === null ? [$first] : [$first, $this->wrap('cope at the other end', $other, $branch, $given->number('paper'))];
    }

    private function wrap(string $name, Values $end, Values $branch, float $paper): PartDrawing
    {
        $cope = Cope::of($end, $branch->number('diameter'), $branch->number('wall'), '');
        $turn = M_PI * ($branch->number('diameter') + $paper);
        $edge = array_map(fn (int $i): array => [$turn * $i / self::STATIONS, -$cope->cut(2 * M_PI * $i / self::STATIONS)], range(0, self::STATIONS));

        return Wrap::of($name, $edge, Wrap::quarters($turn), [sprintf('up: to the header. Tube %g x %g', $branch->number('diameter'), $branch->number('wall')), sprintf('foot of the header %.1f above the lowest of the cut', -min(array_column($edge, 1)))]);
    }
}
