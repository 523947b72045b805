<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

/** Why a coordinate is undecided. */
enum Reason: string
{
    case Explanations = 'more than one explanation';
    case Fold = 'a mirror solution fits as well';
    case Datum = 'datum in doubt';
    case TooFew = 'too few readings';
    case Weak = 'weak direction';
    case Close = 'close to the tolerance';
    case NoChart = 'no chart position';

    /** The gravest first: what has to be cleared up before the others mean anything. */
    public function rank(): int
    {
        return (int) array_search($this, self::cases(), true);
    }
}
