<?php

declare(strict_types=1);

use Geodex\Core\Calculators\Calculators;

require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/measured.php';

// A four-link axle with its driveline at 100 heights and rolls. The bar is 60 ms.
$four = [
    'wheels' => ['left' => [3300, -740, 360], 'right' => [3300, 740, 360], 'ground' => 0], 'wheelbase' => 2700, 'cgHeight' => 650,
    'links' => [
        ['id' => 'LL', 'frame' => [2540, -400, 395], 'axle' => [3280, -420, 300]], ['id' => 'LR', 'frame' => [2540, 400, 395], 'axle' => [3280, 420, 300]],
        ['id' => 'UL', 'frame' => [2640, -420, 520], 'axle' => [3300, -150, 520]], ['id' => 'UR', 'frame' => [2640, 420, 520], 'axle' => [3300, 150, 520]],
    ],
    'driveline' => ['frontJoint' => [1500, 0, 480], 'pinionJoint' => [3020, 0, 350], 'input' => ['fall' => 3], 'output' => ['fall' => 2]],
    'travel' => array_map(fn (int $i): array => ['left' => -80 + 1.6 * $i, 'right' => -80 + 1.6 * $i + 20 * sin($i)], range(0, 99)),
];
measured(['a four-link, 100 heights' => fn () => Calculators::run('linkage', $four), 'the same, at ride alone' => fn () => Calculators::run('linkage', array_diff_key($four, ['travel' => 0]))]);
