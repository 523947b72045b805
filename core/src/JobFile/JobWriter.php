<?php

declare(strict_types=1);

namespace Geodex\Core\JobFile;

/** Writes a job file, and refuses to write one that it would not read. */
final readonly class JobWriter
{
    /**
     * @param  array<string, mixed>  $document  of the schema's shape
     *
     * @throws InvalidFile if the document is not a valid job
     */
    public function write(array $document): string
    {
        $json = json_encode($document, JSON_THROW_ON_ERROR | JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION)."\n";
        (new JobReader)->read($json);

        return $json;
    }
}
