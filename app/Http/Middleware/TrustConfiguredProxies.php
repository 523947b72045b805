<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Middleware\TrustProxies;

/** Takes the word of the proxies that the configuration names, and of nobody else. */
final class TrustConfiguredProxies extends TrustProxies
{
    /** @return list<string>|string|null */
    protected function proxies(): array|string|null
    {
        $proxies = config('geodex.proxies');

        return match (true) {
            ! is_array($proxies) || $proxies === [] => null,
            $proxies === ['*'] => '*',
            default => array_values(array_filter($proxies, is_string(...))),
        };
    }
}
