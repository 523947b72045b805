<?php

declare(strict_types=1);

namespace Geodex\Core\JobFile;

use Geodex\Core\JobFile\Internal\JobBuilder;

/** Reads a job file, naming every fault with its path. */
final readonly class JobReader
{
    /** A job of 500 points and 5000 readings is well under this. */
    public const MAX_BYTES = 4_000_000;

    private const VERSION = 1;

    /** @throws InvalidFile if it is no valid job file of a version read here */
    public function read(string $json): Job
    {
        return $this->fromDocument($this->document($json));
    }

    /**
     * The file as it stands, checked against the schema; lengths still as typed.
     *
     * @return array<string, mixed>
     *
     * @throws InvalidFile
     */
    public function document(string $json): array
    {
        if (strlen($json) > self::MAX_BYTES) {
            throw InvalidFile::with([new Problem('', sprintf('The file is %.1f MB; a job file is at most %d MB. Is it the right file?', strlen($json) / 1e6, self::MAX_BYTES / 1_000_000))]);
        }
        $json = str_starts_with($json, "\u{feff}") ? substr($json, 3) : $json;
        if (! mb_check_encoding($json, 'UTF-8')) {
            throw InvalidFile::with([new Problem('', 'This is not text in UTF-8, so it is no job file. Export the job from Geodex, or save it as UTF-8.')]);
        }
        try {
            $document = json_decode($json, true, 32, JSON_THROW_ON_ERROR);
        } catch (\JsonException $fault) {
            throw InvalidFile::with([new Problem('', "This is not JSON ({$fault->getMessage()}); a job file starts with {\"format\": \"geodex-job\", …}.")]);
        }
        $this->refuseForeign($document);
        $exceeded = JobLimits::exceeded($document);
        if ($exceeded !== []) {
            throw InvalidFile::with($exceeded);
        }
        $problems = (new SchemaChecker)->check(json_decode($json, false, 32));
        if ($problems !== []) {
            throw InvalidFile::with($problems);
        }

        /** @var array<string, mixed> $document */
        return $document;
    }

    /**
     * @param  array<string, mixed>  $document  of the schema's shape
     *
     * @throws InvalidFile if a length cannot be read or a name leads nowhere
     */
    public function fromDocument(array $document): Job
    {
        return (new JobBuilder($document))->build();
    }

    /**
     * A job that was checked when it was stored. What a changed chart has taken the station of is left out, and named: nothing else of the
     * job is lost for it.
     *
     * @param  array<string, mixed>  $document  of the schema's shape
     *
     * @throws InvalidFile
     */
    public function fromKept(array $document): Job
    {
        return (new JobBuilder($document, isKept: true))->build();
    }

    /** @phpstan-assert array<mixed> $document */
    private function refuseForeign(mixed $document): void
    {
        if (! is_array($document) || ($document['format'] ?? null) !== 'geodex-job') {
            throw InvalidFile::with([new Problem('format', 'expected "geodex-job"; this is not a Geodex job file.')]);
        }
        $version = $document['version'] ?? null;
        if ($version !== self::VERSION) {
            throw InvalidFile::with([new Problem('version', sprintf('this Geodex reads version %d, the file says %s. Open it with a Geodex of that version, or export it again.', self::VERSION, json_encode($version)))]);
        }
    }
}
