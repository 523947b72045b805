<?php

declare(strict_types=1);

namespace Geodex\Core\Fields;

use Geodex\Core\Failure\Refusal;

/** What was given for some fields is not what they take; each line names the path and what would be right. */
final class InvalidFields extends Refusal
{
    /** @param  non-empty-list<string>  $problems  “path: what would be right” */
    public static function with(array $problems): self
    {
        return new self('fields.invalid', implode("\n", $problems), ['problems' => $problems]);
    }

    /** One fault, at one place. */
    public static function at(string $path, string $message): self
    {
        return self::with(["$path: $message"]);
    }

    /** @return list<array{path: string, message: string}> */
    public function problems(): array
    {
        $problems = [];
        foreach (explode("\n", $this->getMessage()) as $line) {
            [$path, $message] = [...explode(': ', $line, 2), ''];
            $problems[] = ['path' => $path, 'message' => $message];
        }

        return $problems;
    }
}
