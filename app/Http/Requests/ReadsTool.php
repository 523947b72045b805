<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Calculators\RunningGear\SheetPoints;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Units\LengthUnit;

/** What was typed for a calculator that is named beside it; only what works out is taken. */
trait ReadsTool
{
    public function tool(): string
    {
        return $this->string('tool')->value();
    }

    public function title(): string
    {
        $title = trim($this->string('title')->value());

        return $title === '' ? Calculators::named($this->tool())::title() : $title;
    }

    public function points(): SheetPoints
    {
        $points = [];
        foreach ($this->array('points') as $path => $point) {
            if (is_string($path) && is_string($point) && preg_match('/^[A-Za-z]+(\[\d{1,3}\])?(\.[A-Za-z]+)?$/', $path) === 1) {
                $points[$path] = $point;
            }
        }

        return new SheetPoints($points);
    }

    /** @return array<string, mixed> mm; what was not given is not there */
    public function given(): array
    {
        $calculator = Calculators::named($this->tool());
        $values = (new FieldReader(LengthUnit::from($this->string('unit')->value()), typed: true))->read($calculator::fields(), $this->array('values'));
        $calculator->calculate($values);

        /** @var array<string, mixed> */
        return self::present($values->toArray());
    }

    /**
     * @param  array<array-key, mixed>  $all
     * @return array<array-key, mixed>
     */
    private static function present(array $all): array
    {
        $kept = array_is_list($all) ? $all : array_filter($all, fn (mixed $one): bool => $one !== null && $one !== '');

        return array_map(fn (mixed $one): mixed => is_array($one) ? self::present($one) : $one, $kept);
    }
}
