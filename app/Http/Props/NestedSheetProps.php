<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Parts\LaidPiece;
use App\Parts\NestedSheet;

/** A sheet with its plates; mm. */
final readonly class NestedSheetProps
{
    /** @param  list<LaidPieceProps>  $pieces */
    public function __construct(public string $sheet, public int $number, public float $width, public float $height, public array $pieces, public float $utilisation) {}

    /** @param  array<int, string>  $titles  by part */
    public static function from(NestedSheet $sheet, array $titles): self
    {
        return new self(
            $sheet->sheet, $sheet->number, $sheet->width, $sheet->height,
            array_map(fn (LaidPiece $one): LaidPieceProps => new LaidPieceProps($one->key, $titles[$one->part] ?? '', $sheet->corners[$one->key] ?? [], $one->at, $one->rotation, $one->isByHand, $sheet->faults[$one->key] ?? null), $sheet->pieces), $sheet->utilisation,
        );
    }
}
