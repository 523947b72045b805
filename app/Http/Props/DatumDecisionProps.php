<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\DatumDecision;

/** What a person decided of a base point. */
final readonly class DatumDecisionProps
{
    /** @param  'in'|'out'|'tested'  $choice */
    public function __construct(public string $point, public string $choice, public string $reason, public string $by, public string $at) {}

    /** @param  array<int, string>  $codes  point code by key */
    public static function from(DatumDecision $decision, array $codes): self
    {
        return new self(
            point: $codes[$decision->point_id] ?? '',
            choice: $decision->choice,
            reason: $decision->reason,
            by: $decision->user->name ?? '',
            at: $decision->created_at->utc()->format('Y-m-d\TH:i:s\Z'),
        );
    }
}
