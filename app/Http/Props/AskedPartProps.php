<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Parts\ProposedPart;

/** A part that the plan or the running gear asks for and that is not there yet. */
final readonly class AskedPartProps
{
    /** @param  bool  $isFirst  whether it is the way that is proposed, where there are several */
    public function __construct(public string $key, public string $title, public string $from, public int $count, public bool $isFirst) {}

    public static function from(ProposedPart $part): self
    {
        return new self($part->key, $part->title, $part->from, $part->count, $part->isFirst);
    }
}
