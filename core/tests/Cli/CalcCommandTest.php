<?php

declare(strict_types=1);

/** @return array{int, string, string} exit code, standard output and standard error */
function calc(string $arguments, string $input = ''): array
{
    $process = proc_open('php '.escapeshellarg(dirname(__DIR__, 3).'/bin/geodex')." calc $arguments", [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes);
    fwrite($pipes[0], $input);
    fclose($pipes[0]);
    [$out, $err] = [(string) stream_get_contents($pipes[1]), (string) stream_get_contents($pipes[2])];

    return [proc_close($process), $out, $err];
}

it('reads one object and writes one', function () {
    [$code, $out, $err] = calc('square-check -', '{"diagonalA": "85 1/8 in", "diagonalB": 2146, "length": 2000}');
    expect($code)->toBe(0)
        ->and($err)->toBe('')
        ->and(json_decode($out, true)['rack'])->toEqualWithDelta((2162.175 - 2146) * (2162.175 + 2146) / 8000, 1e-9);
});

it('ends with 2, one line for each fault, and nothing on standard output', function (string $arguments, string $input, string $says) {
    [$code, $out, $err] = calc($arguments, $input);
    expect($code)->toBe(2)->and($out)->toBe('')->and($err)->toContain($says);
})->with([
    'bad input' => ['square-check -', '{"diagonalA": 0, "more": 1}', "\$.more: unknown key; known are diagonalA, diagonalB, length, otherLength, width, otherWidth, sigma, tolerance.\n\$.diagonalA: Diagonal"],
    'no JSON' => ['square-check -', '{', 'not JSON'],
    'unknown tool' => ['guess -', '{}', 'There is no calculator “guess”'],
    'no file' => ['square-check /nowhere.json', '', 'cannot read the file'],
    'no panel' => ['square-check -', '{"diagonalA": 9000, "diagonalB": 2000, "length": 2000}', 'No four-cornered bench'],
    'nothing' => ['', '', 'expected a tool and a file'],
]);
