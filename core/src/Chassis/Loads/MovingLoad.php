<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis\Loads;

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Structure\MovingMassEnvelope;

/** A mass that moves along a frame which carries nothing else that comes and goes: rolled on, slid back, driven over. */
final readonly class MovingLoad
{
    private const STEPS = 100;

    private function __construct(public float $mass, public float $from, public float $to) {}

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::number('mass', 'What moves', 'kg')->between(0.0, 100_000.0)->positive(),
            Field::length('from', 'From station')->station(),
            Field::length('to', 'To station')->station(),
        ];
    }

    /** @throws InvalidFields where it moves nowhere */
    public static function from(Values $given): self
    {
        if ($given->number('to') <= $given->number('from')) {
            throw InvalidFields::at('to', 'has to lie behind the station that it comes from.');
        }

        return new self($given->number('mass'), $given->number('from'), $given->number('to'));
    }

    /** What it does at its worst places. */
    public function over(FrameLoads $loads): MovingWorst
    {
        $case = $loads->cases[0];
        $stations = $loads->stations();
        $found = (new MovingMassEnvelope(array_map(fn (float $position): array => ['position' => $position, 'beam' => $case->with($position, $this->mass)->beam], $this->positions())))->at($stations);
        $worst = null;
        foreach ($stations as $i => $station) {
            $moment = max(abs($found['stations'][$i]['least']), abs($found['stations'][$i]['greatest']));
            $stress = $loads->stress($case->kind, $station, $moment);
            $worst = $stress !== null && ($worst === null || $stress->stress > $worst->stress) ? $stress : $worst;
        }
        $least = $found['leastMoment'];
        $greatest = $found['greatestMoment'];

        return new MovingWorst(
            $case->kind,
            array_map(fn (array $one): array => ['id' => $one['id'], 'least' => $one['least'] / LoadCase::GRAVITY, 'greatest' => $one['greatest'] / LoadCase::GRAVITY], $found['reactions']),
            abs($least['moment']) > abs($greatest['moment']) ? $least : $greatest,
            $worst,
        );
    }

    /** @return non-empty-list<float> */
    private function positions(): array
    {
        return array_map(fn (int $i): float => $this->from + $i * ($this->to - $this->from) / self::STEPS, range(0, self::STEPS));
    }
}
