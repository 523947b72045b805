<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Marking;

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** A hole that a tape is held to: at its centre, its near or its far edge; mm on the plate. */
final readonly class TapeHole
{
    private function __construct(public float $x, public float $y, private float $more) {}

    /** @return list<Field> */
    public static function fields(): array
    {
        return [Field::lengths('at', 'At', 2), Field::length('diameter', 'Diameter of the hole')->between(0.0, null)->defaults(0.0), Field::choice('edge', 'Tape at', ['centre', 'near', 'far'])->defaults('centre')];
    }

    /** @throws InvalidFields if an edge is named of a hole without a diameter */
    public static function of(Values $given, string $path): self
    {
        [$x, $y] = $given->numbers('at');
        $half = $given->number('diameter') / 2;
        $edge = $given->text('edge');
        if ($edge !== 'centre' && $half <= 0.0) {
            throw InvalidFields::at("$path.diameter", "missing: the tape is held to the $edge edge.");
        }

        return new self($x, $y, ['centre' => 0.0, 'near' => $half, 'far' => -$half][$edge] ?? 0.0);
    }

    /** From its centre, of what the tape reads. */
    public function distance(float $reading): float
    {
        return $reading + $this->more;
    }

    /** What the tape reads to a place. */
    public function reading(float $x, float $y): float
    {
        return hypot($x - $this->x, $y - $this->y) - $this->more;
    }

    /** @return array{float, float} unit vector from the hole to a place */
    public function toward(float $x, float $y): array
    {
        $far = hypot($x - $this->x, $y - $this->y);

        return [($x - $this->x) / $far, ($y - $this->y) / $far];
    }
}
