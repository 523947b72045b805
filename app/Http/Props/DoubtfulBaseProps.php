<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Words\Sentence;

/** A base point that the other base points contradict; mm along x, y, z. */
final readonly class DoubtfulBaseProps
{
    /** @param  list<float>  $off */
    public function __construct(public string $point, public array $off, public Sentence $text) {}
}
