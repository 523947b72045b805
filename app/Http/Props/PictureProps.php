<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\Picture;

/** A photograph of a face; pixels. */
final readonly class PictureProps
{
    public function __construct(public int $id, public string $name, public int $width, public int $height, public string $source) {}

    public static function from(Picture $picture): self
    {
        return new self($picture->id, $picture->name, $picture->width, $picture->height, route('picture', [$picture->job_id, $picture->id]));
    }
}
