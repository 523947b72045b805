<?php

declare(strict_types=1);

namespace App\Models;

/** What somebody may do in their workshop. */
enum Role: string
{
    case Technician = 'technician';
    case Inspector = 'inspector';
    case Owner = 'owner';
}
