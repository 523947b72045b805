<?php

declare(strict_types=1);

use Geodex\Core\Cli\TableWriter;

it('lays rows out in columns, numbers to the right', function () {
    $text = (new TableWriter)->write('plan', ['rows' => [
        ['id' => 'AL', 'mm' => 1.5, 'ok' => true],
        ['id' => 'long name', 'mm' => -1204.25, 'ok' => false],
    ]]);
    expect($text)->toBe(implode("\n", [
        'geodex plan',
        '',
        'rows',
        '  id         mm        ok',
        '  AL             1.50  yes',
        '  long name  -1204.25  no',
        '',
    ]));
});

it('shows what is missing as a dash, and lists of numbers in step', function () {
    $text = (new TableWriter)->write('survey', ['points' => [
        ['id' => 'AL', 'at' => [1.0, -2.5, 300.25]],
        ['id' => 'AR', 'at' => null],
    ]]);
    expect($text)->toContain('  AL       1.00     -2.50    300.25')->toContain('  AR  -');
});

it('lays out facts, lists of sentences, and nothing for an empty list', function () {
    $text = (new TableWriter)->write('plan', [
        'wheelbase' => ['before' => 3300.0, 'after' => null],
        'warnings' => ['op1 cuts close.', 'op2 too.'],
        'carried' => [],
        'milliseconds' => 6.25,
    ]);
    expect($text)->toContain("wheelbase\n  before           3300.00\n  after            -\n")
        ->toContain("warnings\n  op1 cuts close.\n  op2 too.\n")
        ->not->toContain('carried')
        ->toContain('milliseconds       6.25');
});

it('counts letters, not bytes', function () {
    $text = (new TableWriter)->write('x', ['rows' => [
        ['name' => 'größe', 'n' => 1],
        ['name' => 'gross', 'n' => 2],
    ]]);
    expect($text)->toContain("  größe  1\n  gross  2\n");
});
