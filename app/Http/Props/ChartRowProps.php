<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\Point;

/** A row of the chart; mm. */
final readonly class ChartRowProps
{
    /**
     * @param  'left'|'right'|'centre'  $side
     * @param  list<float>  $tolerance  along, across, up (mm)
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $side,
        public string $mate,
        public ?float $x,
        public ?float $y,
        public ?float $z,
        public ?float $hole,
        public array $tolerance,
        public bool $base,
    ) {}

    public static function from(Point $point): self
    {
        $side = $point->side === 'left' || $point->side === 'right' ? $point->side : 'centre';

        return new self(
            id: $point->code,
            name: $point->name,
            side: $side,
            mate: $point->mate_code ?? '',
            x: $point->chart_x_mm,
            y: $point->chart_y_mm,
            z: $point->chart_z_mm,
            hole: $point->feature_diameter_mm,
            tolerance: [$point->tolerance_x_mm, $point->tolerance_y_mm, $point->tolerance_z_mm],
            base: $point->is_base,
        );
    }
}
