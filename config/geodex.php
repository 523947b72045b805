<?php

declare(strict_types=1);

return [
    // Shown on screen and written into files; what was computed by another version is computed anew.
    'version' => '0.9.0',
];
