<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\PlannedJob;
use Geodex\Core\Calculators\Splice\SpliceComparer;
use Geodex\Core\Calculators\Splice\SpliceOption;
use Geodex\Core\Calculators\Splice\SpliceSite;
use Geodex\Core\Chassis\Loads\FrameLoads;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Fields\Values;

/** The ways of joining a rail at one place, side by side. */
final readonly class SplicePageProps
{
    /**
     * @param  list<FieldProps>  $fields
     * @param  list<CutPlaceProps>  $places  cuts that are planned
     * @param  list<SpliceOptionProps>  $options  best first
     */
    public function __construct(public array $fields, public array $places, public ?SpliceSiteProps $site, public array $options, public ?TroubleProps $trouble) {}

    /** @param  ?Values  $given  where and with what; null takes the first cut that is planned */
    public static function from(PlannedJob $job, ?Values $given): self
    {
        $fields = array_map(FieldProps::from(...), SpliceSite::fields());
        $places = array_map(fn ($shift): CutPlaceProps => new CutPlaceProps($shift->operation, $shift->cut, $shift->inserted > 0.0 ? $shift->inserted : null), $job->plan->shifts->all ?? []);
        if ($given === null && $places !== []) {
            $given = self::asProposed($places[0]);
        }
        if ($given === null) {
            return new self($fields, $places, null, [], null);
        }
        try {
            $site = SpliceSite::of($job->core->chassis, new FrameLoads($job->core->chassis, $job->shop), $given);
            $options = array_map(fn (SpliceOption $one): SpliceOptionProps => SpliceOptionProps::from($one, $site), (new SpliceComparer)->compare($site));
        } catch (CoreFailure $failure) {
            return new self($fields, $places, null, [], TroubleProps::from($failure));
        }

        return new self($fields, $places, SpliceSiteProps::from($site), $options, null);
    }

    private static function asProposed(CutPlaceProps $place): Values
    {
        $defaults = [];
        foreach (SpliceSite::fields() as $field) {
            $defaults[$field->name] = $field->default;
        }

        return new Values([...$defaults, 'at' => $place->station, 'insertLength' => $place->insert]);
    }
}
