<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Chassis\Loads\StressPoint;

/** A place where a rail bears most. */
final readonly class WorstProps
{
    /**
     * @param  float  $moment  of both rails (kN·m)
     * @param  float  $stress  in the weaker rail, with the dynamic factor unless on a jack (MPa)
     * @param  ?float  $margin  yield over stress
     * @param  string  $known  how the yield is known, in words; empty where it is not given
     */
    public function __construct(public string $case, public float $station, public string $side, public float $moment, public float $stress, public ?float $margin, public ?float $yield, public string $known, public bool $isOnJack) {}

    public static function from(StressPoint $one): self
    {
        $rail = $one->rail->rail;

        return new self($one->case->words(), $one->station, $one->rail->side->value, $one->moment / 1000, $one->stress, $one->margin, $rail->yield, $rail->known?->words() ?? '', $one->case->isJacked());
    }
}
