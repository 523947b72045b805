<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use App\Models\Job;
use Geodex\Core\Bench\CornerHeights;
use Geodex\Core\Bench\EndPair;
use Geodex\Core\Bench\Jig;
use Geodex\Core\Bench\LevelPlan;
use Geodex\Core\Bench\LevelPlanner;
use Geodex\Core\Bench\PanelLengths;
use Geodex\Core\Bench\SettingPlan;
use Geodex\Core\Bench\SquarePlan;
use Geodex\Core\Bench\SquarePlanner;
use Geodex\Core\Bench\UnusableBench;
use Geodex\Core\Bench\VehicleSetter;

/** A round as it was entered, worked out by core. */
final readonly class BenchWork
{
    private function __construct(public LevelPlan|SquarePlan|SettingPlan $plan, public float $worst, public bool $good) {}

    /**
     * @param  'level'|'square'|'set'  $kind
     * @param  array<string, mixed>  $input
     *
     * @throws UnusableBench
     */
    public static function of(Job $job, string $kind, array $input): self
    {
        $jig = self::jig($job);
        $mm = function (string $key) use ($input): float {
            $value = $input[$key] ?? 0.0;

            return is_numeric($value) ? (float) $value : 0.0;
        };
        if ($kind === 'level') {
            $corners = array_map($mm, ['frontLeft', 'frontRight', 'rearLeft', 'rearRight']);
            $heights = match ($input['way'] ?? 'above') {
                'below' => CornerHeights::below(...$corners),
                'slopes' => CornerHeights::slopes(jig: $jig, front: $mm('front'), rear: $mm('rear'), left: $mm('left'), right: $mm('right')),
                default => CornerHeights::above(...$corners),
            };
            $extension = [];
            foreach (['front-left', 'front-right', 'rear-left', 'rear-right'] as $corner) {
                if (is_numeric($input["out-$corner"] ?? null)) {
                    $extension[$corner] = (float) $input["out-$corner"];
                }
            }
            $plan = (new LevelPlanner)->plan($jig, $heights, $extension);

            return new self($plan, $plan->spread, $plan->level);
        }
        if ($kind === 'square') {
            $plan = isset($input['front'])
                ? (new SquarePlanner)->plan(new PanelLengths(
                    front: $mm('front'),
                    rear: $mm('rear'),
                    left: $mm('left'),
                    right: $mm('right'),
                    diagonalA: $mm('diagonalA'),
                    diagonalB: $mm('diagonalB'),
                ), $jig->tolerance)
                : (new SquarePlanner)->quick($mm('diagonalA'), $mm('diagonalB'), $jig->length, $jig->tolerance);

            return new self($plan, $plan->worst, $plan->square);
        }
        $end = fn (string $e): EndPair => new EndPair(
            station: $mm("{$e}Station"),
            left: $mm("{$e}Left"),
            right: $mm("{$e}Right"),
            leftHeight: $mm("{$e}LeftHeight"),
            rightHeight: $mm("{$e}RightHeight"),
            support: isset($input["{$e}Support"]) ? $mm("{$e}Support") : $mm("{$e}Station"),
        );
        $plan = (new VehicleSetter)->plan($end('front'), $end('rear'), $jig->tolerance, isset($input['frontWanted']) ? $mm('frontWanted') : null, isset($input['rearWanted']) ? $mm('rearWanted') : null);

        return new self($plan, $plan->worst, $plan->readyToTack);
    }

    /** @throws UnusableBench if what is kept of the bench is no size */
    public static function jig(Job $job): Jig
    {
        $bench = $job->bench ?? [];
        $mm = fn (string $key, float $default): float => is_numeric($bench[$key] ?? null) ? (float) $bench[$key] : $default;
        $size = fn (string $key): ?float => is_numeric($bench[$key] ?? null) ? (float) $bench[$key] : null;

        return new Jig(
            length: $size('length'),
            width: $size('width'),
            pitch: $mm('pitch', 2.0),
            travel: $mm('travel', 100.0),
            clockwiseRaises: ($bench['clockwiseRaises'] ?? true) === true,
            tolerance: $mm('tolerance', 1.0),
        );
    }
}
