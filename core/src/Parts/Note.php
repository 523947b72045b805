<?php

declare(strict_types=1);

namespace Geodex\Core\Parts;

/** Words on a drawing, which stay readable in the mirror; mm. */
final readonly class Note
{
    public const HEIGHT = 5.0;

    /** @param  array{float, float}  $at  where they begin */
    public function __construct(public array $at, public string $text, public float $height = self::HEIGHT) {}

    /** About as long as it is drawn. */
    public function length(): float
    {
        return 0.62 * $this->height * mb_strlen($this->text);
    }
}
