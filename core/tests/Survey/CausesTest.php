<?php

declare(strict_types=1);

use Geodex\Core\Survey\Cause\CauseFinder;
use Geodex\Core\Survey\Cause\LikelyCause;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Tests\Support\Readings;
use Geodex\Core\Tests\Support\Said;

/** @return list<LikelyCause> */
function causesOf(string $call, callable $as, float $sigma = 1.0, bool $twice = false): array
{
    $frame = Readings::ladder(5);
    $at = Readings::truth($frame);
    $true = Readings::true($call, $at);

    return (new CauseFinder)->find(new Reading('r', $true->kind, $as($true->value), 1.0), $frame, $at, $true->value, $sigma, $twice);
}

it('knows how numbers go wrong', function (string $call, callable $as, string $kind, string $says) {
    $causes = causesOf($call, $as);
    expect(array_map(fn (LikelyCause $one): string => $one->kind->value, $causes))->toContain($kind)
        ->and(implode(' ', array_map(fn (LikelyCause $one): string => Said::mm($one->text), $causes)))->toContain($says);
})->with([
    'inches as millimetres' => ['tram AL BR', fn (float $mm): float => $mm / 25.4, 'unit', 'Read in inches, written down as millimetres'],
    'millimetres as centimetres' => ['tram AL AR', fn (float $mm): float => $mm * 10, 'unit', 'Read in millimetres, written down as centimetres'],
    'centimetres as millimetres' => ['tram AL BR', fn (float $mm): float => $mm / 10, 'unit', 'Read in centimetres'],
    'minus lost' => ['offset BL', fn (float $mm): float => -$mm, 'sign', 'The minus is lost'],
    'minus too many' => ['offset BR', fn (float $mm): float => -$mm, 'sign', 'A minus too many'],
]);

it('takes no sign off a length, which has none', function () {
    expect(array_map(fn (LikelyCause $one): string => $one->kind->value, causesOf('tram AL BR', fn (float $mm): float => $mm - 500)))->not->toContain('sign');
});

it('tells both where two causes fit about equally, and only the better where one does', function () {
    // 25.4 and 25 are both near 25.2 with that uncertainty; a decimetre is not.
    expect(array_map(fn (LikelyCause $one): string => $one->kind->value, causesOf('tram AL BR', fn (float $mm): float => $mm + 25.4)))->toBe(['inch'])
        ->and(count(causesOf('tram AL BR', fn (float $mm): float => $mm + 10.0, 12.0)))->toBeGreaterThan(1);
});

it('says of a mistake made twice that it was', function () {
    expect(Said::mm(causesOf('tram AL BR', fn (float $mm): float => $mm + 25.4, twice: true)[0]->text))->toContain('Both readings of it have the same mistake')
        ->and(Said::mm(causesOf('tram AL BR', fn (float $mm): float => $mm + 25.4)[0]->text))->not->toContain('Both readings');
});
