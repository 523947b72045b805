<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use App\Documents\StoredJob;
use App\Models\Survey;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Reference\Movement\MovementFinder;

/** What moved between two stored surveys of one job. */
final readonly class FindMovement
{
    public function __construct(private StoredJob $jobs) {}

    public function handle(Survey $earlier, Survey $later): FoundMovement
    {
        $before = $this->jobs->read($earlier->job, $earlier);
        $after = $this->jobs->read($later->job, $later);
        try {
            return new FoundMovement($after->frame, (new MovementFinder)->find($after->frame, $before->surveys[0], $after->surveys[0]));
        } catch (CoreFailure $failure) {
            return new FoundMovement($after->frame, [], Trouble::of($failure));
        }
    }
}
