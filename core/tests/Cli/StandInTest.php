<?php

declare(strict_types=1);

use Geodex\Core\Cli\DamageOption;
use Geodex\Core\Cli\GeodexApplication;
use Geodex\Core\Cli\UnusableCall;

/** @return array{int, string, string} exit code, output, errors */
function geodexRuns(array $arguments): array
{
    [$out, $err] = [fopen('php://memory', 'w+'), fopen('php://memory', 'w+')];
    $code = (new GeodexApplication($out, $err))->run($arguments);
    rewind($out);
    rewind($err);

    return [$code, (string) stream_get_contents($out), (string) stream_get_contents($err)];
}

it('reads damages as they are typed', function () {
    $damages = DamageOption::read('rear-sidesway=12,front-short-rail-left=8.5,rear-twist=-6', '');
    expect(array_map(fn ($d): array => [$d->section->value, $d->pattern->value, $d->amount, $d->side], $damages))
        ->toBe([['rear', 'sidesway', 12.0, null], ['front', 'short-rail', 8.5, 'left'], ['rear', 'twist', -6.0, null]])
        ->and(DamageOption::read('', ''))->toBe([]);
});

it('says what is no damage', function (string $typed) {
    expect(fn () => DamageOption::read($typed, 'usage'))->toThrow(UnusableCall::class);
})->with([['rear-bend=4'], ['rear-sidesway'], ['rear-short-rail=4'], ['rear-sag-left=4'], ['middle-sag=4']]);

it('reads options with their values, and refuses others', function (array $options, string $says) {
    [$code, , $err] = geodexRuns(['accuracy', ...$options]);
    expect($code)->toBe(2)->and($err)->toContain($says);
})->with([
    [['--frames=-3'], '--frames takes a whole number from 1 to 20000'],
    [['--sed', '7'], '"--sed" option does not exist'],
    [['--seed'], '"--seed" option requires a value'],
    [['--seed=x'], 'whole number'],
]);

it('ends with code 2 when an instrument has no token, no server, or no such option', function (array $arguments, string $says) {
    [$code, , $err] = geodexRuns(['instrument', ...$arguments]);
    expect($code)->toBe(2)->and($err)->toContain($says);
})->with([
    [[], 'name the instrument with --token'],
    [['--token', 'x', '--url', 'http://127.0.0.1:9'], 'nobody answers at http://127.0.0.1:9'],
    [['--tocken', 'x'], '"--tocken" option does not exist'],
]);

it('refuses an accuracy study of no frames', function () {
    expect(geodexRuns(['accuracy', '--frames', '0'])[0])->toBe(2);
});
