<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response as PlainResponse;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\HttpFoundation\Response;

/** A form sent twice is stored once: it comes with an id of its own, and the second sending gets the answer of the first. */
final class StoreOnce
{
    private const KEPT_SECONDS = 86_400;

    private const WAIT_SECONDS = 10;

    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $form = (string) $request->header('X-Form-Id');
        if (! $request->isMethod('POST') || preg_match('/\A[A-Za-z0-9-]{8,64}\z/', $form) !== 1) {
            return $next($request);
        }
        $key = 'form.'.sha1(json_encode([$request->user()?->getAuthIdentifier(), $request->path(), $form], JSON_THROW_ON_ERROR));

        /** @var Response */
        return Cache::lock("$key.lock", self::WAIT_SECONDS)->block(self::WAIT_SECONDS, function () use ($request, $next, $key): Response {
            $kept = Cache::get($key);
            if (is_array($kept)) {
                return $this->again($kept);
            }
            $response = $next($request);
            // What was refused is put right and sent again under the same id.
            if ($response->getStatusCode() < 400 && ! $request->session()->has('errors')) {
                Cache::put($key, [$response->getStatusCode(), (string) $response->getContent(), (string) $response->headers->get('Content-Type'), $response->headers->get('Location')], self::KEPT_SECONDS);
            }

            return $response;
        });
    }

    /** @param  array<array-key, mixed>  $kept */
    private function again(array $kept): Response
    {
        [$status, $content, $type, $location] = [...$kept, null, null, null, null];
        if (is_string($location)) {
            return new RedirectResponse($location, is_int($status) ? $status : 302);
        }

        return new PlainResponse(is_string($content) ? $content : '', is_int($status) ? $status : 200, ['Content-Type' => is_string($type) ? $type : 'application/json']);
    }
}
