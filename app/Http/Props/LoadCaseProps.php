<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Chassis\Loads\FrameLoads;
use Geodex\Core\Chassis\Loads\LoadCase;

/** A frame under one way of loading. */
final readonly class LoadCaseProps
{
    /**
     * @param  list<AxleLoadProps>  $axles
     * @param  list<float>  $moments  of both rails (kN·m), sagging positive, at the stations of the diagrams
     * @param  list<list<float>>  $shears  of both rails just before and just behind each station (kN)
     * @param  ?float  $sag  midway between the axles (mm, down positive)
     * @param  ?float  $frequency  Hz
     */
    public function __construct(public string $kind, public string $label, public string $assumes, public float $mass, public array $axles, public array $moments, public array $shears, public ?float $sag, public ?float $frequency) {}

    /**
     * @param  list<float>  $stations
     * @param  array<string, ?float>  $ratings  by axle (kg)
     */
    public static function from(LoadCase $case, FrameLoads $loads, array $stations, array $ratings): self
    {
        $stiffness = $loads->stiffness($case);
        $axles = [];
        foreach ($case->supports as $i => $support) {
            // Axles taken together may carry together what each of them may.
            $allowed = array_map(fn (string $id): ?float => $ratings[$id] ?? null, explode(' and ', $support->id));
            $axles[] = new AxleLoadProps($support->id, $case->carried()[$i], in_array(null, $allowed, true) ? null : array_sum($allowed));
        }

        return new self(
            kind: $case->kind->value, label: $case->kind->words(), assumes: $case->kind->assumes(), mass: $case->mass(), axles: $axles,
            moments: array_map(fn (float $moment): float => round($moment / 1000, 4), $case->moments($stations)), shears: array_map(fn (float $x): array => [round($case->beam->shear($x, false) / 1000, 3), round($case->beam->shear($x, true) / 1000, 3)], $stations), sag: $stiffness['sag'] ?? null, frequency: $stiffness['frequency'] ?? null,
        );
    }
}
