<?php

declare(strict_types=1);

namespace Geodex\Core\Tests\Support;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Chassis\ChassisParts;
use Geodex\Core\Chassis\ChassisReader;
use Geodex\Core\Fields\FieldReader;
use Geodex\Core\Frame\Axle;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\StationNames;

/** A cab-chassis as metal for the tests: 200 × 70 × 6 channel, leaf springs, a few crossmembers and holes. */
final class Trucks
{
    /** The section of methods-plan, section 2. */
    public const CHANNEL = ['kind' => 'channel', 'depth' => 200, 'width' => 70, 'thickness' => 6];

    /** @return array<string, list<array<string, mixed>>> */
    public static function document(): array
    {
        return [
            'axles' => [['id' => 'front', 'station' => 0, 'tyreRadius' => 380, 'rating' => 2200], ['id' => 'rear', 'station' => 3300, 'tyreRadius' => 380, 'rating' => 4400]],
            'rails' => [['id' => 'R1', 'from' => -700, 'to' => 5300, 'section' => self::CHANNEL, 'yield' => 355, 'known' => 'makers-book']],
            'features' => [
                ['id' => 'H1', 'kind' => 'spring-hanger', 'name' => 'front spring, rear hanger', 'station' => 600, 'length' => 160],
                ['id' => 'X1', 'kind' => 'crossmember', 'name' => 'gearbox crossmember', 'station' => 1100, 'length' => 80],
                ['id' => 'X2', 'kind' => 'crossmember', 'station' => 1540, 'length' => 80],
                ['id' => 'O1', 'kind' => 'hole', 'side' => 'left', 'station' => 1900, 'diameter' => 14, 'up' => 40],
                ['id' => 'H2', 'kind' => 'spring-hanger', 'name' => 'rear spring, front hanger', 'station' => 2400, 'length' => 160],
                ['id' => 'H3', 'kind' => 'spring-hanger', 'name' => 'rear spring, rear hanger', 'station' => 4100, 'length' => 160],
            ],
            'lines' => [['id' => 'L1', 'kind' => 'brake', 'name' => 'rear brake line', 'path' => [['station' => -250, 'side' => 'left'], ['station' => 3200, 'side' => 'centre']]]],
            'masses' => [['id' => 'M1', 'name' => 'engine and cab', 'mass' => 1100, 'station' => 150], ['id' => 'M2', 'name' => 'body', 'mass' => 900, 'station' => 900, 'to' => 5300], ['id' => 'M3', 'name' => 'books', 'mass' => 1800, 'station' => 1200, 'to' => 5000, 'when' => 'tipping']],
        ];
    }

    /** @param  array<string, list<array<string, mixed>>>  $change  lists in place of those of the truck */
    public static function truck(array $change = [], ?Frame $frame = null): Chassis
    {
        $document = [...self::document(), ...$change];
        $frame ??= new Frame([], array_map(fn (array $axle): Axle => new Axle($axle['id'], (float) $axle['station']), $document['axles']));

        return Chassis::of((new ChassisReader)->parts($document, new FieldReader(stations: new StationNames($frame)), ChassisParts::all()));
    }
}
