<?php

declare(strict_types=1);

namespace App\Documents\Parts;

use App\Models\User;
use Geodex\Core\JobFile\Job;

/** A job file that is being stored: as core read it, as it stands, and whose doing it is. */
final class Import
{
    /** @var array<string, int> keys of the stored points by code */
    public array $keys = [];

    /** @param  array<string, mixed>  $document  checked against the schema */
    public function __construct(public readonly Job $job, public readonly array $document, public readonly ?User $user) {}

    /** @return array<mixed> */
    public function section(string $name): array
    {
        $section = $this->document[$name] ?? [];

        return is_array($section) ? $section : [];
    }
}
