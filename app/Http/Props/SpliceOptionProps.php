<?php

declare(strict_types=1);

namespace App\Http\Props;

use Geodex\Core\Calculators\Splice\SlantedButt;
use Geodex\Core\Calculators\Splice\SpliceOption;
use Geodex\Core\Calculators\Splice\SpliceSite;
use Geodex\Core\Calculators\Splice\SteppedButt;
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
     * @param  array<string, float>  $places  what each place is used to
     * @param  float  $fillets  run of fillets, one rail (mm)
     * @param  list<Sentence>  $notes
     * @param  float  $slant  of its cut, degrees off square
     * @param  list<float>  $steps  where top flange, web and bottom flange are cut, from the joint (mm)
     */
    public function __construct(public string $name, public string $label, public string $made, public bool $weldsFlange, public bool $holds, public float $used, public ?float $ratio, public float $mass, public float $step, public float $rank, public Sentence $verdict, public Sentence $improves, public array $parts, public array $places, public int $plugs, public float $fillets, public int $buttPasses, public int $filletPasses, public Sentence $access, public array $notes, public float $slant, public array $steps) {}

    public static function from(SpliceOption $one, SpliceSite $site): self
    {
        return new self($one->school::name(), $one->school::label(), $one->school::made(), $one->school::weldsFlange(), $one->holds, $one->utilisation, $one->ratio, 2 * $one->mass, $one->step, $one->rank, $one->verdict, $one->improves, array_map(SplicePartProps::from(...), $one->parts), $one->places, $one->work->plugs, $one->work->fillets, $one->work->buttPasses, $one->work->filletPasses, $one->work->access, $one->notes, $one->school instanceof SlantedButt ? $site->slant : 0.0, $one->school instanceof SteppedButt ? [-$site->depth / 2, 0.0, $site->depth / 2] : [0.0, 0.0, 0.0]);
    }
}
