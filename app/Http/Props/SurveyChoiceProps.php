<?php

declare(strict_types=1);

namespace App\Http\Props;

/** A survey in the shop that a reference can be made of. */
final readonly class SurveyChoiceProps
{
    public function __construct(public int $id, public bool $own, public string $job, public string $code, public string $stage) {}
}
