<?php

declare(strict_types=1);

namespace Geodex\Core\Parts\Files;

use Geodex\Core\Calculators\Plates\Edge;
use Geodex\Core\Parts\Hole;
use Geodex\Core\Parts\Layer;
use Geodex\Core\Parts\Note;
use Geodex\Core\Parts\PartDrawing;
use Geodex\Core\Parts\Stroke;

/**
 * A drawing as DXF R2000 in ASCII, millimetres, one to one: closed outlines with arcs as bulges, inside before outside, layers by meaning. No kerf in the
 * geometry, no splines, no blocks of its own, nothing twice.
 */
final class DxfWriter
{
    /** Owner of everything that is drawn. */
    private const MODEL = '1F';

    private const FIRST_FREE = 0x100;

    private int $handle = self::FIRST_FREE;

    /** @param  string  $suffix  of the layers that are cut, where the kerf is in the geometry */
    private function __construct(private readonly string $suffix) {}

    public static function write(PartDrawing $drawing): string
    {
        return (new self(''))->whole($drawing);
    }

    /** With half the kerf in the geometry, and said in the names of the layers. */
    public static function writeWithKerf(PartDrawing $drawing, float $kerf): string
    {
        return (new self(sprintf('_KERF_%g', $kerf)))->whole(Kerf::in($drawing, $kerf));
    }

    private function named(Layer $layer): string
    {
        return $layer->value.(in_array($layer, [Layer::Cut, Layer::Inner], true) ? $this->suffix : '');
    }

    private function whole(PartDrawing $drawing): string
    {
        $strokes = [...$drawing->cuts(), ...array_filter($drawing->strokes, fn (Stroke $one): bool => ! $one->isClosed || ! in_array($one->layer, [Layer::Cut, Layer::Inner], true))];
        $entities = [
            ...array_map($this->circle(...), array_values(array_filter($drawing->holes, fn (Hole $one): bool => $one->diameter > 0.0))),
            ...array_map($this->polyline(...), $strokes), ...array_map($this->text(...), $drawing->notes),
        ];

        return self::pairs([
            ...$this->header($drawing), ...$this->tables($drawing), ...$this->blocks(),
            [0, 'SECTION'], [2, 'ENTITIES'], ...array_merge(...$entities), [0, 'ENDSEC'],
            [0, 'SECTION'], [2, 'OBJECTS'], [0, 'DICTIONARY'], [5, 'C'], [330, '0'], [100, 'AcDbDictionary'], [281, 1], [3, 'ACAD_GROUP'], [350, 'D'], [0, 'DICTIONARY'], [5, 'D'], [330, 'C'], [100, 'AcDbDictionary'], [281, 1], [0, 'ENDSEC'], [0, 'EOF'],
        ]);
    }

    /** @return list<array{int, string|int|float}> */
    private function header(PartDrawing $drawing): array
    {
        return [
            [0, 'SECTION'], [2, 'HEADER'], [9, '$ACADVER'], [1, 'AC1015'], [9, '$DWGCODEPAGE'], [3, 'ANSI_1252'], [9, '$INSUNITS'], [70, 4], [9, '$MEASUREMENT'], [70, 1], [9, '$EXTMIN'], [10, 0.0], [20, 0.0], [30, 0.0],
            [9, '$EXTMAX'], [10, $drawing->width], [20, $drawing->height], [30, 0.0], [9, '$HANDSEED'], [5, 'FFFFF'], [0, 'ENDSEC'],
            [0, 'SECTION'], [2, 'CLASSES'], [0, 'ENDSEC'],
        ];
    }

    /** @return list<array{int, string|int|float}> */
    private function tables(PartDrawing $drawing): array
    {
        $record = fn (string $kind, string $handle, string $table, string $class, string $name): array => [[0, $kind], [$kind === 'DIMSTYLE' ? 105 : 5, $handle], [330, $table], [100, 'AcDbSymbolTableRecord'], [100, $class], [2, $name], [70, 0]];
        $layers = array_merge($this->layer('0', '10', 7), ...array_map(fn (int $i, Layer $layer): array => $this->layer($this->named($layer), dechex(0x50 + $i), $layer->colour()), array_keys($drawing->layers()), $drawing->layers()));
        $line = fn (string $handle, string $name): array => [...$record('LTYPE', $handle, '5', 'AcDbLinetypeTableRecord', $name), [3, ''], [72, 65], [73, 0], [40, 0.0]];

        return [
            [0, 'SECTION'], [2, 'TABLES'],
            ...$this->table('VPORT', '8', 1), ...$record('VPORT', '29', '8', 'AcDbViewportTableRecord', '*Active'), [10, 0.0], [20, 0.0], [11, 1.0], [21, 1.0], [12, $drawing->width / 2], [22, $drawing->height / 2], [13, 0.0], [23, 0.0], [14, 10.0], [24, 10.0], [15, 10.0], [25, 10.0],
            [16, 0.0], [26, 0.0], [36, 1.0], [17, 0.0], [27, 0.0], [37, 0.0], [40, max(10.0, $drawing->height * 1.2)], [41, 1.5], [42, 50.0], [43, 0.0], [44, 0.0], [50, 0.0], [51, 0.0], [71, 0], [72, 100], [73, 1], [74, 3], [75, 0], [76, 0], [77, 0], [78, 0], [0, 'ENDTAB'],
            ...$this->table('LTYPE', '5', 3), ...$line('14', 'ByBlock'), ...$line('15', 'ByLayer'), ...$line('16', 'Continuous'), [0, 'ENDTAB'],
            ...$this->table('LAYER', '2', 1 + count($drawing->layers())), ...$layers, [0, 'ENDTAB'],
            ...$this->table('STYLE', '3', 1), ...$record('STYLE', '11', '3', 'AcDbTextStyleTableRecord', 'Standard'), [40, 0.0], [41, 1.0], [50, 0.0], [71, 0], [42, 2.5], [3, 'txt'], [4, ''], [0, 'ENDTAB'],
            ...$this->table('VIEW', '6', 0), [0, 'ENDTAB'], ...$this->table('UCS', '7', 0), [0, 'ENDTAB'],
            ...$this->table('APPID', '9', 1), ...$record('APPID', '12', '9', 'AcDbRegAppTableRecord', 'ACAD'), [0, 'ENDTAB'],
            ...$this->table('DIMSTYLE', 'A', 1), [100, 'AcDbDimStyleTable'], ...$record('DIMSTYLE', '27', 'A', 'AcDbDimStyleTableRecord', 'Standard'), [0, 'ENDTAB'],
            ...$this->table('BLOCK_RECORD', '1', 2), ...$this->blockRecord('1F', '*Model_Space'), ...$this->blockRecord('1B', '*Paper_Space'), [0, 'ENDTAB'],
            [0, 'ENDSEC'],
        ];
    }

    /** @return list<array{int, string|int|float}> */
    private function table(string $name, string $handle, int $many): array
    {
        return [[0, 'TABLE'], [2, $name], [5, $handle], [330, '0'], [100, 'AcDbSymbolTable'], [70, $many]];
    }

    /** @return list<array{int, string|int|float}> */
    private function layer(string $name, string $handle, int $colour): array
    {
        return [[0, 'LAYER'], [5, strtoupper($handle)], [330, '2'], [100, 'AcDbSymbolTableRecord'], [100, 'AcDbLayerTableRecord'], [2, $name], [70, 0], [62, $colour], [6, 'Continuous'], [370, -3]];
    }

    /** @return list<array{int, string|int|float}> */
    private function blockRecord(string $handle, string $name): array
    {
        return [[0, 'BLOCK_RECORD'], [5, $handle], [330, '1'], [100, 'AcDbSymbolTableRecord'], [100, 'AcDbBlockTableRecord'], [2, $name], [340, '0']];
    }

    /** @return list<array{int, string|int|float}> */
    private function blocks(): array
    {
        $block = fn (string $name, string $owner, string $begin, string $end): array => [
            [0, 'BLOCK'], [5, $begin], [330, $owner], [100, 'AcDbEntity'], [8, '0'], [100, 'AcDbBlockBegin'], [2, $name], [70, 0], [10, 0.0], [20, 0.0], [30, 0.0], [3, $name], [1, ''], [0, 'ENDBLK'], [5, $end], [330, $owner], [100, 'AcDbEntity'], [8, '0'], [100, 'AcDbBlockEnd'],
        ];

        return [[0, 'SECTION'], [2, 'BLOCKS'], ...$block('*Model_Space', self::MODEL, '20', '21'), ...$block('*Paper_Space', '1B', '1C', '1D'), [0, 'ENDSEC']];
    }

    /** @return list<array{int, string|int|float}> */
    private function begin(string $kind, Layer $layer): array
    {
        return [[0, $kind], [5, strtoupper(dechex($this->handle++))], [330, self::MODEL], [100, 'AcDbEntity'], [8, $this->named($layer)]];
    }

    /** @return list<array{int, string|int|float}> */
    private function polyline(Stroke $stroke): array
    {
        $corners = array_map(fn (Edge $edge): array => [[10, $edge->from[0]], [20, $edge->from[1]], [42, $edge->bulge]], $stroke->edges);
        if (! $stroke->isClosed) {
            $last = $stroke->edges[count($stroke->edges) - 1]->to;
            $corners[] = [[10, $last[0]], [20, $last[1]], [42, 0.0]];
        }

        return [...$this->begin('LWPOLYLINE', $stroke->layer), [100, 'AcDbPolyline'], [90, count($corners)], [70, $stroke->isClosed ? 1 : 0], ...array_merge(...$corners)];
    }

    /** @return list<array{int, string|int|float}> */
    private function circle(Hole $hole): array
    {
        return [...$this->begin('CIRCLE', $hole->layer), [100, 'AcDbCircle'], [10, $hole->at[0]], [20, $hole->at[1]], [30, 0.0], [40, $hole->diameter / 2]];
    }

    /** @return list<array{int, string|int|float}> */
    private function text(Note $note): array
    {
        return [...$this->begin('TEXT', Layer::Text), [100, 'AcDbText'], [10, $note->at[0]], [20, $note->at[1]], [30, 0.0], [40, $note->height], [1, self::plain($note->text)], [100, 'AcDbText']];
    }

    /** One line without signs that the format takes for something else; anything that is not ASCII by its number. */
    private static function plain(string $text): string
    {
        $line = (string) preg_replace('/[\x00-\x1F\x7F]+/u', ' ', str_replace('%%', '% %', $text));

        return implode('', array_map(fn (string $one): string => mb_ord($one) < 128 ? $one : sprintf('\\U+%04X', (int) mb_ord($one)), mb_str_split($line)));
    }

    /** @param  list<array{int, string|int|float}>  $pairs */
    private static function pairs(array $pairs): string
    {
        return implode('', array_map(fn (array $pair): string => sprintf("%3d\r\n%s\r\n", $pair[0], is_float($pair[1]) ? self::number($pair[1]) : $pair[1]), $pairs));
    }

    private static function number(float $value): string
    {
        $written = rtrim(rtrim(sprintf('%.9F', $value), '0'), '.');

        return $written === '-0' || $written === '' ? '0.0' : (str_contains($written, '.') ? $written : "$written.0");
    }
}
