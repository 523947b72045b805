<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;

/** Whether Geodex and its database are there, for whatever watches them. */
final class HealthController
{
    public function __invoke(): Response
    {
        try {
            DB::select('select 1');
        } catch (\Throwable) {
            return new Response("The database does not answer.\n", 503, ['Content-Type' => 'text/plain', 'Cache-Control' => 'no-store']);
        }

        return new Response("up\n", 200, ['Content-Type' => 'text/plain', 'Cache-Control' => 'no-store']);
    }
}
