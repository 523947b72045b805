<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\PlannedJob;
use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Calculators\Mounts\MountFields;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Fields\Values;

/** Mounts spaced along a body; mm. */
final readonly class MountedProps
{
    /**
     * @param  list<PlacedMountProps>  $mounts
     * @param  ?float  $lift  of the body's line over the rail
     */
    public function __construct(public array $mounts, public int $added, public ?float $lift, public ?string $trouble) {}

    public static function along(PlannedJob $job, Values $given): self
    {
        $plan = $job->plan;
        $document = $plan === null ? null : MountFields::forMounts($plan->frame, $plan->chassis, $plan->shifts->joints(), $given);
        if ($document === null) {
            return new self([], 0, null, 'Give the first and the last mount: fewer than two body mounts are entered on the page Frame.');
        }
        try {
            /** @var array{added: int|float, lift: ?float, mounts: list<array{station: float, fixed: bool, share: float, shim: ?float}>} $result */
            $result = Calculators::run('body-mounts', $document);
        } catch (CoreFailure $failure) {
            return new self([], 0, null, $failure->getMessage());
        }

        return new self(array_map(fn (array $one): PlacedMountProps => new PlacedMountProps($one['station'], $one['fixed'], $one['share'], $one['shim']), $result['mounts']), (int) $result['added'], $result['lift'], null);
    }
}
