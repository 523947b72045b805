<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Vite;
use Symfony\Component\HttpFoundation\Response;

/** Only what ships with the application may run in its pages; on every answer, failures too. */
final class SecurityHeaders
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $response = $next($request);
        $nonce = Vite::cspNonce();
        $response->headers->add([
            'Content-Security-Policy' => "default-src 'self'; script-src 'self' 'nonce-$nonce'; style-src 'self' 'nonce-$nonce'; img-src 'self' data:; frame-ancestors 'self'; base-uri 'none'; form-action 'self'; object-src 'none'",
            'X-Content-Type-Options' => 'nosniff',
            'X-Frame-Options' => 'SAMEORIGIN',
            'Referrer-Policy' => 'same-origin',
            'Permissions-Policy' => 'geolocation=(), payment=(), usb=()',
        ]);
        $kept = config('geodex.hsts');
        if (is_int($kept) && $kept > 0 && $request->isSecure()) {
            $response->headers->set('Strict-Transport-Security', "max-age=$kept; includeSubDomains");
        }
        $response->headers->remove('X-Powered-By');

        return $response;
    }
}
