<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\Parts\Revision;
use App\Documents\Parts\ShopSettings;
use App\Models\Workshop;
use Geodex\Core\Settings\ShopDefaults;
use Geodex\Core\Shop\ShopDefault;

/** What holds for the whole shop. */
final readonly class WorkshopProps
{
    /** @param  list<ShopValueProps>  $values */
    public function __construct(public string $name, public int $inchDenominator, public bool $hidesExpected, public array $values, public string $revision) {}

    public static function from(Workshop $workshop): self
    {
        $set = $workshop->values()->with('user')->get()->keyBy('name')->all();
        $values = array_map(fn (ShopDefault $default): ShopValueProps => ShopValueProps::from($default, $set[$default->name()] ?? null), array_values(ShopDefaults::all()));

        return new self(
            name: $workshop->name,
            inchDenominator: $workshop->inch_denominator,
            hidesExpected: $workshop->hides_expected,
            values: $values,
            revision: Revision::of(new ShopSettings, $workshop),
        );
    }
}
