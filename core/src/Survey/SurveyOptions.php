<?php

declare(strict_types=1);

namespace Geodex\Core\Survey;

/** Limits of the survey computation; the defaults are those of docs/formulas.md. */
final readonly class SurveyOptions
{
    /**
     * @param  float  $critical  standardised residual over which a reading is suspect (Baarda, 0.1 % of good readings)
     * @param  float  $leastRedundancy  redundancy number up to which a mistake in a reading cannot be seen
     * @param  float  $greatestShare  share of the readings that may be taken out as suspect
     * @param  float  $coverage  coverage factor of the interval a verdict is given with (95 %)
     * @param  float  $reach  longest tram reading that is suggested (mm)
     * @param  float  $straightedge  longest rise that is suggested (mm): what a straightedge spans
     * @param  int  $suggestions  how many next readings to name
     * @param  list<string>  $kinds  reading kinds that there is a tool for
     * @param  float  $buildScatter  what a base point of a sound frame stands off its chart, standard uncertainty a coordinate (mm)
     * @param  bool  $testsBase  whether base points are tested against each other
     * @param  float  $trusted  interval, in tolerances, past which the linear theory is not to be trusted
     * @param  float  $seconds  processor time that one judgement may take
     * @param  ?Budget  $budget  what is left of it, where the computation is part of a larger one
     */
    public function __construct(
        public float $critical = 3.29,
        public float $leastRedundancy = 0.05,
        public float $greatestShare = 0.25,
        public float $coverage = 1.96,
        public float $reach = 2500.0,
        public float $straightedge = 1500.0,
        public int $suggestions = 5,
        public array $kinds = ['tram', 'height', 'rise', 'offset'],
        public float $buildScatter = 1.0,
        public bool $testsBase = true,
        public float $trusted = 3.0,
        public float $seconds = 2.0,
        public ?Budget $budget = null,
    ) {}

    /** With the time running, unless it is already. */
    public function timed(): self
    {
        return $this->budget === null ? new self(...[...get_object_vars($this), 'budget' => Budget::of($this->seconds)]) : $this;
    }

    public function withoutBaseTest(): self
    {
        return new self(...[...get_object_vars($this), 'testsBase' => false]);
    }
}
