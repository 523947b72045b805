<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Parts\Files\DxfOutline;

/** What was read of a DXF file, for the form of a plate; mm. */
final readonly class PlateOutlineProps
{
    /**
     * @param  array<string, mixed>  $values
     * @param  list<string>  $notes
     */
    public function __construct(public array $values, public array $notes) {}

    public static function from(DxfOutline $outline): self
    {
        $plate = $outline->plate();

        return new self(['contour' => $plate['contour'], 'offset' => 0.0, ...($plate['windows'] === [] ? [] : ['windows' => $plate['windows']])], $plate['notes']);
    }
}
