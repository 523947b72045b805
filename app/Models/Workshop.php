<?php

declare(strict_types=1);

namespace App\Models;

use Geodex\Core\Shop\Shop;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property string $name
 * @property int $inch_denominator
 * @property Collection<int, ShopValue> $values
 * @property bool $hides_expected  whether the expected value is hidden until Enter
 */
final class Workshop extends Model
{
    protected $fillable = ['name', 'inch_denominator', 'hides_expected'];

    protected $attributes = ['inch_denominator' => 32];

    protected $casts = ['inch_denominator' => 'int', 'hides_expected' => 'bool'];

    /** @return HasMany<ShopValue, $this> */
    public function values(): HasMany
    {
        return $this->hasMany(ShopValue::class);
    }

    /** What it computes with. */
    public function shop(): Shop
    {
        return new Shop(Scalar::floats($this->values->pluck('value', 'name')));
    }

    /** @return HasMany<User, $this> */
    public function users(): HasMany
    {
        return $this->hasMany(User::class);
    }

    /** @return HasMany<Instrument, $this> */
    public function instruments(): HasMany
    {
        return $this->hasMany(Instrument::class)->orderBy('name');
    }

    /** @return HasMany<StockItem, $this> */
    public function stock(): HasMany
    {
        return $this->hasMany(StockItem::class)->orderBy('stock')->orderByDesc('length')->orderBy('id');
    }

    /** @return HasMany<Job, $this> */
    public function jobs(): HasMany
    {
        return $this->hasMany(Job::class);
    }
}
