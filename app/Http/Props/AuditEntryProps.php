<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\AuditEntry;

/** A line of the list of who changed what. */
final readonly class AuditEntryProps
{
    public function __construct(public int $id, public string $who, public string $action, public string $about, public string $at) {}

    public static function from(AuditEntry $one): self
    {
        return new self($one->id, $one->who, $one->action, $one->about, $one->created_at?->utc()->format('Y-m-d\TH:i:s\Z') ?? '');
    }
}
