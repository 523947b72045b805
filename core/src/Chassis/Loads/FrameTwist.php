<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis\Loads;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Frame\Axle;
use Geodex\Core\Frame\Side;
use Geodex\Core\Structure\Section;
use Geodex\Core\Words\HasProvenance;
use Geodex\Core\Words\Provenance;

/**
 * A frame with one wheel lifted until another hangs in the air: half of an axle's load over half its track is then the most that can twist
 * it. The rails alone are taken to bear it, half each, so that the twist is an upper bound: crossmembers and springs take much of it.
 */
final readonly class FrameTwist implements HasProvenance
{
    private const SHEAR_MPA = 210_000 / 2.6;

    private const PARTS = 32;

    /** @param  float  $torque  on both rails together (N·m) */
    private function __construct(
        public LoadKind $over,
        public string $lifts,
        public float $torque,
        public float $degrees,
        public float $stress,
        public float $station,
        public Side $side,
        public bool $isOpen,
    ) {}

    public static function provenance(): array
    {
        return [
            new Provenance(
                'twist', 'One wheel lifted', 'T = least of load × track / 4 of both axles; θ = ∫ T / (G Σ J) dx; τ = φ ½ T t / J open, φ ½ T / (2 A t) closed',
                'Statics; Saint-Venant torsion, Roark\'s Formulas; closed: Bredt',
                'An upper bound of the twist: crossmembers stiffen open rails a great deal, and springs give before the frame does. It compares before with after.',
            ),
        ];
    }

    /** Null where a track or a rail between the axles is missing. */
    public static function of(LoadCase $case, Chassis $chassis, float $factor): ?self
    {
        $axles = $chassis->axles;
        usort($axles, fn (Axle $a, Axle $b): int => $a->station <=> $b->station);
        [$front, $rear] = [$axles[0] ?? null, $axles[count($axles) - 1] ?? null];
        if ($front?->track === null || $rear?->track === null || $rear->station <= $front->station) {
            return null;
        }
        $carried = array_map(fn (float $kg): float => max(0.0, $kg) * LoadCase::GRAVITY, $case->carried());
        $torques = [$carried[0] * $front->track / 4, $carried[1] * $rear->track / 4];
        $torque = min($torques);
        $step = ($rear->station - $front->station) / self::PARTS;
        $turned = 0.0;
        $known = [];
        $worst = null;
        for ($i = 0; $i < self::PARTS; $i++) {
            $station = $front->station + ($i + 0.5) * $step;
            $stiff = 0.0;
            foreach ([Side::Left, Side::Right] as $side) {
                $rail = $chassis->rail($side, $station);
                if ($rail === null) {
                    return null;
                }
                $lost = $chassis->lost($rail, $side, $station);
                [$constant, $perTorque, $isOpen] = $known[sprintf('%s %.2f %.3f', $rail->id(), $rail->depth($station), $lost)] ??= self::resists($rail->section($station, $lost));
                $stiff += $constant;
                $stress = $factor * $torque / 2 * $perTorque;
                $worst = $worst === null || $stress > $worst[0] + 1e-9 ? [$stress, $station, $side, $isOpen] : $worst;
            }
            $turned += $torque / (self::SHEAR_MPA * $stiff) * $step;
        }

        return $worst === null ? null : new self($case->kind, $torques[0] <= $torques[1] ? $front->id : $rear->id, $torque / 1000, rad2deg($turned), $worst[0], $worst[1], $worst[2], $worst[3]);
    }

    /** @return array{float, float, bool} J (mm⁴), shear stress for a torque of one (1/mm³), whether it is open */
    private static function resists(Section $section): array
    {
        $constant = $section->torsionConstant();
        $cell = $section->cell();

        return [$constant, $cell === null ? $section->wallThickness() / $constant : 1 / (2 * $cell->area * $section->wallThickness()), $cell === null];
    }
}
