<?php

declare(strict_types=1);

namespace App\People;

/** Whether this server sends mail; where it does not, links are shown to copy. */
final readonly class Mails
{
    public static function areSent(): bool
    {
        return ! in_array(config('mail.default'), [null, '', 'none'], true);
    }
}
