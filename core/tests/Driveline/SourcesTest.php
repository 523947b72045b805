<?php

declare(strict_types=1);

use Geodex\Core\Driveline\CriticalSpeed;
use Geodex\Core\Driveline\JointAngles;
use Geodex\Core\Driveline\ShaftCalculator;
use Geodex\Core\Tests\Support\Sources;

it('says where its numbers come from', function () {
    expect(Sources::of(JointAngles::class, CriticalSpeed::class, ShaftCalculator::class))->toBe([
        'joint', 'residual', 'critical', 'tube', 'engagement', 'variation',
    ]);
});
