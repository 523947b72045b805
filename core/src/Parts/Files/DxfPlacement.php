<?php

declare(strict_types=1);

namespace Geodex\Core\Parts\Files;

/** Where a block of a DXF file is put: turned, made larger or mirrored, and moved. */
final readonly class DxfPlacement
{
    /** @param  float  $scale  how much larger, without its sign */
    private function __construct(private float $xx, private float $xy, private float $yx, private float $yy, private float $x, private float $y, public float $scale) {}

    public static function scaled(float $unit): self
    {
        return new self($unit, 0.0, 0.0, $unit, 0.0, 0.0, $unit);
    }

    /** That of what is inserted here. */
    public function inserting(DxfEntity $insert): self
    {
        [$sx, $sy, $turn] = [$insert->number(41, 1.0), $insert->number(42, 1.0), deg2rad($insert->number(50))];
        if (abs(abs($sx) - abs($sy)) > 1e-9 * abs($sx)) {
            throw UnreadableDxf::because("line $insert->line: a block stretched in one direction; explode it first.");
        }
        [$a, $b, $c, $d] = [$sx * cos($turn), -$sy * sin($turn), $sx * sin($turn), $sy * cos($turn)];
        [$x, $y] = $this->of([$insert->number(10), $insert->number(20)]);

        return new self($this->xx * $a + $this->xy * $c, $this->xx * $b + $this->xy * $d, $this->yx * $a + $this->yy * $c, $this->yx * $b + $this->yy * $d, $x, $y, $this->scale * abs($sx));
    }

    /**
     * @param  array{float, float}  $at
     * @return array{float, float}
     */
    public function of(array $at): array
    {
        return [$this->xx * $at[0] + $this->xy * $at[1] + $this->x, $this->yx * $at[0] + $this->yy * $at[1] + $this->y];
    }
}
