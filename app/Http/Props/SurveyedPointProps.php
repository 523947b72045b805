<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Survey\SurveyedPlaces;

/** A point that a survey found, to work on from; mm. */
final readonly class SurveyedPointProps
{
    /**
     * @param  list<float>  $at
     * @param  bool  $isInSpace  whether its height is fixed too
     */
    public function __construct(public string $id, public array $at, public bool $isInSpace) {}

    /** @return list<self> */
    public static function all(SurveyedPlaces $survey): array
    {
        $all = [];
        foreach ($survey->inPlan() as $id => $at) {
            $all[] = new self((string) $id, $at->toArray(), isset($survey->inSpace()[$id]));
        }

        return $all;
    }
}
