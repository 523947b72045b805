<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Calculators\RunningGear\Errand;
use Geodex\Core\Calculators\RunningGear\GearErrands;
use Geodex\Core\Words\Sentence;

/** Something to be made, bought, sent out or settled. */
final readonly class ErrandProps
{
    public function __construct(public string $kind, public string $of, public Sentence $say) {}

    /** @return list<self> */
    public static function from(WorksheetProps $sheet): array
    {
        return $sheet->result === null ? [] : array_map(fn (Errand $one): self => new self($one->kind->value, $one->of, $one->say), GearErrands::of($sheet->tool, $sheet->title, $sheet->result));
    }
}
