<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Reading;

/** What the kinds that run from one point to another have in common. */
trait ReadsTwoPoints
{
    use ReadsPlainly;

    public function __construct(private readonly string $from, private readonly string $to) {}

    public static function between(array $points, ?array $pointers): self
    {
        return new self($points[0], $points[1]);
    }

    public static function roles(): array
    {
        return ['from', 'to'];
    }

    public function points(): array
    {
        return [$this->from, $this->to];
    }
}
