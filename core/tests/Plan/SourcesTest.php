<?php

declare(strict_types=1);

use Geodex\Core\Plan\CutLength;
use Geodex\Core\Plan\FrameDraft;
use Geodex\Core\Plan\MeasuredEnds;
use Geodex\Core\Plan\Windows\CutWindows;
use Geodex\Core\Plan\WitnessReading;
use Geodex\Core\Tests\Support\Sources;

it('says where its numbers come from', function () {
    expect(Sources::of(CutWindows::class, MeasuredEnds::class, WitnessReading::class, CutLength::class, FrameDraft::class))->toBe([
        'window', 'ends', 'witness', 'piece', 'wheelbase',
    ]);
});
