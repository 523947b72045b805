<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\HandOverOfJob;
use App\Documents\Parts\PlanPart;
use App\Documents\Parts\Revision;
use App\Documents\PlannedJob;
use App\Documents\RunOfJob;
use Geodex\Core\RunSheet\HandOver\OpenPoint;
use Geodex\Core\RunSheet\HandOver\ReSurvey;

/** What is open at the hand-over, when to look again, and marks that stay; mm. */
final readonly class HandOverProps
{
    /**
     * @param  list<OpenPointProps>  $points
     * @param  list<CheckAgainProps>  $checks
     * @param  bool  $areUsual  whether the checks are those of the trade, and nobody has set others
     * @param  list<string>  $more  open points that a person put in
     * @param  list<string>  $marks  points that were marked for good
     * @param  list<string>  $candidates  points that the latest survey found
     * @param  list<MarkLengthProps>  $lengths  between the marks
     * @param  list<string>  $stale  what of the folder is out of date, in words
     */
    public function __construct(public array $points, public array $checks, public bool $areUsual, public array $more, public array $marks, public array $candidates, public array $lengths, public array $stale) {}

    public static function from(PlannedJob $planned): self
    {
        $handed = HandOverOfJob::of($planned);

        return new self(
            array_map(fn (OpenPoint $one): OpenPointProps => new OpenPointProps($one->id, $one->what, $one->because, $one->answer, $one->who, $one->isOwn, $one->isSettled()), $handed->points),
            array_map(fn (array $one): CheckAgainProps => new CheckAgainProps($one['what'], $one['when']), $handed->checks), $handed->kept->checks === [], $handed->kept->more, $handed->kept->marks, $handed->candidates,
            array_map(fn (ReSurvey $one): MarkLengthProps => new MarkLengthProps($one->from, $one->to, $one->length), $handed->lengths), self::stale($planned),
        );
    }

    /** @return list<string> */
    private static function stale(PlannedJob $planned): array
    {
        $stale = [];
        foreach (PartsProps::from($planned->job)->parts as $part) {
            $stale = $part->stale === [] ? $stale : [...$stale, "Part “{$part->title}”: ".implode(', ', $part->stale)];
        }
        foreach (OldNewProps::sheets($planned) as $sheet) {
            $stale = $sheet->stale === [] ? $stale : [...$stale, "Sheet “{$sheet->title}”: ".implode(', ', $sheet->stale)];
        }
        $against = RunOfJob::of($planned->job)->done['final']->data['plan'] ?? null;

        return is_string($against) && $against !== Revision::of(new PlanPart, $planned->job) ? [...$stale, 'The plan was changed after the final survey was held against it.'] : $stale;
    }
}
