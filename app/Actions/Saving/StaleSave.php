<?php

declare(strict_types=1);

namespace App\Actions\Saving;

use App\Documents\Parts\Revision;
use Illuminate\Support\Arr;
use RuntimeException;

/** A save made from a state that is no longer the stored one. */
final class StaleSave extends RuntimeException
{
    private const MAX_TOLD = 40;

    public function __construct(string $part, private readonly mixed $theirs, private readonly mixed $mine)
    {
        parent::__construct("Somebody else saved {$part} while you were working on it. Nothing of yours is lost: look at both, and say which is to stand.");
    }

    /** Revision of what is stored now. */
    public function revision(): string
    {
        return Revision::ofState($this->theirs);
    }

    /** @return list<array{what: string, theirs: string, mine: string}> where the two differ */
    public function differences(): array
    {
        [$theirs, $mine] = [Arr::dot(Arr::wrap($this->theirs)), Arr::dot(Arr::wrap($this->mine))];
        $differences = [];
        foreach (array_keys([...$theirs, ...$mine]) as $key) {
            [$a, $b] = [$this->words($theirs[$key] ?? null), $this->words($mine[$key] ?? null)];
            if ($a !== $b) {
                $differences[] = ['what' => trim(str_replace(['.', '_'], ' ', (string) preg_replace('/(?<=[a-z])(?=[A-Z])/', ' ', (string) $key))), 'theirs' => $a, 'mine' => $b];
            }
        }

        return array_slice($differences, 0, self::MAX_TOLD);
    }

    private function words(mixed $value): string
    {
        return match (true) {
            $value === null, $value === '', $value === [] => '–',
            is_bool($value) => $value ? 'yes' : 'no',
            is_numeric($value) => (string) (float) $value,
            is_scalar($value) => (string) $value,
            default => json_encode($value, JSON_THROW_ON_ERROR),
        };
    }
}
