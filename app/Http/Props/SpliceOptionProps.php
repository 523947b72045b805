<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Calculators\Splice\SpliceOption;
use Geodex\Core\Words\Sentence;

/** One way of joining the rail. */
final readonly class SpliceOptionProps
{
    /**
     * @param  float  $used  of its weakest place
     * @param  ?float  $ratio  strength at the joint to that of the rail
     * @param  float  $mass  added, both rails (kg)
     * @param  float  $step  greatest step in stiffness (share)
     * @param  list<SplicePartProps>  $parts
     */
    public function __construct(public string $name, public string $label, public string $made, public bool $weldsFlange, public bool $holds, public float $used, public ?float $ratio, public float $mass, public float $step, public float $rank, public Sentence $verdict, public Sentence $improves, public array $parts) {}

    public static function from(SpliceOption $one): self
    {
        return new self($one->school::name(), $one->school::label(), $one->school::made(), $one->school::weldsFlange(), $one->holds, $one->utilisation, $one->ratio, 2 * $one->mass, $one->step, $one->rank, $one->verdict, $one->improves, array_map(SplicePartProps::from(...), $one->parts));
    }
}
