<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Reading;

/** What the kinds that name one point have in common. */
trait ReadsOnePoint
{
    use ReadsPlainly;

    public function __construct(private readonly string $point) {}

    public static function between(array $points, ?array $pointers): self
    {
        return new self($points[0]);
    }

    public static function roles(): array
    {
        return ['point'];
    }

    public function points(): array
    {
        return [$this->point];
    }
}
