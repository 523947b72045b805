<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet\Welds;

use Geodex\Core\Calculators\Splice\SpliceOption;
use Geodex\Core\Chassis\RailSection;
use Geodex\Core\Words\Sentence;

/** A joint of both rails as it is welded: section, groove, and the parts of the way of joining; mm. x along the rail from the (front) joint, y to the right, z up from the middle of the section. */
final readonly class JointSite
{
    /** Of a run until the shop has logged one: usual of MAG on rails (kJ/mm). */
    public const USUAL_HEAT = 0.5;

    /** Between the webs of the two rails where no charted points say more. */
    public const USUALLY_APART_MM = 800.0;

    /**
     * @param  float  $apart  between the webs of the two rails
     * @param  float  $inertia  of one rail, mm⁴
     * @param  float  $gap  root gap
     * @param  float  $insert  put in between two joints; 0 for one joint
     * @param  bool  $isClosed  whether it has an inner web too
     * @param  bool  $butt  whether the rail itself is welded through
     * @param  int  $buttPasses  by the shop's table
     * @param  list<array{part: string, leg: float, from: array{float, float}, to: array{float, float}}>  $fillets  behind the joint; they stand before it alike
     * @param  float  $heatInput  of a run, kJ/mm
     * @param  ?Sentence  $access  whether torch and hand reach it; null where all of it is outside
     */
    public function __construct(
        public float $depth, public float $width, public float $thickness, public float $apart, public float $inertia, public float $gap, public float $insert,
        public bool $isClosed, public bool $butt, public int $buttPasses, public int $filletPasses, public array $fillets, public float $heatInput, public ?Sentence $access = null,
    ) {}

    /** @param  ?SpliceOption  $option  null: the rail is welded through and nothing put over it */
    public static function of(RailSection $section, float $apart, float $gap, float $insert, ?SpliceOption $option, float $heatInput): self
    {
        $fillets = [];
        /** @var list<array{id: string, section: array{z?: float}, each: array{fillets?: list<array{leg: float, length?: float, from?: array{float, float}, to?: array{float, float}}>}}> $parts */
        $parts = $option->parts ?? [];
        foreach ($parts as $part) {
            foreach ($part['each']['fillets'] ?? [] as $one) {
                $z = $part['section']['z'] ?? 0.0;
                $fillets[] = ['part' => $part['id'], 'leg' => $one['leg'], 'from' => $one['from'] ?? [0.0, $z], 'to' => $one['to'] ?? [($one['length'] ?? 0.0) / 2, $z]];
            }
        }

        return new self(
            $section->depth, $section->width, $section->rail->thickness(), $apart, $section->properties->inertiaY, $gap, $insert, $section->rail->kind() !== 'channel',
            $option === null || $option->work->buttPasses > 0, max(1, $option->work->buttPasses ?? 1), max(1, $option->work->filletPasses ?? 1), $fillets, $heatInput, $option?->work->access,
        );
    }
}
