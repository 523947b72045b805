<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Parts\CutList;
use App\Parts\SawnBar;
use App\Parts\SawnPart;
use Geodex\Core\Parts\SawMark;

/** The cut list of one stock; mm. */
final readonly class CutListProps
{
    /**
     * @param  list<SawnPartProps>  $parts
     * @param  list<CutBarProps>  $bars
     * @param  list<string>  $remarks
     */
    public function __construct(public string $stock, public array $parts, public array $bars, public bool $isProven, public ?string $trouble, public array $remarks) {}

    public static function from(CutList $list, float $kerf, float $trim): self
    {
        return new self(
            $list->stock, array_map(fn (SawnPart $one): SawnPartProps => new SawnPartProps($one->part, $one->title, $one->length, $one->now, $one->all), $list->parts),
            array_map(fn (SawnBar $bar): CutBarProps => self::bar($list, $bar, $kerf, $trim), $list->bars), $list->isProven, $list->trouble, $list->remarks,
        );
    }

    private static function bar(CutList $list, SawnBar $bar, float $kerf, float $trim): CutBarProps
    {
        $marks = SawMark::along($list->lengths($bar), $kerf, $trim);
        $pieces = array_map(fn (string $key, SawMark $mark): CutPieceProps => new CutPieceProps($list->part($key)->title ?? '', $mark->end - $mark->start, $mark->start, $mark->saw), $bar->keys, $marks);
        $item = $list->item($bar->stockItem);

        return new CutBarProps($item->length ?? 0.0, $item->is_remnant ?? false, $pieces, $bar->offcut);
    }
}
