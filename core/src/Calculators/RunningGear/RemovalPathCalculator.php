<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Ids;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Geometry\Vector3;

/** Whether an engine, a gearbox or a tank comes out between what stands, step by step. */
final readonly class RemovalPathCalculator implements Calculator
{
    public static function name(): string
    {
        return 'removal-path';
    }

    public static function title(): string
    {
        return 'Way out of a part, step by step';
    }

    public static function purpose(): string
    {
        return 'The least gap on each straight move of a part out of the frame, so that a crossmember is not welded in where the part has to pass. The part and what stands about it are taken as boxes; it is not turned on the way. Hold the load on a hoist or jack rated for it, and never stand below.';
    }

    public static function source(): string
    {
        return 'A box that moves past a box is a point that moves past the box grown by it: Ericson, Real-Time Collision Detection. 20 mm: shop default.';
    }

    public static function fields(): array
    {
        $corners = [Field::lengths('lowest', 'lowest corner: rearward, right, up', 3), Field::lengths('highest', 'highest corner', 3)];

        return [
            Field::group('part', 'The part where it sits', $corners),
            Field::listing('steps', 'Steps, in order', [Field::text('id', 'What is done', 'Lift off the mounts; forward past the crossmember.')->optional(), Field::length('rearward', 'rearward')->defaults(0.0), Field::length('right', 'right')->defaults(0.0), Field::length('up', 'up')->defaults(0.0)], 1, 30),
            Field::listing('stands', 'What stands about it', [Field::text('id', 'Name')->optional(), ...$corners], 0, 60)->optional(),
            Field::length('need', 'Gap it needs')->between(0.0, null)->defaults(20.0),
        ];
    }

    public static function results(): array
    {
        return [
            Result::truth('passes', 'It comes out this way'),
            Result::table('steps', 'Steps', [Result::named('id', 'step'), Result::length('least', 'least gap'), Result::named('against', 'against'), Result::word('state', 'state'), Result::lengths('at', 'lowest corner ends at')]),
        ];
    }

    public function calculate(Values $given): array
    {
        [$low, $high] = $this->corners($given->within('part'), 'part');
        $size = $high->minus($low);
        $stands = $given->list('stands');
        $names = Ids::of($stands, 'part ', 'stands');
        $grown = array_map(fn (int $i, Values $one): Solid => $this->grown($one, $size, "stands[$i]"), array_keys($stands), $stands);
        $steps = [];
        foreach ($given->list('steps') as $i => $step) {
            $to = $low->plus(Vector3::of($step->number('rearward'), $step->number('right'), $step->number('up')));
            $gaps = array_map(fn (Solid $one): float => $one->gap($low, $to, 0.0)[0], $grown);
            $least = $gaps === [] ? null : min($gaps);
            $steps[] = [
                'id' => $step->text('id') !== '' ? $step->text('id') : 'step '.($i + 1), 'least' => $least, 'against' => $least === null ? null : $names[(int) array_search($least, $gaps, true)],
                'state' => match (true) {
                    $least === null => 'not given',
                    $least <= 1e-9 => 'touches',
                    default => $least >= $given->number('need') - 1e-9 ? 'in' : 'short',
                },
                'at' => $to->toArray(),
            ];
            $low = $to;
        }

        return ['passes' => $stands === [] ? null : ! in_array('touches', array_column($steps, 'state'), true), 'steps' => $steps];
    }

    private function grown(Values $stands, Vector3 $size, string $path): Solid
    {
        [$low, $high] = $this->corners($stands, $path);

        return Solid::box($low->minus($size), $high);
    }

    /** @return array{Vector3, Vector3} */
    private function corners(Values $box, string $path): array
    {
        $low = $box->place('lowest') ?? throw InvalidFields::at("$path.lowest", 'missing.');
        $high = $box->place('highest') ?? throw InvalidFields::at("$path.highest", 'missing.');

        return $high->x >= $low->x && $high->y >= $low->y && $high->z >= $low->z ? [$low, $high] : throw InvalidFields::at("$path.highest", 'lies below, ahead or left of the lowest corner.');
    }
}
