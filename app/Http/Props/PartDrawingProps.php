<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Parts\Files\SvgWriter;
use Geodex\Core\Parts\Layer;
use Geodex\Core\Parts\PartDrawing;

/** A drawing of a part; mm. */
final readonly class PartDrawingProps
{
    /**
     * @param  string  $source  address of the picture, with the picture in it
     * @param  list<string>  $layers  in words
     */
    public function __construct(public string $name, public float $width, public float $height, public string $source, public array $layers) {}

    public static function from(PartDrawing $drawing): self
    {
        return new self($drawing->name, $drawing->width, $drawing->height, 'data:image/svg+xml;base64,'.base64_encode(SvgWriter::write($drawing)), array_map(fn (Layer $layer): string => $layer->words(), $drawing->layers()));
    }
}
