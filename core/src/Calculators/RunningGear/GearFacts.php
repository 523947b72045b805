<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\RunningGear;

use Geodex\Core\Chassis\Chassis;
use Geodex\Core\Driveline\Shaft;
use Geodex\Core\Driveline\ShaftEnd;
use Geodex\Core\Driveline\YokePhase;
use Geodex\Core\Frame\Axle;
use Geodex\Core\Plan\PlannedFrame;

/**
 * What a job knows of the running gear already, before its plan or after it: what a sheet starts with and is held against when the plan
 * changes. Nothing is guessed: what nobody gave is not there.
 */
final readonly class GearFacts
{
    /** @param  list<Axle>  $axles  from the front */
    private function __construct(private array $axles, private ?float $wheelbase, private ?float $otherWheelbase, private ?Shaft $shaft) {}

    public static function before(Chassis $chassis, ?Shaft $shaft): self
    {
        $axles = self::sorted($chassis->axles);

        return new self($axles, self::wheelbase($axles), null, $shaft);
    }

    /** @param  ?Shaft  $shaft  with its joints where the plan brings them */
    public static function after(PlannedFrame $plan, ?Shaft $shaft): self
    {
        return new self(self::sorted($plan->frame->axles), $plan->wheelbaseAfter, $plan->wheelbaseBefore, $shaft);
    }

    /** @return array<string, mixed> as the calculator takes it, without what is not known; mm */
    public function of(string $tool): array
    {
        return self::known(match ($tool) {
            'measured-shaft' => $this->measured(),
            'train' => $this->train(),
            'centre-bearing' => $this->shaft === null ? [] : ['speed' => $this->shaft->speed, 'frontJoint' => $this->shaft->front->joint->toArray(), 'pinionJoint' => $this->shaft->rear->joint->toArray(), 'input' => self::axis($this->shaft->front), 'tube' => $this->tube()],
            'shaft-cut' => $this->shaft === null ? [] : [
                'length' => $this->shaft->existing->length, 'engagement' => $this->shaft->existing->engagement, 'wantedLength' => $this->distance(), 'wantedEngagement' => $this->shaft->slip->wanted, 'possible' => $this->shaft->slip->possible > 0.0 ? $this->shaft->slip->possible : null,
                'kerf' => $this->shaft->tube->kerf, 'gap' => $this->shaft->tube->gap,
            ],
            'critical-speed' => $this->shaft === null ? [] : ['outer' => $this->shaft->tube->outside, 'wall' => $this->shaft->tube->wall, 'length' => $this->distance(), 'speed' => $this->shaft->speed],
            'axle-square' => ['target' => $this->rear() === null ? null : ['station' => $this->rear()->station]],
            'linkage' => ['wheels' => $this->wheels(), 'wheelbase' => $this->wheelbase, 'driveline' => $this->shaft === null ? null : ['frontJoint' => $this->shaft->front->joint->toArray(), 'pinionJoint' => $this->shaft->rear->joint->toArray(), 'input' => self::axis($this->shaft->front), 'output' => self::axis($this->shaft->rear)]],
            'rack', 'tank-move' => ['wheelbase' => $this->wheelbase],
            'turning' => ['wheelbases' => array_values(array_unique(array_filter([$this->otherWheelbase, $this->wheelbase], is_float(...))))],
            'weights' => [
                'wheelbase' => $this->otherWheelbase ?? $this->wheelbase, 'newWheelbase' => $this->otherWheelbase === null || $this->wheelbase === null || abs($this->otherWheelbase - $this->wheelbase) < 0.05 ? null : $this->wheelbase,
                'frontTrack' => $this->front()?->track, 'rearTrack' => $this->rear()?->track, 'ratings' => self::known(['front' => $this->front()?->rating, 'rear' => $this->rear()?->rating]),
            ],
            default => [],
        });
    }

    /** @return array<string, mixed> */
    private function train(): array
    {
        $shaft = $this->shaft;

        return $shaft === null ? [] : [
            'speed' => $shaft->speed, 'input' => self::axis($shaft->front), 'output' => self::axis($shaft->rear), 'joints' => [['position' => $shaft->front->joint->toArray()], ['position' => $shaft->rear->joint->toArray()]],
            'shafts' => [['phase' => $shaft->phase === YokePhase::QuarterTurn ? 90.0 : 0.0]],
        ];
    }

    /** @return array<string, mixed> */
    private function measured(): array
    {
        $shaft = $this->shaft;
        if ($shaft === null) {
            return [];
        }
        $along = $shaft->rear->joint->minus($shaft->front->joint);

        // As a level and a tape would tell them.
        return ['speed' => $shaft->speed, 'gearbox' => -$shaft->front->pitch->degrees(), 'pinion' => -$shaft->rear->pitch->degrees(), 'right' => round($along->y, 1), 'first' => ['fall' => round(-rad2deg(asin($along->z / $along->norm())), 2), 'length' => round($along->norm(), 1)]];
    }

    /** @return array{fall: float, right?: float} */
    private static function axis(ShaftEnd $end): array
    {
        return ['fall' => -$end->pitch->degrees(), ...($end->yaw === null ? [] : ['right' => $end->yaw->degrees()])];
    }

    /** @return ?array{outer: float, wall: float} */
    private function tube(): ?array
    {
        return $this->shaft?->tube->wall === null ? null : ['outer' => $this->shaft->tube->outside, 'wall' => $this->shaft->tube->wall];
    }

    private function distance(): ?float
    {
        return $this->shaft === null ? null : $this->shaft->rear->joint->minus($this->shaft->front->joint)->norm();
    }

    /** @return ?array{left: list<float>, right: list<float>} centres over the ground, where track and tyres of the rear axle are given */
    private function wheels(): ?array
    {
        $rear = $this->rear();

        return $rear?->track === null || $rear->tyreRadius === null ? null : ['left' => [$rear->station, -$rear->track / 2, $rear->tyreRadius], 'right' => [$rear->station, $rear->track / 2, $rear->tyreRadius]];
    }

    private function front(): ?Axle
    {
        return $this->axles[0] ?? null;
    }

    private function rear(): ?Axle
    {
        return count($this->axles) < 2 ? null : $this->axles[count($this->axles) - 1];
    }

    /** @param  list<Axle>  $axles */
    private static function wheelbase(array $axles): ?float
    {
        return count($axles) < 2 ? null : $axles[count($axles) - 1]->station - $axles[0]->station;
    }

    /**
     * @param  list<Axle>  $axles
     * @return list<Axle>
     */
    private static function sorted(array $axles): array
    {
        usort($axles, fn (Axle $a, Axle $b): int => $a->station <=> $b->station);

        return $axles;
    }

    /**
     * @param  array<string, mixed>  $all
     * @return array<string, mixed>
     */
    private static function known(array $all): array
    {
        return array_filter($all, fn (mixed $one): bool => $one !== null && $one !== []);
    }
}
