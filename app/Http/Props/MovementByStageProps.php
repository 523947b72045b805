<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\MovementOfJob;
use Geodex\Core\RunSheet\Holds\StageMovement;

/** What moved from one survey to the next; mm. */
final readonly class MovementByStageProps
{
    /**
     * @param  list<string>  $surveys  names, in order
     * @param  list<MovedCoordinateProps>  $rows
     * @param  int  $still  coordinates of which nothing of the kind can be said
     */
    public function __construct(public array $surveys, public array $rows, public int $still) {}

    public static function from(MovementOfJob $moved): self
    {
        $told = fn (StageMovement $one): StageMovementProps => new StageMovementProps($one->stage, $one->moved, $one->expanded, $one->isSignificant);

        return new self($moved->surveys, array_map(fn (array $row): MovedCoordinateProps => new MovedCoordinateProps($row['point'], $row['axis'], array_map($told, $row['stages']), $told($row['whole'])), $moved->rows), $moved->still);
    }
}
