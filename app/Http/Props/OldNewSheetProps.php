<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Calculators\ComparedRow;
use Geodex\Core\Calculators\Comparison;

/** A sheet of the running gear, old against new. */
final readonly class OldNewSheetProps
{
    /**
     * @param  list<string>  $stale
     * @param  list<ComparedProps>  $rows
     */
    public function __construct(public int $id, public string $title, public array $stale, public ?string $trouble, public bool $isChanged, public array $rows) {}

    public static function from(WorksheetProps $sheet): self
    {
        $rows = $sheet->result === null ? [] : Comparison::of(Calculators::named($sheet->tool)::results(), $sheet->before ?? [], $sheet->result);

        return new self($sheet->id, $sheet->title, $sheet->stale, $sheet->trouble, $sheet->before !== null, array_map(fn (ComparedRow $row): ComparedProps => ComparedProps::from($row), $rows));
    }
}
