<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Actions\Survey\FoundMovement;
use Geodex\Core\Frame\Point;
use Geodex\Core\Reference\Movement\Movement;
use Geodex\Core\Words\Sentence;

/** What moved between two surveys; mm. */
final readonly class MovementProps
{
    /**
     * @param  list<PointProps>  $points  deviation is movement here: out has moved, in has not
     * @param  list<Sentence>  $texts  a sentence for each that moved, the most first
     * @param  list<AxleProps>  $axles
     */
    public function __construct(public string $earlier, public string $later, public array $points, public array $texts, public array $axles, public ?TroubleProps $trouble) {}

    public static function from(string $earlier, string $later, FoundMovement $found): self
    {
        if ($found->trouble !== null) {
            return new self(earlier: $earlier, later: $later, points: [], texts: [], axles: [], trouble: TroubleProps::kept($found->trouble));
        }
        [$frame, $movements] = [$found->frame, $found->movements];
        $byPoint = [];
        foreach ($movements as $movement) {
            $byPoint[$movement->point] = $movement;
        }
        $moved = array_values(array_filter($movements, fn (Movement $movement): bool => $movement->hasMoved()));
        usort($moved, fn (Movement $a, Movement $b): int => $b->shift->norm() <=> $a->shift->norm());

        return new self(
            earlier: $earlier, later: $later,
            points: array_map(fn (Point $point): PointProps => self::point($point, $byPoint[$point->id] ?? null), $frame->points),
            texts: array_map(fn (Movement $movement): Sentence => $movement->text, $moved),
            axles: array_map(AxleProps::from(...), $frame->axles),
            trouble: null,
        );
    }

    private static function point(Point $point, ?Movement $movement): PointProps
    {
        $plain = PointProps::from($point, null);
        if ($movement === null) {
            return $plain;
        }
        $axes = array_map(fn (bool $moved): string => $moved ? 'out' : 'in', $movement->moved);
        $chart = $point->reference ?? null;

        return new PointProps(
            id: $plain->id, name: $plain->name, side: $plain->side, mate: $plain->mate, base: $plain->base, feature: $plain->feature, chart: $plain->chart, tolerance: $plain->tolerance,
            measured: $chart?->plus($movement->shift)->toArray(), deviation: $movement->shift->toArray(), expanded: $movement->expanded->toArray(), determined: [true, true, true], axes: $axes,
            verdict: $movement->hasMoved() ? 'out' : 'in', decidingAxis: null,
        );
    }
}
