<?php

declare(strict_types=1);

namespace App\Http\Props;

/** One survey of a job, to choose from. */
final readonly class SurveyTabProps
{
    public function __construct(public string $code, public string $name, public string $stage, public string $href, public bool $toTarget) {}
}
