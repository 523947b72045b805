<?php

declare(strict_types=1);

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Parts\Files\SvgWriter;
use Geodex\Core\Parts\PartDrawings;

require __DIR__.'/../../vendor/autoload.php';
require __DIR__.'/measured.php';

// A plate of 60 points set back and drawn (bar: 100 ms), and a cut list of 1 000 parts in 40 lengths (bar: 2 s).
$plate = ['contour' => array_map(fn (int $i): array => [(300 + 40 * sin(7 * $i)) * cos(2 * M_PI * $i / 60), (180 + 25 * cos(5 * $i)) * sin(2 * M_PI * $i / 60)], range(0, 59)), 'offset' => 10, 'cornerRadius' => 5, 'thickness' => 6, 'windows' => [['at' => [0, 0], 'length' => 160, 'height' => 60, 'radius' => 20]]];
$list = ['stock' => [['id' => 'bar', 'length' => 6000]], 'parts' => array_map(fn (int $i): array => ['id' => "p$i", 'length' => 300 + 17 * $i, 'count' => 25], range(0, 39)), 'kerf' => 3, 'trim' => 10];
$cope = ['branch' => ['diameter' => 38, 'wall' => 2.5], 'header' => ['diameter' => 45], 'angle' => 60, 'offset' => 3];
measured([
    'a plate of 60 points set back and drawn' => fn () => array_map(SvgWriter::write(...), PartDrawings::of('offset-contour', $plate)),
    'a cope with its template' => fn () => array_map(SvgWriter::write(...), PartDrawings::of('cope', $cope)),
    'a cut list of 1 000 parts' => fn () => Calculators::run('cut-list', $list),
]);
