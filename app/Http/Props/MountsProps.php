<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\PlannedJob;
use Geodex\Core\Calculators\Mounts\BodyCut;
use Geodex\Core\Calculators\Mounts\MountBolts;
use Geodex\Core\Calculators\Mounts\MountFields;
use Geodex\Core\Chassis\Fixture;
use Geodex\Core\Frame\Side;
use Geodex\Core\Plan\Sight;
use Geodex\Core\Plan\StationSights;

/** What is fastened to the frame as it will be, each from what a tape can reach, and what is asked about new mounts; mm. */
final readonly class MountsProps
{
    /**
     * @param  list<MountProps>  $mounts
     * @param  list<FieldProps>  $along
     * @param  list<FieldProps>  $brackets
     * @param  list<FieldProps>  $bolts  what is asked about the bolts of one
     * @param  list<FieldProps>  $bodyCut  what is asked about a body that is cut with the frame
     */
    public function __construct(public array $mounts, public array $along, public array $brackets, public array $bolts, public array $bodyCut, public ?TroubleProps $trouble) {}

    public static function from(PlannedJob $job): self
    {
        $chassis = $job->plan->chassis ?? $job->core->chassis;
        $sights = new StationSights($job->plan->frame ?? $job->core->frame, $chassis);
        $mounts = array_values(array_filter($chassis->fixtures, fn (Fixture $one): bool => $one->kind->carries()));

        return new self(
            mounts: array_map(fn (Fixture $one): MountProps => new MountProps(
                $one->id(), $one->called(), $one->side->value, $job->core->chassis->fixture($one->id())?->station, $one->station,
                array_map(SightProps::from(...), self::seen($sights, $one, Side::Left)), array_map(SightProps::from(...), self::seen($sights, $one, Side::Right)),
            ), $mounts),
            along: array_map(FieldProps::from(...), MountFields::along()),
            brackets: array_map(FieldProps::from(...), MountFields::brackets()),
            bolts: array_map(FieldProps::from(...), MountBolts::fields()),
            bodyCut: array_map(FieldProps::from(...), BodyCut::fields()),
            trouble: $job->failure === null ? null : TroubleProps::from($job->failure),
        );
    }

    /** @return list<Sight> */
    private static function seen(StationSights $sights, Fixture $one, Side $side): array
    {
        return $one->side->is($side) ? $sights->of($one->station, $side, $one->id()) : [];
    }
}
