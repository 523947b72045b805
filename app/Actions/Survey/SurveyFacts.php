<?php

declare(strict_types=1);

namespace App\Actions\Survey;

use Geodex\Core\Survey\ReadingStatus;
use Geodex\Core\Survey\Verdict;

/** What a list of jobs says of a survey. Kept beside it, since a list computes nothing. */
final readonly class SurveyFacts
{
    /**
     * @param  ?string  $trouble  why it cannot be computed
     * @param  int  $suspects  readings that do not fit
     * @param  int  $ways  explanations of them
     * @param  int  $open  points that are not settled
     * @param  bool  $hasNext  whether there is more to read
     */
    private function __construct(public ?string $trouble, public int $suspects = 0, public int $ways = 0, public int $open = 0, public bool $hasNext = false) {}

    public static function of(AssessedSurvey $assessed): self
    {
        if ($assessed->assessment === null) {
            return new self($assessed->trouble->message ?? '');
        }
        $result = $assessed->assessment->survey;

        return new self(
            trouble: null,
            suspects: count(array_filter($result->readings, fn ($reading): bool => $reading->status === ReadingStatus::Suspect)),
            ways: count($result->explanations),
            open: count(array_filter($result->points, fn ($point): bool => in_array($point->verdict, [Verdict::Unsure, Verdict::Unmeasured], true))),
            hasNext: $assessed->next !== [],
        );
    }

    public static function unreadable(string $because): self
    {
        return new self("It cannot be read: $because");
    }

    /** @param  array<string, mixed>  $kept */
    public static function fromArray(array $kept): self
    {
        $count = fn (string $key): int => is_int($kept[$key] ?? null) ? $kept[$key] : 0;

        return new self(
            trouble: is_string($kept['trouble'] ?? null) ? $kept['trouble'] : null,
            suspects: $count('suspects'),
            ways: $count('ways'),
            open: $count('open'),
            hasNext: ($kept['hasNext'] ?? false) === true,
        );
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['trouble' => $this->trouble, 'suspects' => $this->suspects, 'ways' => $this->ways, 'open' => $this->open, 'hasNext' => $this->hasNext];
    }
}
