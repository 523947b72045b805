<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunSheet;

use Geodex\Core\Geometry\Vector3;

/** A piece of a run, as long as it is welded in one go; mm, kJ. */
final readonly class WeldPiece
{
    public Vector3 $middle;

    public function __construct(public string $run, public int $number, public string $group, public Vector3 $from, public Vector3 $to, public float $heat)
    {
        $this->middle = $from->plus($to)->times(0.5);
    }

    /** @return array{run: string, piece: int, from: array{float, float, float}, to: array{float, float, float}, heat: float} */
    public function told(): array
    {
        return ['run' => $this->run, 'piece' => $this->number, 'from' => $this->from->toArray(), 'to' => $this->to->toArray(), 'heat' => $this->heat];
    }
}
