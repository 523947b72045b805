<?php

declare(strict_types=1);

namespace App\Parts;

use Geodex\Core\Parts\SawMark;
use Symfony\Component\Serializer\Encoder\CsvEncoder;

/** Cut lists as CSV: one line for each piece, in the order at the saw; mm. */
final readonly class CutListTable
{
    /** @param  list<CutList>  $lists */
    public static function csv(array $lists, float $kerf, float $trim): string
    {
        $rows = [];
        foreach ($lists as $list) {
            foreach ($list->bars as $i => $bar) {
                $marks = SawMark::along($list->lengths($bar), $kerf, $trim);
                foreach ($bar->keys as $n => $key) {
                    $rows[] = ['stock' => $list->stock, 'bar' => $i + 1, 'bar_length' => $list->item($bar->stockItem)->length ?? '', 'piece' => $n + 1, 'part' => $list->part($key)->title ?? '', 'length' => round($marks[$n]->end - $marks[$n]->start, 2), 'mark_after' => round($marks[$n]->end, 2), 'offcut' => round($bar->offcut, 1)];
                }
            }
        }

        return (new CsvEncoder)->encode($rows === [] ? [['stock' => '', 'bar' => '', 'bar_length' => '', 'piece' => '', 'part' => '', 'length' => '', 'mark_after' => '', 'offcut' => '']] : $rows, 'csv', [CsvEncoder::ESCAPE_FORMULAS_KEY => true]);
    }
}
