<?php

declare(strict_types=1);

namespace App\Http\Props;

use App\Models\Reading;
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

    /**
     * @param  array<int, string>  $codes  point code by key
     * @param  ?bool  $wrong  whether every explanation has it wrong, or only some; null for none
     */
    public static function from(Reading $reading, ?ReadingResult $result, array $codes, ?bool $wrong): self
    {
        $kind = ReadingKinds::named($reading->kind);
        $points = array_values(array_map(fn (int $key): string => $codes[$key], array_filter([$reading->from_point_id, $reading->to_point_id])));
        $angle = $kind::quantity() === 'angle';
        $struck = $reading->isStruck();
        $replacement = $reading->supersededBy();
        $bare = (bool) preg_match('/[\d.]$/', $reading->typed);

        return new self(
            $reading->client_id, $reading->number, $reading->kind, $angle ? 'angle' : 'length', $points,
            $bare ? $reading->typed.($angle ? '°' : " {$reading->typed_unit}") : $reading->typed,
            $reading->value_mm ?? $reading->value_deg ?? 0.0,
            match (true) {
                $struck => 'struck',
                $replacement !== null => 'superseded',
                $result === null => 'alone',
                $wrong !== null => $wrong ? 'doubtful' : 'questioned',
                ! $result->checked => 'unchecked',
                default => 'agrees',
            },
            $result?->residual === null ? null : -$result->residual,
            $result?->standardised,
            $result?->redundancy,
            $reading->pointer_from_mm === null || $reading->pointer_to_mm === null ? null : [$reading->pointer_from_mm, $reading->pointer_to_mm],
            match (true) {
                $struck => $reading->lastStrike?->reason,
                $replacement !== null => "Taken again as reading {$replacement->number}",
                default => null,
            },
            $reading->user->name ?? '',
            $reading->takenAt(),
            ($kind::letter() === 't' ? '' : $kind::letter().' ').implode(' ', $points),
            $reading->edge,
            $reading->instrument?->name,
            $result?->detectable,
            array_map(fn (LikelyCause $cause): CauseProps => new CauseProps($cause->kind, $cause->error, $cause->text, $cause->points), array_slice($result->causes ?? [], 0, 3)),
        );
    }
}
