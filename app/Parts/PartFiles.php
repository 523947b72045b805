<?php

declare(strict_types=1);

namespace App\Parts;

use App\Report\PartTemplate;
use App\Report\TemplateHead;
use Geodex\Core\Parts\Files\CutFaults;
use Geodex\Core\Parts\Files\DxfWriter;
use Geodex\Core\Parts\Files\SvgWriter;
use Geodex\Core\Parts\PartDrawing;
use Geodex\Core\Parts\PrinterScale;
use Illuminate\Http\Response;
use Illuminate\Support\Str;

/** Drawings as files that are handed over. */
final readonly class PartFiles
{
    /**
     * @param  ?float  $kerf  that goes into the geometry; null where the machine has its own
     * @param  ?float  $thickness  of the plate, to look for holes that plasma cannot make
     */
    public static function dxf(PartDrawing $drawing, string $name, ?float $kerf, ?float $thickness): Response
    {
        $faults = CutFaults::of($drawing, $thickness);
        abort_if($faults !== [], 422, 'No file for a machine: '.implode(' ', array_slice($faults, 0, 3)));

        return self::file($kerf === null ? DxfWriter::write($drawing) : DxfWriter::writeWithKerf($drawing, $kerf), "$name.dxf", 'image/vnd.dxf');
    }

    public static function svg(PartDrawing $drawing, string $name): Response
    {
        return self::file(SvgWriter::write($drawing), "$name.svg", 'image/svg+xml');
    }

    /** @param  list<PartDrawing>  $drawings */
    public static function template(array $drawings, string $name, TemplateHead $head, PrinterScale $scale): Response
    {
        return self::file(PartTemplate::of($drawings, $head, $scale), "$name.pdf", 'application/pdf', 'inline');
    }

    public static function name(string ...$parts): string
    {
        return Str::limit(Str::slug(implode(' ', $parts)), 80, '') ?: 'part';
    }

    private static function file(string $contents, string $name, string $type, string $how = 'attachment'): Response
    {
        return new Response($contents, 200, ['Content-Type' => $type, 'Content-Disposition' => "$how; filename=\"$name\""]);
    }
}
