<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Survey\Cause\LikelyCause;
use Geodex\Core\Survey\Explanation\Explanation;
use Geodex\Core\Survey\Explanation\Mistake;

/** One consistent account of the survey: these readings are wrong, all others fit. */
final readonly class ExplanationProps
{
    private const CAUSES = 3;

    /** @param  list<MistakeProps>  $mistakes */
    public function __construct(public array $mistakes, public float $weightedSum) {}

    public static function from(Explanation $explanation): self
    {
        return new self(array_map(fn (Mistake $mistake): MistakeProps => new MistakeProps(
            $mistake->reading,
            $mistake->error,
            array_map(fn (LikelyCause $cause): CauseProps => new CauseProps($cause->kind->value, $cause->error, $cause->text, $cause->points), array_slice($mistake->causes, 0, self::CAUSES)),
        ), $explanation->mistakes), $explanation->weightedSum);
    }
}
