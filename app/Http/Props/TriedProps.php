<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\Worksheet;
use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Calculators\ComparedRow;
use Geodex\Core\Calculators\Comparison;
use Geodex\Core\Failure\CoreFailure;

/** What other numbers in a sheet would do, against what it says now. */
final readonly class TriedProps
{
    /**
     * @param  list<ComparedProps>  $rows
     * @param  array<string, mixed>  $result
     */
    public function __construct(public array $rows, public array $result) {}

    /** @param  array<string, mixed>  $tried  mm */
    public static function from(Worksheet $sheet, array $tried): self
    {
        try {
            $kept = $sheet->sheet()->worked($sheet->given);
        } catch (CoreFailure) {
            // A sheet that its calculator no longer takes has nothing to be held against.
            $kept = [];
        }
        $result = $sheet->sheet()->worked($tried);

        return new self(array_map(fn (ComparedRow $row): ComparedProps => ComparedProps::from($row), Comparison::of(Calculators::named($sheet->tool)::results(), $kept, $result)), $result);
    }
}
