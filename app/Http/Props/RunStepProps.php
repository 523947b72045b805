<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\LogEntry;
use Geodex\Core\RunSheet\Cautions;
use Geodex\Core\RunSheet\OrderedStep;
use Geodex\Core\RunSheet\Step;

/** A step of the run sheet. */
final readonly class RunStepProps
{
    /**
     * @param  'done'|'possible'|'blocked'|'impossible'  $state
     * @param  list<WaitProps>  $waitsFor
     * @param  list<string>  $cautions
     * @param  list<string>  $shutsOut  titles of steps that cannot be done any more once it is
     * @param  bool  $asksCautions  whether somebody says that they were seen to
     */
    public function __construct(public string $id, public string $title, public string $kind, public string $joint, public string $state, public float $minutes, public array $waitsFor, public bool $isEarly, public array $cautions, public bool $asksCautions, public ?HoldProps $hold, public bool $isOwn, public string $by, public string $at, public bool $isOtherwise, public ?string $closedBy, public array $shutsOut) {}

    public static function from(OrderedStep $ordered, ?LogEntry $done): self
    {
        $step = $ordered->step;

        return new self(
            $step->id, $step->title, $step->kind, $step->joint, $ordered->state, $step->minutes, array_map(fn (Step $one): WaitProps => new WaitProps($one->id, $one->title), $ordered->waitsFor), $ordered->isEarly, Cautions::of($step), Cautions::areAsked($step), $step->hold === null ? null : HoldProps::from($step->hold), $step->isOwn,
            $done->user->name ?? '', $done?->created_at->utc()->format('Y-m-d\TH:i:s\Z') ?? '', $done?->kind === 'otherwise', $ordered->closedBy, array_map(fn (Step $one): string => $one->title, $ordered->shutsOut),
        );
    }
}
