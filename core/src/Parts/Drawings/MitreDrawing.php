<?php

declare(strict_types=1);

namespace Geodex\Core\Parts\Drawings;

use Geodex\Core\Calculators\Tubes\MitreCalculator;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Fields\Values;
use Geodex\Core\Parts\DrawsPart;
use Geodex\Core\Parts\PartDrawing;
use Geodex\Core\Parts\Told;

/** The templates of both pieces of a mitre; one where they are alike. */
final readonly class MitreDrawing implements DrawsPart
{
    private const STATIONS = 180;

    public static function tool(): string
    {
        return 'mitre';
    }

    public function draw(Values $given, Values $told): array
    {
        $read = (new FieldReader)->read(MitreCalculator::fields(), [...array_filter($given->toArray(), fn (mixed $one): bool => $one !== null), 'stations' => self::STATIONS]);
        $fine = Told::of((new MitreCalculator)->calculate($read));
        $first = $this->wrap('first piece', $fine->within('first'));

        return $given->has('second') ? [$first, $this->wrap('second piece', $fine->within('second'))] : [$first];
    }

    private function wrap(string $name, Values $piece): PartDrawing
    {
        $edge = array_map(fn (Values $one): array => [$one->number('wrap'), -$one->number('cutBack')], $piece->list('template'));
        // A round template stops short of the full turn, a rectangular one comes round.
        if ($edge !== [] && count($edge) === self::STATIONS) {
            $edge[] = [$edge[1][0] * self::STATIONS, $edge[0][1]];
        }
        $turn = $edge === [] ? 0.0 : $edge[count($edge) - 1][0];

        return Wrap::of($name, $edge === [] ? [[0.0, 0.0], [1.0, 0.0]] : $edge, Wrap::quarters($turn), ['up: to the other piece. Zero: long point', sprintf('saw %.2f from square, %.2f from the axis', $piece->number('cutAngle'), $piece->number('bladeAngle'))]);
    }
}
