<?php

declare(strict_types=1);

namespace App\Documents\Parts;

use App\Models\Job;
use App\Models\ShopValue;
use App\Models\Workshop;
use Geodex\Core\Settings\ShopDefaults;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Arr;

/**
 * What holds for a whole shop; no part of a job, but saved like one.
 *
 * @implements SavedPart<Workshop>
 */
final readonly class ShopSettings implements SavedPart
{
    public function name(): string
    {
        return 'the shop settings';
    }

    /** @param  Workshop  $owner */
    public function state(Model $owner): mixed
    {
        $values = $owner->values()->orderBy('name')->get()->mapWithKeys(fn (ShopValue $set): array => [ShopDefaults::all()[$set->name]->field->label ?? $set->name => $set->value]);

        return [...Arr::only($owner->fresh()?->attributesToArray() ?? [], ['inch_denominator', 'hides_expected']), ...$values->all()];
    }
}
