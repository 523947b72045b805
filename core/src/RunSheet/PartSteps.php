<?php

declare(strict_types=1);

namespace Geodex\Core\RunSheet;

use Geodex\Core\Parts\PartState;

/** A batch and a mirror image wait for the first article; what was cut already is no step any more. */
final readonly class PartSteps
{
    /**
     * @param  list<PlannedPart>  $parts
     * @return list<Step>
     */
    public static function of(array $parts): array
    {
        $steps = [];
        foreach ($parts as $part) {
            $many = $part->count > 1 || array_filter($parts, fn (PlannedPart $one): bool => $one->mirrors === $part->id) !== [];
            if ($many && $part->mirrors === null && $part->state === PartState::Drawn) {
                $steps[] = new Step("first-$part->id", "First article, tried: $part->title", 'first-article', minutes: 30.0);
            }
            if ($part->state === PartState::Cut) {
                continue;
            }
            $needs = $part->mirrors !== null ? ["first-$part->mirrors"] : ($many ? ["first-$part->id"] : []);
            $steps[] = new Step("part-$part->id", $part->count > 1 ? "Make $part->count: $part->title" : "Make: $part->title", 'make', minutes: 20.0 * $part->count, needs: $needs);
        }

        return $steps;
    }
}
