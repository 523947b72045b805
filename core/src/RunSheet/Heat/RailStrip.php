<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet\Heat;

use Geodex\Core\Chassis\RailSection;
use Geodex\Core\Chassis\Steel;
use Geodex\Core\Fields\Field;
use Geodex\Core\Shop\HasShopDefaults;
use Geodex\Core\Shop\Shop;
use Geodex\Core\Shop\ShopDefault;

/** A rail unfolded about its joints: lower flange, web, upper flange; mm. */
final readonly class RailStrip implements HasShopDefaults
{
    /**
     * @param  float  $limit  no next run above it, °C
     * @param  float  $insert  length put in between the two joints; 0 for one joint
     */
    public function __construct(public float $thickness, private float $depth, private float $flange, public float $limit, private float $insert = 0.0) {}

    public static function shopDefaults(): array
    {
        return [self::mild(), self::highStrength()];
    }

    public static function of(RailSection $section, float $insert, Shop $shop): self
    {
        return new self($section->rail->thickness(), $section->depth, $section->width, $shop->value($section->rail->steel === Steel::Mild ? self::mild() : self::highStrength()), $insert);
    }

    private static function mild(): ShopDefault
    {
        return new ShopDefault('Run sheet', Field::number('interpassMild', 'Mild steel: next run from', '°C')->between(40.0, 350.0)->defaults(150.0), 'Shop practice: 60 where somebody wants it hand-warm, 100, 150. The welding procedure decides.');
    }

    private static function highStrength(): ShopDefault
    {
        return new ShopDefault('Run sheet', Field::number('interpassHigh', 'High-strength steel: next run from', '°C')->between(40.0, 350.0)->defaults(100.0), 'Shop practice. The maker of the vehicle decides.');
    }

    public function width(): float
    {
        return $this->depth + 2 * $this->flange;
    }

    /** @return array{float, float} along the rail and across the strip */
    public function middle(Zone $zone): array
    {
        return [$zone->end === 'rear' ? $this->insert : 0.0, match ($zone->face) {
            'bottom' => $this->flange / 2,
            'web' => $this->flange + $this->depth / 2,
            'top' => 1.5 * $this->flange + $this->depth,
        }];
    }

    /** @return array{list<float>, list<float>} ends of a run across the rail, as long as the strip allows */
    public function ends(WeldRun $run): array
    {
        [$along, $across] = $this->middle($run->zone);

        return [[$along, max(0.0, $across - $run->length / 2)], [$along, min($this->width(), $across + $run->length / 2)]];
    }
}
