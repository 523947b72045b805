<?php

declare(strict_types=1);

namespace Geodex\Core\Calculators\Splice;

use Geodex\Core\Words\Sentence;

/** One way of joining a rail, worked out for one place. */
final readonly class SpliceOption
{
    /**
     * @param  list<array<string, mixed>>  $parts  as the calculator took them
     * @param  float  $utilisation  of its weakest place
     * @param  ?float  $ratio  strength at the joint to that of the rail
     * @param  float  $mass  added, one rail (kg)
     * @param  float  $step  greatest step in stiffness at the end of a part (share)
     * @param  float  $rank  class over stress of its poorest detail; higher ranks first, and no life is promised
     * @param  array<string, float>  $places  what each of the four places is used to: joint, fastening, railAtPlateEnd, insert
     * @param  list<Sentence>  $notes  how a sleeve is made, and what the layout does not keep
     */
    public function __construct(public SpliceSchool $school, public array $parts, public bool $holds, public float $utilisation, public ?float $ratio, public float $mass, public float $step, public float $rank, public Sentence $verdict, public Sentence $improves, public array $places, public SpliceWork $work, public array $notes) {}
}
