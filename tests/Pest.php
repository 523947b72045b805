<?php

declare(strict_types=1);

use Geodex\Core\Units\LengthUnit;
use Geodex\Core\Words\Measure;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Tests\TestCase;

pest()->extend(TestCase::class)->use(RefreshDatabase::class)->in('Feature');

/**
 * A sentence of the core as a reader in millimetres sees it.
 *
 * @param  array{template: string, parts: array<string, string|array{mm: float, expanded: ?float, isGiven: bool}>}  $sentence
 */
function sentence(array $sentence): string
{
    return (string) preg_replace_callback('/\{([\w.]+)\}/', function (array $place) use ($sentence): string {
        $part = $sentence['parts'][$place[1]];

        return is_string($part) ? $part : ($part['isGiven'] ? Measure::given($part['mm']) : Measure::computed($part['mm'], $part['expanded']))->in(LengthUnit::Millimetre);
    }, $sentence['template']);
}
