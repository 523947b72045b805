<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\PlannedJob;
use Geodex\Core\Calculators\Calculators;
use Geodex\Core\Calculators\Mounts\MountFields;
use Geodex\Core\Failure\CoreFailure;
use Geodex\Core\Fields\Values;

/** Brackets of a bolt-on body set on this frame; mm. */
final readonly class BracketedProps
{
    /** @param  list<BracketProps>  $brackets */
    public function __construct(public array $brackets, public ?float $shift, public ?string $trouble) {}

    public static function from(PlannedJob $job, Values $given): self
    {
        $plan = $job->plan;
        if ($plan === null) {
            return new self([], null, $job->failure?->getMessage());
        }
        try {
            /** @var array{shift: float, brackets: list<array{id: string, placed: bool, move: ?float, station: ?float, needed: ?float}>} $result */
            $result = Calculators::run('bracket-fit', MountFields::forBrackets($plan->chassis, $plan->shifts->joints(), $given));
        } catch (CoreFailure $failure) {
            return new self([], null, $failure->getMessage());
        }

        return new self(array_map(fn (array $one): BracketProps => new BracketProps($one['id'], $one['placed'], $one['move'] ?? null, $one['station'] ?? null, $one['needed'] ?? null), $result['brackets']), $result['shift'], null);
    }
}
