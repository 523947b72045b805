<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\Worksheet;
use App\Report\GearDrawings;
use App\Report\PaperLengths;

/** A drawing of a sheet, as it is on paper. */
final readonly class DrawingProps
{
    /** @param  string  $source  address of the picture, with the picture in it */
    public function __construct(public string $source, public string $caption) {}

    /**
     * @param  ?array<string, mixed>  $result
     * @return list<self>
     */
    public static function of(Worksheet $sheet, ?array $result): array
    {
        // A dial has its own picture on screen, which answers to a finger.
        $drawings = $result === null || $sheet->tool === 'run-out' ? [] : GearDrawings::of($sheet->tool, $sheet->given, $result, PaperLengths::of($sheet->job));

        return array_map(fn (array $one): self => new self('data:image/svg+xml;base64,'.base64_encode($one['svg']), $one['caption']), $drawings);
    }
}
