<?php

declare(strict_types=1);

namespace Geodex\Core\Parts\Drawings;

use Geodex\Core\Calculators\Tubes\CopeCalculator;
use Geodex\Core\Fields\Values;
use Geodex\Core\Parts\DrawsPart;
use Geodex\Core\Parts\Told;

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
        $first = $this->wrap('cope', $given, $branch);
        $other = $given->group('other');

        return $other === null ? [$first] : [$first, $this->wrap('cope at the other end', $other, $branch)];
    }

    private function wrap(string $name, Values $end, Values $branch): \Geodex\Core\Parts\PartDrawing
    {
        $given = [...$end->toArray(), 'branch' => $branch->toArray(), 'stations' => self::STATIONS];
        unset($given['other'], $given['nodeLength']);
        $cope = Told::of((new CopeCalculator)->calculate((new \Geodex\Core\Fields\FieldReader)->read(CopeCalculator::fields(), $given)));
        $edge = array_map(fn (Values $one): array => [$one->number('wrap'), -$one->number('cut')], $cope->list('stations'));
        $edge[] = [$cope->number('circumference'), $edge[0][1]];

        return Wrap::of($name, $edge, Wrap::quarters($cope->number('circumference')), [sprintf('up: to the header. Tube %g x %g', $branch->number('diameter'), $branch->number('wall')), sprintf('foot of the header %.1f above the lowest of the cut', $cope->number('greatest'))]);
    }
}
