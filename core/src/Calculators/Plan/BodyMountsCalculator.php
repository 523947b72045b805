<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Plan;

use Geodex\Core\Calculators\Calculator;
use Geodex\Core\Calculators\Result;
use Geodex\Core\Fields\Field;
use Geodex\Core\Fields\InvalidFields;
use Geodex\Core\Fields\Values;
use Geodex\Core\Structure\ClearPlaces;
use Geodex\Core\Structure\MountBay;

/** New body mounts on a lengthened frame: where, how much each carries, and the shims to a straight line. */
final readonly class BodyMountsCalculator implements Calculator
{
    private const MAX_IN_A_BAY = 200;

    public static function name(): string
    {
        return 'body-mounts';
    }

    public static function title(): string
    {
        return 'Body mounts';
    }

    public static function purpose(): string
    {
        return 'Mounts added between those that stay, clear of what is in the way, their share of an even load, and shims that bring them to a line. Stiff body, equal mounts; a body is shimmed to a line, not to a bent rail.';
    }

    public static function source(): string
    {
        return 'Arithmetic; pinning and spreading again is a shop rule, the fewest possible by the greedy argument.';
    }

    public static function fields(): array
    {
        return [
            Field::lengths('fixed', 'Mounts that stay, front to rear', 2, 50),
            Field::length('maxPitch', 'Greatest pitch')->positive(),
            Field::length('foot', 'Length of a foot')->between(0.0, null)->defaults(0.0),
            Field::length('clearance', 'Clear of what is in the way')->between(0.0, null)->defaults(0.0),
            Obstacles::field(),
            Field::listing('railHeights', 'Heights of the rail', [Field::length('x', 'Station'), Field::length('height', 'Height')], 2)->optional(),
            Field::length('minimumShim', 'Thinnest shim')->between(0.0, null)->defaults(0.0),
        ];
    }

    public static function results(): array
    {
        return [
            Result::number('added', 'Mounts added'),
            Result::length('lift', 'Lift of the line'),
            Result::length('largestShim', 'Thickest shim'),
            Result::table('mounts', 'Mounts', [Result::length('station', 'station'), Result::truth('fixed', 'stays'), Result::number('share', 'share'), Result::length('railHeight', 'rail'), Result::length('shim', 'shim')]),
            Result::table('bays', 'Bays', [
                Result::length('from', 'from'), Result::length('to', 'to'), Result::number('added', 'added'), Result::number('fewest', 'fewest possible'), Result::length('evenSpacing', 'evenly'), Result::length('largestGap', 'largest gap'),
            ]),
        ];
    }

    public function calculate(Values $given): array
    {
        $fixed = $given->numbers('fixed');
        $this->mustGrow($fixed, 'fixed[%d]');
        $clear = ClearPlaces::of(obstacles: Obstacles::of($given)->on('both'), foot: $given->number('foot'), clearance: $given->number('clearance'));
        $bays = $mounts = [];
        for ($i = 1; $i < count($fixed); $i++) {
            $bay = $this->bay(from: $fixed[$i - 1], to: $fixed[$i], pitch: $given->number('maxPitch'), clear: $clear, i: $i);
            $bays[] = $bay['bay'];
            $mounts = [...$mounts, [$fixed[$i - 1], true], ...array_map(fn (float $at): array => [$at, false], $bay['stations'])];
        }
        $mounts[] = [$fixed[count($fixed) - 1], true];
        $stations = array_column($mounts, 0);
        $heights = $this->heights($given->list('railHeights'), $stations);
        $shims = $heights === null ? null : $this->shims($heights, $stations, $given->number('minimumShim'));

        return [
            'added' => array_sum(array_column($bays, 'added')),
            'bays' => $bays,
            'mounts' => array_map(fn (array $mount, int $i): array => [
                'station' => $mount[0], 'fixed' => $mount[1], 'share' => $this->share($stations, $i), 'railHeight' => $heights[$i] ?? null, 'shim' => $shims['shims'][$i] ?? null,
            ], $mounts, array_keys($mounts)),
            'lift' => $shims['lift'] ?? null,
            'largestShim' => $shims['largest'] ?? null,
        ];
    }

    /** @param  list<float>  $stations */
    private function mustGrow(array $stations, string $path): void
    {
        for ($i = 1; $i < count($stations); $i++) {
            if ($stations[$i] <= $stations[$i - 1]) {
                throw InvalidFields::at(sprintf($path, $i), 'has to lie behind the one before it.');
            }
        }
    }

    /** @return array{stations: list<float>, bay: array<string, mixed>} */
    private function bay(float $from, float $to, float $pitch, ClearPlaces $clear, int $i): array
    {
        if ($to - $from > self::MAX_IN_A_BAY * $pitch) {
            throw InvalidFields::at('maxPitch', sprintf('the bay to %g mm would take more than %d mounts.', $to, self::MAX_IN_A_BAY));
        }
        $bay = new MountBay(from: $from, to: $to, maxPitch: $pitch, clear: $clear);
        $fewest = $bay->fewest();
        $layout = $bay->layout();
        if ($fewest === null || $layout === null) {
            throw InvalidFields::at("fixed[$i]", 'no layout ahead of it keeps the pitch and clears what is in the way.');
        }
        $places = [$from, ...$layout['stations'], $to];
        $spacings = array_map(fn (float $one, float $next): float => $next - $one, array_slice($places, 0, -1), array_slice($places, 1));
        $added = count($layout['stations']);

        return ['stations' => $layout['stations'], 'bay' => [
            'from' => $from, 'to' => $to, 'added' => $added, 'fewest' => $fewest, 'withoutObstacles' => $bay->withoutObstacles(), 'evenSpacing' => ($to - $from) / ($added + 1),
            'largestGap' => max([0.0, ...$spacings]), 'spacings' => $spacings, 'moved' => $layout['moved'],
        ]];
    }

    /** @param  non-empty-list<float>  $stations */
    private function share(array $stations, int $i): float
    {
        $last = count($stations) - 1;

        return ($stations[min($i + 1, $last)] - $stations[max($i - 1, 0)]) / 2 / ($stations[$last] - $stations[0]);
    }

    /**
     * @param  list<Values>  $readings
     * @param  non-empty-list<float>  $stations
     * @return ?non-empty-list<float>
     */
    private function heights(array $readings, array $stations): ?array
    {
        if ($readings === []) {
            return null;
        }
        $xs = array_map(fn (Values $one): float => $one->number('x'), $readings);
        $this->mustGrow($xs, 'railHeights[%d].x');
        if ($xs[0] > $stations[0] || $xs[count($xs) - 1] < $stations[count($stations) - 1]) {
            throw InvalidFields::at('railHeights', 'have to reach both outer mounts.');
        }

        return array_map(function (float $at) use ($xs, $readings): float {
            $k = 1;
            while ($k < count($xs) - 1 && $xs[$k] < $at) {
                $k++;
            }
            [$low, $high] = [$readings[$k - 1]->number('height'), $readings[$k]->number('height')];

            return $low + ($high - $low) * ($at - $xs[$k - 1]) / ($xs[$k] - $xs[$k - 1]);
        }, $stations);
    }

    /**
     * @param  non-empty-list<float>  $heights
     * @param  non-empty-list<float>  $stations
     * @return array{shims: non-empty-list<float>, lift: float, largest: float}
     */
    private function shims(array $heights, array $stations, float $least): array
    {
        $last = count($stations) - 1;
        $slope = ($heights[$last] - $heights[0]) / ($stations[$last] - $stations[0]);
        $raw = array_map(fn (float $at, float $height): float => $heights[0] + $slope * ($at - $stations[0]) - $height, $stations, $heights);
        $lift = $least - min($raw);
        $shims = array_map(fn (float $one): float => $one + $lift, $raw);

        return ['shims' => $shims, 'lift' => $lift, 'largest' => max($shims)];
    }
}
