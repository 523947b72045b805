<?php

declare(strict_types=1);

namespace App\Http\Props;

/** Whether a mount of a body that was cut meets the frame again, and by how much it stands behind (mm). */
final readonly class BodyMountProps
{
    public function __construct(public string $mount, public float $station, public float $off, public bool $meets) {}
}
