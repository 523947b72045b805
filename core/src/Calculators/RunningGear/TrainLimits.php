<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\Values;

/** What a driveline bears: accelerations of one shaft and of the whole train (rad/s²), the least angle that keeps needles turning (°), a share of the critical speed. */
final readonly class TrainLimits
{
    private function __construct(public float $shaft, public float $train, public float $least, public float $margin) {}

    public static function field(bool $withMargin): Field
    {
        return Field::group('limits', 'Limits', [
            Field::number('shaft', 'one shaft', 'rad/s²')->positive()->defaults(1000.0), Field::number('train', 'whole train', 'rad/s²')->positive()->defaults(300.0), Field::number('least', 'least angle of a joint', '°')->between(0.0, 60.0)->defaults(0.5),
            ...($withMargin ? [Field::number('margin', 'share of the critical speed')->between(0.0, 1.0)->positive()->defaults(0.75)] : []),
        ])->optional();
    }

    public static function of(?Values $given): self
    {
        return $given === null ? new self(1000.0, 300.0, 0.5, 0.75) : new self($given->number('shaft'), $given->number('train'), $given->number('least'), $given->optional('margin') ?? 0.75);
    }
}
