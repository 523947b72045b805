<?php

declare(strict_types=1);

namespace App\Parts;

use App\Models\Job;
use App\Models\Part;
use App\Models\StockItem;
use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Calculators\Plates\Outline;
use Geodex\Core\Calculators\Plates\Piece;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Parts\LaidSheet;
use Geodex\Core\Parts\PartFacts;
use Geodex\Core\Parts\Remnant;
use Geodex\Core\Parts\Told;

/** The plates of a job on the sheets of the rack, laid by themselves or by hand. */
final readonly class Nest
{
    public const BORDER = 10.0;

    public const KERF = 1.5;

    /** @return list<NestedStock> one for each stock that plates are cut from */
    public static function of(Job $job): array
    {
        $groups = [];
        foreach ($job->parts()->with('mirrored')->get() as $part) {
            $facts = self::facts($part);
            $free = $part->state->free($part->count, $part->mirrored?->state);
            if ($facts?->outline !== null && $free > 0) {
                $groups[$part->stock][] = new NestedPart($part->id, $part->title, $facts->outline, $free, $facts->thickness ?? 0.0);
            }
        }
        $nests = [];
        foreach ($groups as $stock => $parts) {
            $sheets = array_values($job->workshop->stock()->whereNotNull('width')->where('stock', $stock)->get()->filter(fn (StockItem $one): bool => $one->count !== 0)->all());
            $nests[] = self::one((string) $stock, $parts, $sheets, $job->nest ?? []);
        }

        return $nests;
    }

    private static function facts(Part $part): ?PartFacts
    {
        try {
            ['result' => $result, 'drawings' => $drawings] = $part->worked();

            return PartFacts::of($part->tool, $part->made(), $result, $drawings);
        } catch (CoreFailure) {
            return null;
        }
    }

    /**
     * @param  list<NestedPart>  $parts
     * @param  list<StockItem>  $sheets
     * @param  array<string, array{at: array{float, float}, rotation: float, sheet: string, sheetNumber: int}>  $byHand
     */
    private static function one(string $stock, array $parts, array $sheets, array $byHand): NestedStock
    {
        if ($sheets === []) {
            return new NestedStock($stock, $parts, [], [], 'No sheet of this stock is on the rack: enter one first, with its width.');
        }
        $thickness = max([0.0, ...array_column($parts, 'thickness')]);
        $bridge = Remnant::bridge(self::KERF, $thickness);
        try {
            $told = Told::of(Calculators::run('nest', [
                'sheets' => array_map(fn (StockItem $sheet): array => ['id' => (string) $sheet->id, 'width' => $sheet->length, 'height' => $sheet->width, ...($sheet->count === null ? [] : ['count' => $sheet->count])], $sheets),
                'parts' => array_map(fn (NestedPart $one): array => ['id' => (string) $one->part, 'outline' => $one->outline, 'count' => $one->count], $parts), 'border' => self::BORDER, 'kerf' => self::KERF, 'thickness' => $thickness,
            ]));
        } catch (CoreFailure $failure) {
            return new NestedStock($stock, $parts, [], [], $failure->getMessage());
        }
        $there = array_map(fn (StockItem $sheet): string => (string) $sheet->id, $sheets);
        $laid = [];
        $seen = [];
        foreach ($told->list('placements') as $one) {
            $part = (int) $one->text('part');
            $seen[$part] = ($seen[$part] ?? 0) + 1;
            $key = "$part-{$seen[$part]}";
            $at = $one->numbers('at');
            // A sheet that is gone from the rack takes no plate with it.
            $own = in_array($byHand[$key]['sheet'] ?? '', $there, true) ? $byHand[$key] : null;
            $laid[$key] = $own === null ? new LaidPiece($key, $part, $one->text('sheet'), (int) $one->number('sheetNumber'), [$at[0], $at[1]], $one->number('rotation'), false) : new LaidPiece($key, $part, $own['sheet'], $own['sheetNumber'], $own['at'], $own['rotation'], true);
        }

        return new NestedStock($stock, $parts, self::sheets($parts, $sheets, array_values($laid), $bridge), $told->names('unplaced'), null);
    }

    /**
     * @param  list<NestedPart>  $parts
     * @param  list<StockItem>  $sheets
     * @param  list<LaidPiece>  $laid
     * @return list<NestedSheet>
     */
    private static function sheets(array $parts, array $sheets, array $laid, float $bridge): array
    {
        $outlines = array_column($parts, 'outline', 'part');
        $items = array_column(array_map(fn (StockItem $one): array => [(string) $one->id, $one], $sheets), 1, 0);
        $groups = [];
        foreach ($laid as $one) {
            if (isset($items[$one->sheet], $outlines[$one->part])) {
                $groups["$one->sheet $one->sheetNumber"][$one->key] = $one;
            }
        }
        $nested = [];
        foreach ($groups as $pieces) {
            $first = $pieces[array_key_first($pieces)];
            $item = $items[$first->sheet];
            $lying = array_map(fn (LaidPiece $one): Piece => Piece::of($outlines[$one->part])->turned($one->rotation)->moved(...$one->at), $pieces);
            $area = array_sum(array_map(fn (Piece $one): float => abs(Outline::area($one->corners)), $lying));
            $nested[] = new NestedSheet($first->sheet, $first->sheetNumber, $item->length, $item->width ?? 0.0, array_values($pieces), array_map(fn (Piece $one): array => $one->corners, $lying), LaidSheet::faults($lying, $item->length, $item->width ?? 0.0, self::BORDER, $bridge), Remnant::used($area, $item->length, $item->width ?? 1.0));
        }

        return $nested;
    }
}
