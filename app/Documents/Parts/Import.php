<?php

declare(strict_types=1);

namespace App\Documents\Parts;

use App\Models\User;
use Geodex\Core\JobFile\Job;
use Illuminate\Support\Carbon;

/** A job file that is being stored: as core read it, as it stands, and whose doing it is. */
final class Import
{
    /** @var array<string, int> keys of the stored points by code */
    public array $keys = [];

    /**
     * @param  array<string, mixed>  $document  checked against the schema
     * @param  array<string, int>  $people  by name, of the shop whose own record this is: who did what when stays as it was. Of any other file it is
     *                                      the doing of whoever takes it in, now
     */
    public function __construct(public readonly Job $job, public readonly array $document, public readonly ?User $user, public readonly array $people = []) {}

    /** @param  array<mixed>  $entry */
    public function by(array $entry): ?int
    {
        return $this->people === [] ? $this->user?->id : $this->people[is_string($entry['by'] ?? null) ? $entry['by'] : ''] ?? null;
    }

    /** @param  array<mixed>  $entry */
    public function at(array $entry): Carbon
    {
        return $this->people === [] || ! is_string($entry['at'] ?? null) ? Carbon::now() : Carbon::parse($entry['at']);
    }

    /** @return array<mixed> */
    public function section(string $name): array
    {
        $section = $this->document[$name] ?? [];

        return is_array($section) ? $section : [];
    }
}
