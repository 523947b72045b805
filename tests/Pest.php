<?php

declare(strict_types=1);

use Geodex\Core\Units\LengthUnit;
use Geodex\Core\Units\Spoken;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

pest()->extend(TestCase::class)->use(RefreshDatabase::class)->in('Feature');

/** A sentence as a reader in millimetres sees it. */
function sentence(string $text): string
{
    return Spoken::in(LengthUnit::Millimetre, $text);
}
