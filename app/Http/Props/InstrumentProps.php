<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\Instrument;
use App\Models\Workshop;
use Geodex\Core\Survey\Instrument\InstrumentKind;
use Geodex\Core\Words\Sentence;

/** A tool of the shop; mm, or degrees for a level. */
final readonly class InstrumentProps
{
    /**
     * @param  'tram-bar'|'tape'|'plumb-bob'|'height-staff'|'level'|'dial'  $kind
     * @param  list<string>  $reads  reading kinds that it takes
     * @param  ?string  $checked  day of the last check
     * @param  ?float  $sigma  null for the usual one of each reading
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $kind,
        public array $reads,
        public ?float $reach,
        public ?float $sigma,
        public float $offset,
        public ?string $checked,
        public ?Sentence $check,
        public bool $needsCheck,
        public bool $hasToken,
        public bool $angles,
        public ?StandInProps $simulated,
    ) {}

    /**
     * The tools of a shop.
     *
     * @param  bool  $areDials  those that read shafts, or those that read frames
     * @return list<self>
     */
    public static function all(Workshop $workshop, bool $areDials): array
    {
        $tools = $workshop->instruments()->get()->filter(fn (Instrument $one): bool => ($one->kind === InstrumentKind::Dial) === $areDials);

        return array_values($tools->map(fn (Instrument $one): self => self::from($one))->all());
    }

    public static function from(Instrument $instrument): self
    {
        return new self(
            id: $instrument->id, name: $instrument->name, kind: $instrument->kind->value, reads: $instrument->kind->reads(), reach: $instrument->reach_mm, sigma: $instrument->sigma, offset: $instrument->offset,
            checked: $instrument->checked_at?->toDateString(), check: $instrument->lastCheck()?->text, needsCheck: $instrument->needsCheck(), hasToken: $instrument->token_hash !== null,
            angles: $instrument->kind->readsAngles(), simulated: $instrument->simulated === null ? null : StandInProps::from($instrument->simulated),
        );
    }
}
