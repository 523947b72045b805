<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\PlannedJob;
use Geodex\Core\Chassis\Loads\FrameLoads;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Frame\Point;
use Geodex\Core\Plan\RailLine;
use Geodex\Core\Plan\Windows\CutRules;
use Geodex\Core\Plan\Windows\CutWindow;
use Geodex\Core\Plan\Windows\CutWindows;
use Geodex\Core\Plan\Windows\ForbiddenStretch;

/** Where the rails may be cut; mm. */
final readonly class CutPageProps
{
    /**
     * @param  list<PointProps>  $points
     * @param  list<AxleProps>  $axles
     * @param  list<ForbiddenProps>  $forbidden  by station
     * @param  list<WindowProps>  $windows  best first
     * @param  ?list<float>  $span  stations of the rails' ends
     * @param  list<float>  $cuts  that are planned
     * @param  list<FieldProps>  $standFields  what a stand asks for
     * @param  list<SpreadProps>  $spread  the loose half of each cut that is planned
     */
    public function __construct(public array $points, public array $axles, public array $forbidden, public array $windows, public ?array $span, public array $cuts, public string $rankedBy, public array $standFields, public array $spread, public ?TroubleProps $trouble) {}

    public static function from(PlannedJob $job): self
    {
        $chassis = $job->core->chassis;
        [$windows, $trouble] = [null, null];
        try {
            $loads = $chassis->masses === [] || count($chassis->axles) < 2 ? null : new FrameLoads($chassis, $job->shop);
            $windows = $chassis->isEmpty() ? null : new CutWindows($chassis, new RailLine($job->core->frame, $chassis->span()), $job->shop, $loads);
        } catch (CoreFailure $failure) {
            $trouble = TroubleProps::from($failure);
        }
        $labels = [];
        foreach (CutRules::all() as $rule) {
            $labels[$rule::name()] = $rule::label();
        }

        return new self(
            points: array_map(fn (Point $point): PointProps => PointProps::from($point, null), $job->core->frame->points),
            axles: array_map(AxleProps::from(...), $job->core->frame->axles),
            forbidden: array_map(fn (ForbiddenStretch $one): ForbiddenProps => new ForbiddenProps($one->rule, $labels[$one->rule] ?? $one->rule, $one->from, $one->to, $one->why), $windows->forbidden ?? []),
            windows: array_map(fn (CutWindow $one): WindowProps => new WindowProps($one->from, $one->to, $one->best, $one->share, $one->inLongestBay, $one->text), $windows->windows ?? []),
            span: $chassis->span(),
            cuts: array_map(fn ($shift): float => $shift->cut, $job->plan->shifts->all ?? []),
            rankedBy: isset($loads) ? 'by what the rail bears there, least first' : 'from the front, since no masses are entered',
            standFields: StandProps::fields(),
            spread: SpreadProps::all($job),
            trouble: $trouble,
        );
    }
}
