<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Marking;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\FieldKind;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** Which parts come out of which bar, for the least stock. */
final readonly class CutListCalculator implements Calculator
{
    /** Parts up to which the best is looked for until it is found. */
    private const EXACT = 60;

    private const FITS = 1e-9;

    public static function name(): string
    {
        return 'cut-list';
    }

    public static function title(): string
    {
        return 'Cut list over bars and off-cuts';
    }

    public static function purpose(): string
    {
        return 'Which parts are sawn from which bar or off-cut so that the least length of stock is taken, and then the fewest bars. Lengths from long point to long point; mark each length after the last cut, from the fresh end; pairs clamped together are one length.';
    }

    public static function source(): string
    {
        return 'Cutting stock by complete search up to 60 parts, the cheapest choice of bars first; above that by filling bars.';
    }

    public static function fields(): array
    {
        return [
            Field::listing('stock', 'Bars and off-cuts', [Field::text('id', 'Name'), Field::length('length', 'length')->positive(), Field::count('count', 'how many', 'Left empty: as many as are wanted.')->between(1.0, 10_000.0)->optional()], 1, 30),
            Field::listing('parts', 'Parts', [Field::text('id', 'Name'), Field::length('length', 'length')->positive(), Field::count('count', 'how many')->between(1.0, 1000.0)->defaults(1)], 1, 200),
            Field::length('kerf', 'Kerf')->between(0.0, null)->defaults(3.0), Field::length('trim', 'Cut off each end of a bar')->between(0.0, null)->defaults(0.0),
        ];
    }

    public static function results(): array
    {
        return [
            Result::count('barsUsed', 'Bars'), Result::length('stockLength', 'Stock taken'), Result::count('barsBound', 'Bars at least'), Result::truth('proven', 'The best there is'),
            Result::table('bars', 'Bars', [Result::named('stock', 'from'), new Result('parts', 'parts', FieldKind::Names), Result::length('offcut', 'left')]),
        ];
    }

    public function calculate(Values $given): array
    {
        [$kerf, $trim] = [$given->number('kerf'), $given->number('trim')];
        $stock = $this->stock($given, $kerf, $trim);
        $parts = $this->parts($given, $kerf, max(array_map(fn (BarStock $one): float => $one->room, $stock)));
        $sizes = array_map(fn (array $one): float => $one[0], array_values($parts));
        $counts = array_map(fn (array $one): int => count($one[1]), array_values($parts));
        $packed = $sizes === [] || $counts === [] ? null : (new BarPacker($stock, $sizes, $counts))->pack(array_sum($counts) <= self::EXACT);
        if ($packed === null) {
            throw InvalidFields::at('stock', 'is not enough for all parts.');
        }
        $names = array_map(fn (array $one): array => $one[1], array_values($parts));
        $bars = [];
        foreach ($packed['bars'] as [$s, $fill]) {
            $on = [];
            foreach ($fill as $i => $many) {
                array_push($on, ...array_splice($names[$i], 0, $many));
            }
            $used = array_sum(array_map(fn (int $n, float $size): float => $n * $size, $fill, $sizes));
            $bars[] = ['stock' => $stock[$s]->id, 'parts' => $on, 'offcut' => max(0.0, $stock[$s]->length - $trim - $used)];
        }
        $need = array_sum(array_map(fn (int $n, float $size): float => $n * $size, $counts, $sizes));
        $longest = array_reduce($stock, fn (?BarStock $best, BarStock $one): BarStock => $best === null || $one->length > $best->length ? $one : $best);

        return [
            'bars' => $bars, 'barsUsed' => count($bars), 'stockLength' => array_sum(array_map(fn (array $bar): float => $stock[$bar[0]]->length, $packed['bars'])),
            'barsBound' => (int) ceil($need / ($longest->room ?? INF) - self::FITS), 'proven' => $packed['proven'],
        ];
    }

    /** @return non-empty-list<BarStock> */
    private function stock(Values $given, float $kerf, float $trim): array
    {
        $stock = [];
        foreach ($given->list('stock') as $i => $one) {
            $this->mustBeNew(array_column($stock, 'id'), $one->text('id'), "stock[$i].id");
            $stock[] = new BarStock($one->text('id'), $one->number('length'), $one->has('count') ? (int) $one->number('count') : null, $one->number('length') - 2 * $trim + $kerf);
        }

        return $stock === [] ? throw InvalidFields::at('stock', 'missing.') : $stock;
    }

    /** @return array<array-key, array{float, list<string>}> size with its kerf and names, by that size */
    private function parts(Values $given, float $kerf, float $room): array
    {
        $parts = $known = [];
        foreach ($given->list('parts') as $i => $part) {
            [$id, $length] = [$part->text('id'), $part->number('length')];
            $this->mustBeNew($known, $id, "parts[$i].id");
            $known[] = $id;
            if ($kerf >= $length) {
                throw InvalidFields::at('kerf', "is as wide as “{$id}” is long.");
            }
            if ($length + $kerf > $room + self::FITS) {
                throw InvalidFields::at("parts[$i].length", "“{$id}” is longer than every bar less its trims.");
            }
            $key = sprintf('%020.9f', $length);
            $parts[$key] ??= [$length + $kerf, []];
            array_push($parts[$key][1], ...array_fill(0, (int) $part->number('count'), $id));
        }
        krsort($parts, SORT_STRING);

        return $parts;
    }

    /** @param  list<string>  $known */
    private function mustBeNew(array $known, string $id, string $path): void
    {
        if (in_array($id, $known, true)) {
            throw InvalidFields::at($path, "“{$id}” is used twice.");
        }
    }
}
