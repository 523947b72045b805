<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Actions\Practice\PracticeScore;
use App\Models\PracticeRun;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Simulation\SimulatedFrame;
use Geodex\Core\Survey\Reading\ReadingKinds;
use Geodex\Core\Survey\RigidMotionFitter;

/** An exercise as the trainee sees it; the truth only once they have answered. */
final readonly class PracticeProps
{
    /**
     * @param  'apprentice'|'journeyman'|'master'  $level
     * @param  list<PointProps>  $points  of the chart; with the truth once answered
     * @param  list<PracticeReadingProps>  $readings  the newest first
     * @param  list<JudgedProps>  $findings
     * @param  list<JudgedProps>  $mistakes
     */
    public function __construct(
        public int $id,
        public int $seed,
        public string $level,
        public int $par,
        public array $points,
        public array $readings,
        public ?int $score,
        public array $findings,
        public array $mistakes,
    ) {}

    public static function from(PracticeRun $run): self
    {
        $exercise = $run->exercise();
        $chart = self::chart($exercise->simulated->frame);
        $readings = [];
        foreach (array_reverse($run->readings) as $reading) {
            $kind = ReadingKinds::named($reading['kind'])::between($reading['points'], null);
            $readings[] = new PracticeReadingProps($reading['number'], $reading['kind'], $kind::quantity() === 'angle' ? 'angle' : 'length', $reading['points'], $reading['value'], $kind->linearise($chart)->predicted);
        }
        $score = $run->statement === null ? null : PracticeScore::of($run);

        return new self(
            $run->id, $run->seed, $run->level->value, $run->level->par(),
            $score === null ? array_map(fn (Point $point): PointProps => PointProps::from($point, null), $exercise->simulated->frame->points) : self::truth($exercise->simulated),
            $readings, $score?->points, JudgedProps::all($score->findings ?? []), JudgedProps::all($score->readings ?? []),
        );
    }

    /** @return array<string, Vector3> */
    private static function chart(Frame $frame): array
    {
        $chart = [];
        foreach ($frame->points as $point) {
            $chart[$point->id] = $point->reference ?? Vector3::of(0, 0, 0);
        }

        return $chart;
    }

    /**
     * The points as they really are, laid on the base points.
     *
     * @return list<PointProps>
     */
    private static function truth(SimulatedFrame $simulated): array
    {
        $base = array_values(array_filter($simulated->frame->points, fn (Point $point): bool => $point->base));
        $chart = self::chart($simulated->frame);
        $motion = (new RigidMotionFitter)->fit(
            array_map(fn (Point $point): Vector3 => $simulated->truth[$point->id], $base),
            array_map(fn (Point $point): Vector3 => $chart[$point->id], $base),
        );

        return array_map(function (Point $point) use ($simulated, $motion, $chart): PointProps {
            $plain = PointProps::from($point, null);
            $is = $motion->apply($simulated->truth[$point->id]);
            $off = $is->minus($chart[$point->id])->toArray();
            $axes = array_map(fn (float $mm, float $tolerance): string => abs($mm) > $tolerance ? 'out' : 'in', $off, $point->tolerance->mm);

            return new PointProps($plain->id, $plain->name, $plain->side, $plain->mate, $plain->base, $plain->feature, $plain->chart, $plain->tolerance, $is->toArray(), $off, [0.0, 0.0, 0.0], [true, true, true], $axes, in_array('out', $axes, true) ? 'out' : 'in', null);
        }, $simulated->frame->points);
    }
}
