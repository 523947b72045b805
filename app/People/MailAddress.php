<?php

declare(strict_types=1);

namespace App\People;

/** Mail addresses as accounts are named by: letter by letter, in lower case, and nothing that only looks like one. */
final readonly class MailAddress
{
    private const LONGEST = 190;

    /** The one spelling of an address; null for what is none, or has letters that another's may be mistaken for. */
    public static function of(string $typed): ?string
    {
        $address = strtolower(trim($typed));

        return strlen($address) <= self::LONGEST && filter_var($address, FILTER_VALIDATE_EMAIL) !== false ? $address : null;
    }

    /** What spellings of one address have in common, so that guessing under another spelling counts as guessing. */
    public static function likeness(string $typed): string
    {
        $plain = transliterator_transliterate('NFKD; Any-Latin; Latin-ASCII; Lower', $typed);

        return hash('sha256', (string) preg_replace('/[^a-z0-9@.]/', '', $plain === false ? $typed : $plain));
    }
}
