<?php

declare(strict_types=1);

namespace Geodex\Core\Survey\Cause;

use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Frame\Frame;
use Geodex\Core\Survey\Reading\Reading;
use Geodex\Core\Words\Sentence;

/** Left and right mixed up at every point of the reading: the mirrored one was read. */
final readonly class LeftForRight implements Cause
{
    public function forms(Reading $reading, Frame $frame, array $at, float $true): array
    {
        $points = $reading->kind->points();
        $mirrored = array_map(fn (string $id): ?string => $frame->point($id)->mate, $points);
        // At one point alone it is the wrong hole; across from mate to mate nothing changes.
        if (count($points) < 2 || in_array(null, $mirrored, true) || array_diff_key(array_flip($mirrored), $at) !== [] || array_diff($mirrored, $points) === []) {
            return [];
        }
        try {
            $would = $reading->kind->at($mirrored)->linearise($at)->predicted;
        } catch (CoreFailure) {
            return [];
        }

        return [new LikelyCause(CauseKind::LeftRight, $would - $true, Sentence::of('cause.left-right', 'Left and right mixed up: {read} was probably read ({called} was called).', read: implode(' – ', $mirrored), called: implode(' – ', $points)), $mirrored)];
    }
}
