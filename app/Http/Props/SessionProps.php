<?php

declare(strict_types=1);

namespace App\Http\Props;

/** A place where somebody is logged in. */
final readonly class SessionProps
{
    public function __construct(public string $address, public string $browser, public string $at, public bool $isThis) {}

    /** @param  array<mixed>  $row  of the table */
    public static function from(array $row, string $session): self
    {
        $text = fn (string $key): string => is_string($row[$key] ?? null) ? $row[$key] : '';

        return new self($text('ip_address'), mb_substr($text('user_agent'), 0, 160), gmdate('Y-m-d\TH:i:s\Z', is_numeric($row['last_activity'] ?? null) ? (int) $row['last_activity'] : 0), $text('id') === $session);
    }
}
