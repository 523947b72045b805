<?php

declare(strict_types=1);

namespace Geodex\Core\Plan;

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\Values;
use Geodex\Core\Units\InvalidQuantity;

/** How the cut is made, welded and proved. */
final readonly class Cutting
{
    public const MAX_KERF_MM = 20.0;

    public const MAX_GAP_MM = 20.0;

    /**
     * @param  float  $kerf  width of the cut (mm)
     * @param  float  $witness  distance of the scribed witness marks from the cut (mm)
     * @param  bool  $level  lay the insert level even where the rail slopes
     * @param  float  $gap  root gap of a joint (mm)
     * @param  ?float  $shrinkage  what the shop has measured a joint to draw in (mm); null takes it from the weld
     *
     * @throws InvalidQuantity if the kerf is negative or the witness distance not more than zero
     */
    public function __construct(public float $kerf = 0.0, public float $witness = 100.0, public bool $level = false, public float $gap = 0.0, public ?float $shrinkage = null)
    {
        if (! is_finite($kerf) || $kerf < 0.0 || $kerf > self::MAX_KERF_MM) {
            throw InvalidPlan::kerf($kerf);
        }
        if (! is_finite($witness) || $witness <= 0.0) {
            throw InvalidQuantity::notPositive('The distance of the witness marks', $witness);
        }
    }

    /** @return list<Field> what every cut asks for */
    public static function fields(): array
    {
        return [
            Field::length('kerf', 'Saw cut', 'Width of the cut; 0 if it does not matter.')->between(0.0, self::MAX_KERF_MM)->defaults(0.0)->proposing('sawCut'),
            Field::length('gap', 'Root gap of a joint')->between(0.0, self::MAX_GAP_MM)->defaults(0.0)->proposing('rootGap'),
            Field::length('shrinkage', 'Each joint draws in', 'As this shop has measured it. Left empty: by the shop default where the wall is entered, else not counted.')->between(0.0, 10.0)->optional(),
            Field::length('witness', 'Witness marks', 'Distance of the scribed marks from the cut.')->positive()->defaults(100.0)->proposing('witnessDistance'),
        ];
    }

    /** @throws InvalidQuantity */
    public static function of(Values $given): self
    {
        return new self(kerf: $given->number('kerf'), witness: $given->number('witness'), level: $given->truth('level'), gap: $given->number('gap'), shrinkage: $given->optional('shrinkage'));
    }

    /** @return array<string, float|null> by the names of its fields */
    public function values(): array
    {
        return ['kerf' => $this->kerf, 'gap' => $this->gap, 'shrinkage' => $this->shrinkage, 'witness' => $this->witness];
    }
}
