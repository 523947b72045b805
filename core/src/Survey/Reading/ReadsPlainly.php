<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Reading;

/** What most kinds answer: no pointers, no coordinate of the bench, and the same from either end. */
trait ReadsPlainly
{
    public static function word(): string
    {
        return ucfirst(self::name());
    }

    public static function quantity(): string
    {
        return 'length';
    }

    public static function isDistance(): bool
    {
        return false;
    }

    public static function tellsHeight(): bool
    {
        return false;
    }

    public static function seesBench(): bool
    {
        return true;
    }

    public static function hasPointers(): bool
    {
        return false;
    }

    public static function coordinate(): ?int
    {
        return null;
    }

    public function pointers(): ?array
    {
        return null;
    }

    public function at(array $points): self
    {
        return self::between($points, $this->pointers());
    }

    public function key(): string
    {
        $points = $this->points();
        sort($points);

        return self::name().' '.implode(' ', $points);
    }

    public function repeatKey(): string
    {
        return $this->key();
    }
}
