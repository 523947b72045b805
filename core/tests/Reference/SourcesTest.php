<?php

declare(strict_types=1);

use Geodex\Core\Reference\Movement\MovementFinder;
use Geodex\Core\Tests\Support\Sources;

it('says where its numbers come from', function () {
    expect(Sources::of(MovementFinder::class))->toBe([
        'movement',
    ]);
});
