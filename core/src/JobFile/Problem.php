<?php

declare(strict_types=1);

namespace Geodex\Core\JobFile;

/** One thing wrong in a file: where, and what would be right. */
final readonly class Problem implements \JsonSerializable, \Stringable
{
    /** @param  string  $path such as surveys[0].readings[3].value, or "row 4, column x" */
    public function __construct(public string $path, public string $message) {}

    public function __toString(): string
    {
        return $this->path === '' ? $this->message : "$this->path: $this->message";
    }

    /** @return array{path: string, message: string} */
    public function jsonSerialize(): array
    {
        return ['path' => $this->path, 'message' => $this->message];
    }
}
