<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Carbon;

/** Reads the session of somebody who only asks for news, every two seconds: it is written down again no oftener than it takes to stay logged in. */
final class QuietSession extends StartSession
{
    private const KEPT_FOR_SECONDS = 600;

    private const KEPT_AT = 'quiet.kept';

    /** @param  Request  $request */
    protected function saveSession($request): void
    {
        $session = $request->session();
        $kept = $session->get(self::KEPT_AT);
        if (is_int($kept) && Carbon::now()->getTimestamp() - $kept < self::KEPT_FOR_SECONDS) {
            return;
        }
        $session->put(self::KEPT_AT, Carbon::now()->getTimestamp());
        parent::saveSession($request);
    }

    /**
     * Nobody is sent back to an address that answers no page.
     *
     * @param  \Illuminate\Contracts\Session\Session  $session
     */
    protected function storeCurrentUrl(Request $request, $session): void {}
}
