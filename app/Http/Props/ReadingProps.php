<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Documents\LoggedReading;
use Geodex\Core\Survey\Cause\LikelyCause;
use Geodex\Core\Survey\Reading\ReadingKinds;
use Geodex\Core\Survey\ReadingResult;

/** A reading of the log against what the others say; mm, or degrees for an angle. */
final readonly class ReadingProps
{
    /**
     * @param  'length'|'angle'  $quantity
     * @param  list<string>  $points
     * @param  'agrees'|'doubtful'|'questioned'|'unchecked'|'struck'|'superseded'|'alone'  $state
     * @param  ?float  $off  read less what the others say
     * @param  ?float  $standardised  that in units of its own uncertainty
     * @param  ?float  $redundancy  how far the others check it, 0 to 1
     * @param  ?list<float>  $pointers
     * @param  'near'|'far'|null  $edge
     * @param  ?float  $detectable  smallest mistake that would be found
     * @param  list<CauseProps>  $causes  the likeliest first
     */
    public function __construct(
        public string $id,
        public int $number,
        public string $kind,
        public string $quantity,
        public array $points,
        public string $typed,
        public float $value,
        public string $state,
        public ?float $off,
        public ?float $standardised,
        public ?float $redundancy,
        public ?array $pointers,
        public ?string $reason,
        public string $by,
        public string $at,
        public string $call,
        public ?string $edge,
        public ?string $instrument,
        public ?float $detectable,
        public array $causes,
    ) {}

    /** @param  ?bool  $wrong  whether every explanation has it wrong, or only some; null for none */
    public static function from(LoggedReading $reading, ?ReadingResult $result, ?bool $wrong): self
    {
        $kind = ReadingKinds::named($reading->kind);
        $angle = $kind::quantity() === 'angle';
        $bare = (bool) preg_match('/[\d.]$/', $reading->typed);

        return new self(
            id: $reading->id, number: $reading->number, kind: $reading->kind, quantity: $angle ? 'angle' : 'length', points: $reading->points,
            typed: $bare ? $reading->typed.($angle ? '°' : " {$reading->typedUnit}") : $reading->typed,
            value: $reading->mm ?? $reading->degrees ?? 0.0,
            state: match (true) {
                $reading->struckBecause !== null => 'struck',
                $reading->supersededBy !== null => 'superseded',
                $result === null => 'alone',
                $wrong !== null => $wrong ? 'doubtful' : 'questioned',
                ! $result->checked => 'unchecked',
                default => 'agrees',
            },
            off: $result?->residual === null ? null : -$result->residual,
            standardised: $result?->standardised,
            redundancy: $result?->redundancy,
            pointers: $reading->pointers,
            reason: $reading->struckBecause ?? ($reading->supersededBy === null ? null : "Taken again as reading {$reading->supersededBy}"),
            by: $reading->by,
            at: $reading->at,
            call: ($kind::letter() === 't' ? '' : $kind::letter().' ').implode(' ', $reading->points),
            edge: $reading->edge,
            instrument: $reading->instrument,
            detectable: $result?->detectable,
            causes: array_map(fn (LikelyCause $cause): CauseProps => new CauseProps($cause->kind->value, $cause->error, $cause->text, $cause->points), array_slice($result->causes ?? [], 0, 3)),
        );
    }
}
