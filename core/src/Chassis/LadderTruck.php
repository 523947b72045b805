<?php

declare(strict_types=1);

namespace Geodex\Core\Chassis;

use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;

/** A plain ladder truck from eight numbers: two straight channel rails, two axles on leaf springs, a crossmember by each spring. */
final readonly class LadderTruck
{
    /** Crossmembers stand no farther apart than this (mm). */
    private const BAY_MM = 1200.0;

    /** @return list<Field> */
    public static function fields(): array
    {
        return [
            Field::length('wheelbase', 'Wheelbase')->between(800.0, 12_000.0),
            Field::length('ahead', 'Frame ahead of the front axle')->between(0.0, 3000.0),
            Field::length('behind', 'Frame behind the rear axle')->between(0.0, 6000.0),
            Field::length('over', 'Width over the rails')->between(300.0, 2000.0),
            Field::length('depth', 'Depth of the rail')->between(40.0, 600.0),
            Field::length('flange', 'Width of its flange')->between(15.0, 300.0),
            Field::length('wall', 'Thickness of its wall')->between(1.0, 30.0),
            Field::length('spring', 'Spring, hanger to hanger')->between(300.0, 2500.0),
        ];
    }

    /**
     * The lists of a job file, stations from the front axle.
     *
     * @return array<string, list<array<string, mixed>>>
     *
     * @throws InvalidFields if they make no truck
     */
    public static function parts(Values $given): array
    {
        [$wheelbase, $half] = [$given->number('wheelbase'), $given->number('spring') / 2];
        if ($half > $given->number('behind') || 2 * $half >= $wheelbase) {
            throw InvalidFields::at('spring', 'the rear spring has to end on the frame, and the two must not meet.');
        }
        $hangers = $features = [];
        foreach (['front' => 0.0, 'rear' => $wheelbase] as $axle => $station) {
            foreach (['front' => -$half, 'rear' => $half] as $end => $by) {
                // A front spring often stands out before the rail; its hanger is then on the very end.
                $hangers[] = [max(-$given->number('ahead'), $station + $by), "$axle spring, $end hanger"];
            }
        }
        foreach ($hangers as $i => [$station, $name]) {
            $features[] = ['id' => 'H'.($i + 1), 'kind' => 'spring-hanger', 'name' => $name, 'station' => $station, 'length' => 160.0];
        }
        foreach (self::crossmembers($hangers[1][0], $hangers[2][0], -$given->number('ahead'), $wheelbase + $given->number('behind')) as $i => $station) {
            $features[] = ['id' => 'X'.($i + 1), 'kind' => 'crossmember', 'name' => 'crossmember '.($i + 1), 'station' => $station, 'length' => 80.0];
        }

        return [
            'axles' => [['id' => 'front', 'station' => 0.0], ['id' => 'rear', 'station' => $wheelbase]],
            'rails' => [[
                'id' => 'R1', 'side' => 'both', 'from' => -$given->number('ahead'), 'to' => $wheelbase + $given->number('behind'),
                'section' => ['kind' => 'channel', 'depth' => $given->number('depth'), 'width' => $given->number('flange'), 'thickness' => $given->number('wall')],
                'offset' => $given->number('over') / 2,
            ]],
            'features' => $features,
        ];
    }

    /** @return list<float> at both ends, clear of the springs between the axles, and evenly in between (mm) */
    private static function crossmembers(float $behindFront, float $aheadRear, float $front, float $rear): array
    {
        [$first, $last] = [$behindFront + 200.0, $aheadRear - 200.0];
        $bays = max(1, (int) ceil(($last - $first) / self::BAY_MM));
        $between = $last <= $first ? [($behindFront + $aheadRear) / 2] : array_map(fn (int $i): float => round($first + ($last - $first) * $i / $bays), range(0, $bays));

        return [$front + 40.0, ...$between, $rear - 40.0];
    }
}
