<?php

declare(strict_types=1);

use Geodex\Core\Cli\DamageOption;
use Geodex\Core\Cli\GeodexCommand;
use Geodex\Core\Cli\Options;
use Geodex\Core\Cli\UnusableCall;

/** @return array{int, string, string} exit code, output, errors */
function geodexRuns(array $arguments): array
{
    [$out, $err] = [fopen('php://memory', 'w+'), fopen('php://memory', 'w+')];
    $code = (new GeodexCommand($out, $err))->run($arguments);
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

it('reads options with their values, and refuses others', function () {
    expect(Options::read(['--seed', '7', '--frames=9'], ['seed' => '1', 'frames' => '5', 'x' => 'y'], ''))->toBe(['seed' => '7', 'frames' => '9', 'x' => 'y'])
        ->and(fn () => Options::read(['--sed', '7'], ['seed' => '1'], ''))->toThrow(UnusableCall::class, 'unknown option --sed')
        ->and(fn () => Options::read(['--seed'], ['seed' => '1'], ''))->toThrow(UnusableCall::class, 'needs a value')
        ->and(fn () => Options::whole('-3', 'seed', 0, 9, ''))->toThrow(UnusableCall::class, 'from 0 to 9')
        ->and(fn () => Options::number('x', 'slop', 0, 20, ''))->toThrow(UnusableCall::class, 'a number from 0 to 20');
});

it('ends with code 2 when an instrument has no token, no server, or no such option', function (array $arguments, string $says) {
    [$code, , $err] = geodexRuns(['instrument', ...$arguments]);
    expect($code)->toBe(2)->and($err)->toContain($says);
})->with([
    [[], 'name the instrument with --token'],
    [['--token', 'x', '--url', 'http://127.0.0.1:9'], 'nobody answers at http://127.0.0.1:9'],
    [['--tocken', 'x'], 'unknown option --tocken'],
]);

it('refuses an accuracy study of no frames', function () {
    expect(geodexRuns(['accuracy', '--frames', '0'])[0])->toBe(2);
});
