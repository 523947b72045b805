<?php

declare(strict_types=1);

namespace App\Report;

use Geodex\Core\Parts\Hole;
use Geodex\Core\Parts\Layer;
use Geodex\Core\Parts\Note;
use Geodex\Core\Parts\PartDrawing;
use Geodex\Core\Parts\PrinterScale;
use Geodex\Core\Parts\Stroke;
use TCPDF;

/**
 * Drawings as large as life on sheets of A4 that lap over: crop marks, a bar to measure each way, and a stamp while nobody has measured them. Every
 * sheet says what it is and carries a code that tells whether it is still current.
 */
final class PartTemplate
{
    public const BAR_ACROSS = 180.0;

    public const BAR_UP = 250.0;

    private const OVERLAP = 10.0;

    /** What a sheet holds of the drawing (mm), and where. */
    private const WIDE = 180.0;

    private const HIGH = 222.0;

    private const LEFT = 22.0;

    private const TOP = 38.0;

    private const FLAT = 0.02;

    private const INCH = 25.4;

    private const DASHES = ['BEND' => '4,2', 'SEAM' => '1,1', 'CENTRE' => '8,1.5,1.5,1.5'];

    private readonly TCPDF $pdf;

    private int $page = 0;

    private function __construct(private readonly TemplateHead $head, private readonly PrinterScale $scale)
    {
        $this->pdf = new TCPDF('P', 'mm', 'A4', true, 'UTF-8', false);
        $this->pdf->setPrintHeader(false);
        $this->pdf->setPrintFooter(false);
        $this->pdf->setAutoPageBreak(false);
        $this->pdf->setMargins(0, 0, 0);
        $this->pdf->setCreator('Geodex');
        $this->pdf->setTitle($head->part);
        $this->pdf->setFontSubsetting(true);
    }

    /** @param  list<PartDrawing>  $drawings */
    public static function of(array $drawings, TemplateHead $head, PrinterScale $scale): string
    {
        $template = new self($head, $scale);
        $sheets = array_sum(array_map(fn (PartDrawing $one): int => count($template->tiles($one)), $drawings));
        foreach ($drawings as $drawing) {
            foreach ($template->tiles($drawing) as $tile) {
                $template->sheet($drawing, $tile, $sheets);
            }
        }

        return (string) $template->pdf->Output('', 'S');
    }

    /** @return list<array{float, float, string}> lower left of each sheet on the drawing, and its place in words */
    private function tiles(PartDrawing $drawing): array
    {
        $many = fn (float $size, float $sheet): int => max(1, (int) ceil(($size - self::OVERLAP) / ($sheet - self::OVERLAP) - 1e-9));
        [$columns, $rows] = [$many($drawing->width * $this->scale->across, self::WIDE), $many($drawing->height * $this->scale->up, self::HIGH)];
        $tiles = [];
        for ($row = 0; $row < $rows; $row++) {
            for ($column = 0; $column < $columns; $column++) {
                $tiles[] = [$column * (self::WIDE - self::OVERLAP), $row * (self::HIGH - self::OVERLAP), $columns * $rows === 1 ? '' : sprintf('row %d of %d from below, column %d of %d', $row + 1, $rows, $column + 1, $columns)];
            }
        }

        return $tiles;
    }

    /** @param  array{float, float, string}  $tile */
    private function sheet(PartDrawing $drawing, array $tile, int $sheets): void
    {
        $this->pdf->AddPage();
        $this->page++;
        $this->headed($drawing, $tile[2], $sheets);
        $this->cropped();
        $this->pdf->StartTransform();
        $this->pdf->Rect(self::LEFT, self::TOP, self::WIDE, self::HIGH, 'CNZ');
        foreach ($drawing->strokes as $stroke) {
            $this->stroke($stroke, $tile);
        }
        foreach ($drawing->holes as $hole) {
            $this->hole($hole, $tile);
        }
        foreach ($drawing->notes as $note) {
            $this->note($note, $tile);
        }
        $this->pdf->StopTransform();
        $this->bars();
        if (! $this->scale->isMeasured) {
            $this->stamp();
        }
    }

    private function headed(PartDrawing $drawing, string $place, int $sheets): void
    {
        $this->font('B', 15);
        $this->pdf->Text(self::LEFT, 8, mb_strimwidth($this->head->part, 0, 58, '…'));
        $this->font('', 9);
        $this->pdf->Text(self::LEFT, 16, mb_strimwidth("{$this->head->what}. $drawing->name", 0, 98, '…'));
        $this->pdf->Text(self::LEFT, 21, mb_strimwidth($this->head->job, 0, 98, '…'));
        $this->pdf->Text(self::LEFT, 26, sprintf('State %s, %s, %s. Lengths in mm.', $this->head->state, $this->head->date, $this->head->person));
        $this->pdf->Text(self::LEFT, 31, sprintf('Sheet %d of %d%s%s', $this->page, $sheets, $place === '' ? '' : ": $place", $this->scale->isMeasured ? '. Corrected for this printer.' : '. Not to scale until both long bars were measured.'));
        if ($this->head->address !== '') {
            $this->pdf->write2DBarcode($this->head->address, 'QRCODE,M', 178, 8, 24, 24);
        }
    }

    private function cropped(): void
    {
        $this->pdf->setLineStyle(['width' => 0.2, 'color' => [0, 0, 0], 'dash' => 0]);
        foreach ([[self::LEFT, self::TOP, -1, -1], [self::LEFT + self::WIDE, self::TOP, 1, -1], [self::LEFT, self::TOP + self::HIGH, -1, 1], [self::LEFT + self::WIDE, self::TOP + self::HIGH, 1, 1]] as [$x, $y, $dx, $dy]) {
            $this->pdf->Line($x, $y, $x + 4 * $dx, $y);
            $this->pdf->Line($x, $y, $x, $y + 4 * $dy);
        }
    }

    /** @param  array{float, float, string}  $tile */
    private function stroke(Stroke $stroke, array $tile): void
    {
        $this->pdf->setLineStyle(['width' => in_array($stroke->layer, [Layer::Cut, Layer::Inner], true) ? 0.3 : 0.2, 'color' => [0, 0, 0], 'dash' => self::DASHES[$stroke->layer->value] ?? 0]);
        $places = $stroke->flattened(self::FLAT);
        foreach (array_slice($places, 1) as $i => $to) {
            [$x, $y] = $this->at($places[$i], $tile);
            [$u, $v] = $this->at($to, $tile);
            $this->pdf->Line($x, $y, $u, $v);
        }
    }

    /** @param  array{float, float, string}  $tile */
    private function hole(Hole $hole, array $tile): void
    {
        $this->pdf->setLineStyle(['width' => 0.25, 'color' => [0, 0, 0], 'dash' => 0]);
        [$x, $y] = $this->at($hole->at, $tile);
        $r = $hole->diameter / 2;
        $this->pdf->Ellipse($x, $y, $r * $this->scale->across, $r * $this->scale->up);
        $this->pdf->Line($x - $r - 2, $y, $x + $r + 2, $y);
        $this->pdf->Line($x, $y - $r - 2, $x, $y + $r + 2);
    }

    /** @param  array{float, float, string}  $tile */
    private function note(Note $note, array $tile): void
    {
        [$x, $y] = $this->at($note->at, $tile);
        $this->font('', min(14.0, $note->height * 2.4));
        $this->pdf->Text($x, $y - $note->height, $note->text);
    }

    private function bars(): void
    {
        $this->pdf->setLineStyle(['width' => 0.2, 'color' => [0, 0, 0], 'dash' => 0]);
        $this->font('', 8);
        $this->bar(270.0, self::BAR_ACROSS, [self::LEFT + 2, 270.5], sprintf('across: has to measure %g mm', self::BAR_ACROSS));
        $this->bar(280.0, 100.0, [self::LEFT + 104, 278.0], '100 mm');
        $this->bar(287.0, 4 * self::INCH, [self::LEFT + 106, 285.0], '4 in');
        $high = self::BAR_UP * $this->scale->up;
        $low = 275.0;
        $this->pdf->Line(9, $low, 9, $low - $high);
        $this->pdf->Line(7, $low, 11, $low);
        $this->pdf->Line(7, $low - $high, 11, $low - $high);
        $this->pdf->StartTransform();
        $this->pdf->Rotate(90, 10, 180);
        $this->pdf->Text(10, 180, sprintf('up: has to measure %g mm', self::BAR_UP));
        $this->pdf->StopTransform();
    }

    /** @param  array{float, float}  $words  where they stand */
    private function bar(float $y, float $length, array $words, string $says): void
    {
        [$from, $to] = [self::LEFT, self::LEFT + $length * $this->scale->across];
        $this->pdf->Line($from, $y, $to, $y);
        $this->pdf->Line($from, $y - 2, $from, $y + 2);
        $this->pdf->Line($to, $y - 2, $to, $y + 2);
        $this->pdf->Text($words[0], $words[1], $says);
    }

    private function stamp(): void
    {
        $this->font('B', 40);
        $this->pdf->setTextColor(190, 190, 190);
        $this->pdf->StartTransform();
        $this->pdf->Rotate(35, 40, 190);
        $this->pdf->Text(40, 180, 'NOT TO SCALE');
        $this->pdf->StopTransform();
        $this->pdf->setTextColor(0, 0, 0);
    }

    /**
     * @param  array{float, float}  $place
     * @param  array{float, float, string}  $tile
     * @return array{float, float}
     */
    private function at(array $place, array $tile): array
    {
        return [self::LEFT + $place[0] * $this->scale->across - $tile[0], self::TOP + self::HIGH - $place[1] * $this->scale->up + $tile[1]];
    }

    private function font(string $style, float $size): void
    {
        $this->pdf->setFont($style === 'B' ? 'dejavusansb' : 'dejavusans', '', $size);
    }
}
