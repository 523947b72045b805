<?php

declare(strict_types=1);

use Geodex\Core\Bench\LevelPlanner;
use Geodex\Core\Bench\SquarePlanner;
use Geodex\Core\Bench\VehicleSetter;
use Geodex\Core\Tests\Support\Sources;

it('says where its numbers come from', function () {
    expect(Sources::of(VehicleSetter::class, SquarePlanner::class, LevelPlanner::class))->toBe([
        'setting', 'square', 'turns',
    ]);
});
