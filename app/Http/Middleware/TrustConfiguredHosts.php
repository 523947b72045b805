<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Middleware\TrustHosts;

/** Answers only to its own names, so that no link in a mail leads elsewhere. */
final class TrustConfiguredHosts extends TrustHosts
{
    /** @return list<string> patterns */
    public function hosts(): array
    {
        $named = config('geodex.hosts');
        $names = [parse_url((string) config()->string('app.url'), PHP_URL_HOST), '127.0.0.1', 'localhost', ...(is_array($named) ? $named : [])];

        return array_values(array_map(fn (string $name): string => '^'.preg_quote($name, '/').'$', array_unique(array_filter($names, is_string(...)))));
    }

    protected function shouldSpecifyTrustedHosts(): bool
    {
        return true;
    }
}
