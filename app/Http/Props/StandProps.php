<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Fields\Values;
use Geodex\Core\JobFile\Job;
use Geodex\Core\Plan\Stand\HalfFrame;
use Geodex\Core\Plan\Stand\StandFields;

/** Both halves on posts once the rails are cut. */
final readonly class StandProps
{
    /** @param  list<HalfProps>  $halves */
    public function __construct(public float $cut, public array $halves) {}

    /** @return list<FieldProps> */
    public static function fields(): array
    {
        return array_map(FieldProps::from(...), StandFields::all());
    }

    public static function from(Job $job, Values $given): self
    {
        $cut = $given->number('cut');

        return new self($cut, array_map(fn (HalfFrame $half): HalfProps => HalfProps::from($half, StandFields::posts($half, $given), StandFields::shims($half, $given)), HalfFrame::both($job->chassis, $cut)));
    }
}
