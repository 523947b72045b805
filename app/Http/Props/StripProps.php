<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\RunOfJob;
use App\Models\Job;
use Geodex\Core\RunSheet\Step;
use Geodex\Core\RunSheet\StrippedItem;

/** What comes off, in which bag, and what is coated. */
final readonly class StripProps
{
    /**
     * @param  list<StrippedItemProps>  $items  as they come off; they go back in reverse
     * @param  list<CoatingProps>  $coatings
     */
    public function __construct(public array $items, public array $coatings) {}

    public static function from(Job $job): self
    {
        $run = RunOfJob::of($job);
        $closed = fn (string $zone): bool => array_filter($run->steps, fn (Step $step): bool => in_array($zone, $step->closes, true) && isset($run->done[$step->id])) !== [];
        $proposed = [];
        foreach ($run->steps as $step) {
            foreach ($step->inside as $zone) {
                $closing = array_values(array_filter($run->steps, fn (Step $one): bool => in_array($zone, $one->closes, true)));
                $proposed[] = new CoatingProps($zone, '', $closing[0]->title ?? '', isset($run->done[$step->id]), $closed($zone), false);
            }
        }

        return new self(
            array_map(fn (StrippedItem $one): StrippedItemProps => new StrippedItemProps($one->what, $one->bag, in_array($one->what, $job->strip_list ?? [], true), isset($run->done[$one->outId()]), isset($run->done[$one->backId()])), $run->stripped),
            [...$proposed, ...array_map(fn (array $one): CoatingProps => new CoatingProps($one['place'], $one['what'], $one['closed'], false, false, true), $job->coatings ?? [])],
        );
    }
}
