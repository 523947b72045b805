<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet\Welds;

use Geodex\Core\Geometry\Vector3;

/** A straight edge to weld, one pass of it; mm. */
final readonly class WeldEdge
{
    private const STEEP = 0.7;

    /**
     * @param  string  $label  such as “left rail, web”
     * @param  Vector3  $outward  the way the weld faces
     * @param  float  $area  of the weld, mm²
     */
    public function __construct(public string $id, public string $label, public Vector3 $from, public Vector3 $to, public Vector3 $outward, public float $thickness, public float $area, public bool $isAcross, public int $pass) {}

    public function length(): float
    {
        return $this->to->minus($this->from)->norm();
    }

    /** @return 'flat'|'overhead'|'vertical'|'horizontal' as the vehicle stands (methods of the run sheet, section 3) */
    public function position(): string
    {
        $up = $this->outward->z / max(1e-9, $this->outward->norm());

        return match (true) {
            $up >= self::STEEP => 'flat',
            $up <= -self::STEEP => 'overhead',
            abs($this->to->z - $this->from->z) >= self::STEEP * $this->length() => 'vertical',
            default => 'horizontal',
        };
    }

    public function isOverhead(): bool
    {
        return $this->position() === 'overhead';
    }

    /** Pieces of one group are finished before the next: pass by pass, and where the frame is turned for it, what is overhead last. */
    public function group(bool $isTurned): string
    {
        return ($isTurned && $this->isOverhead() ? 'turned over' : 'as it stands').", pass $this->pass";
    }
}
