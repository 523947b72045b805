<?php

declare(strict_types=1);

use Geodex\Core\Findings\PullPlanner;
use Geodex\Core\Tests\Support\Sources;

it('says where its numbers come from', function () {
    expect(Sources::of(PullPlanner::class))->toBe([
        'pull',
    ]);
});
