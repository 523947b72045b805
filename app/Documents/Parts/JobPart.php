<?php

declare(strict_types=1);

namespace App\Documents\Parts;

use App\Models\Job;

/** A part of a job: lays itself into a job file, and stores itself out of one. A new one is a new class, entered in JobParts. */
interface JobPart
{
    /**
     * Keys of the document and what stands under them; what is empty is left away.
     *
     * @return array<string, mixed>
     */
    public function layOut(Job $job, Layout $as): array;

    /** Stores what the document has of it; the job itself is there, with what parts before have stored. */
    public function import(Job $stored, Import $from): void;
}
