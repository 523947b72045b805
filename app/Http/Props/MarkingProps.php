<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Parts\Mark;
use Geodex\Core\Parts\PartDrawing;
use Geodex\Core\Parts\RunningDimensions;
use Geodex\Core\Shop\Shop;

/** How a drawing is marked out by square and rule; mm. */
final readonly class MarkingProps
{
    /**
     * @param  list<MarkProps>  $marks
     * @param  float  $half  of its length: where its middle lies
     * @param  float  $sigma  of one marked line
     * @param  float  $between  of two of them
     */
    public function __construct(public string $drawing, public array $marks, public float $half, public float $halfUp, public float $sigma, public float $between) {}

    public static function from(PartDrawing $drawing, Shop $shop): self
    {
        $marking = RunningDimensions::of($drawing, $shop);

        return new self($drawing->name, array_map(fn (Mark $one): MarkProps => MarkProps::from($one), $marking->marks), $drawing->width / 2, $drawing->height / 2, $marking->sigma, $marking->between);
    }
}
