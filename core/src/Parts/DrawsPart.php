<?php

declare(strict_types=1);

namespace Geodex\Core\Parts;

use Geodex\Core\Fields\Values;

/** How the parts of one calculator are drawn. One class each, entered in PartDrawings. */
interface DrawsPart
{
    /** The calculator that it draws for. */
    public static function tool(): string;

    /**
     * @param  Values  $given  as the calculator took them
     * @param  Values  $told  what it gave
     * @return list<PartDrawing>
     */
    public function draw(Values $given, Values $told): array;
}
