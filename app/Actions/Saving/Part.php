<?php

declare(strict_types=1);

namespace App\Actions\Saving;

use App\Models\Job;
use App\Models\PlanOperation;
use App\Models\Point;
use App\Models\ShopValue;
use App\Models\Workshop;
use Geodex\Core\Settings\ShopDefaults;
use Illuminate\Support\Arr;

/** A part of a job, or of the shop, that is saved as a whole; what it holds tells whether it was changed meanwhile. */
enum Part: string
{
    case Plan = 'the plan';
    case Chart = 'the chart';
    case Bench = 'the bench';
    case Shaft = 'the driveshaft';
    case Settings = 'the shop settings';

    /** As it is stored now, by what each value is. */
    public function state(Job|Workshop $owner): mixed
    {
        return $owner instanceof Workshop ? [...Arr::only($owner->fresh()?->attributesToArray() ?? [], ['inch_denominator', 'hides_expected']), ...$owner->values()->orderBy('name')->get()->mapWithKeys(fn (ShopValue $set): array => [ShopDefaults::all()[$set->name]->field->label ?? $set->name => $set->value])->all()] : match ($this) {
            self::Plan => $owner->operations()->get()->mapWithKeys(fn (PlanOperation $one): array => [$one->code => Arr::except($one->attributesToArray(), ['id', 'job_id', 'code', 'typed'])])->all(),
            self::Chart => [
                ...$owner->points()->get()->mapWithKeys(fn (Point $one): array => [$one->code => Arr::except($one->attributesToArray(), ['id', 'job_id', 'code', 'position'])])->all(),
                'source' => $owner->sources()->where('in_force', true)->value('name'),
            ],
            self::Bench => $owner->fresh()?->bench,
            self::Shaft => $owner->fresh()?->driveline,
            self::Settings => null,
        };
    }

    /** What a screen holds to say which state it was read in. */
    public function revision(Job|Workshop $owner): string
    {
        return self::of($this->state($owner));
    }

    public static function of(mixed $state): string
    {
        return substr(sha1(json_encode($state, JSON_THROW_ON_ERROR)), 0, 16);
    }
}
