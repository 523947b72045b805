<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Actions\Practice\PracticeScore;
use App\Models\PracticeRun;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Frame\Point;
use Geodex\Core\Geometry\Vector3;
use Geodex\Core\Survey\PointResult;
use Geodex\Core\Survey\Reading\ReadingKinds;

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
            $readings[] = new PracticeReadingProps(
                number: $reading['number'],
                kind: $reading['kind'],
                quantity: $kind::quantity() === 'angle' ? 'angle' : 'length',
                points: $reading['points'],
                value: $reading['value'],
                chart: $kind->linearise($chart)->predicted,
            );
        }
        $score = $run->statement === null ? null : PracticeScore::of($run);

        return new self(
            id: $run->id, seed: $run->seed, level: $run->level->value, par: $run->level->par(),
            points: $score === null ? array_map(fn (Point $point): PointProps => PointProps::from($point, null), $exercise->simulated->frame->points) : array_map(fn (Point $point, PointResult $is): PointProps => PointProps::from($point, $is), $exercise->simulated->frame->points, $exercise->simulated->asMeasured()),
            readings: $readings, score: $score?->points, findings: JudgedProps::all($score->findings ?? []), mistakes: JudgedProps::all($score->readings ?? []),
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
}
