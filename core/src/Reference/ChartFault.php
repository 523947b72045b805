<?php

declare(strict_types=1);

namespace Geodex\Core\Reference;

use Geodex\Core\Words\Sentence;

/** Something in a chart that is probably a slip, and what would be right. */
final readonly class ChartFault implements \JsonSerializable
{
    /**
     * @param  list<string>  $points
     */
    public function __construct(public FaultKind $kind, public array $points, public Sentence $text) {}

    /** @return array{kind: string, points: list<string>, text: Sentence} */
    public function jsonSerialize(): array
    {
        return ['kind' => $this->kind->value, 'points' => $this->points, 'text' => $this->text];
    }
}
