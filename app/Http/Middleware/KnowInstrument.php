<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\Instrument;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Lets in what carries the token of an instrument; only the hash of a token is kept. */
final class KnowInstrument
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $token = $request->bearerToken() ?? '';
        $instrument = $token === '' ? null : Instrument::where('token_hash', hash('sha256', $token))->first();
        if ($instrument === null) {
            return new \Illuminate\Http\Response("{\"error\":\"This token is not known. Get a new one on the page of the instrument.\"}\n", 401, ['Content-Type' => 'application/x-ndjson', 'WWW-Authenticate' => 'Bearer']);
        }
        $request->attributes->set('instrument', $instrument);

        return $next($request);
    }
}
