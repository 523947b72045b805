<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Actions\Saving\Part;
use App\Models\Workshop;
use Geodex\Core\Driveline\DrivelineLimits;

/** What holds for the whole shop. */
final readonly class WorkshopProps
{
    /** @param  list<LimitProps>  $limits */
    public function __construct(public string $name, public int $inchDenominator, public float $tramReach, public float $buildScatter, public bool $hidesExpected, public array $limits, public string $revision) {}

    public static function from(Workshop $workshop): self
    {
        $limits = [];
        foreach (get_object_vars(new DrivelineLimits) as $key => $value) {
            $limits[] = new LimitProps($key, (float) ($workshop->driveline_limits[$key] ?? $value), DrivelineLimits::SOURCES[$key]);
        }

        return new self($workshop->name, $workshop->inch_denominator, $workshop->tram_reach_mm, $workshop->build_scatter_mm, $workshop->hides_expected, $limits, Part::Settings->revision($workshop));
    }
}
