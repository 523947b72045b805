<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Splice;

use Geodex\Core\Failure\Refusal;

/** What is entered of the frame does not tell how a joint there would hold. */
final class CannotSplice extends Refusal
{
    public static function noRail(float $at): self
    {
        return new self('splice.no-rail', sprintf('No rail is entered at %.0f mm: give it on the page Frame, with its section.', $at), ['at' => $at]);
    }

    public static function noYield(string $rail): self
    {
        return new self('splice.no-yield', "The yield of rail $rail is not given: enter it on the page Frame, and how it is known; a guess stays marked a guess.", ['rail' => $rail]);
    }

    public static function otherShape(string $kind): self
    {
        return new self('splice.other-shape', "Joints are worked out here for channels and boxes; this rail is a $kind. Use the quick tool Splice with strips.", ['kind' => $kind]);
    }
}
