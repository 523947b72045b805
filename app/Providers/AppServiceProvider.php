<?php

declare(strict_types=1);

namespace App\Providers;

use App\People\MailAddress;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    private const TRIES_AT_AN_ADDRESS = 8;

    /** A shop logs in from one address. */
    private const TRIES_OF_A_CLIENT = 40;

    public function boot(): void
    {
        Model::shouldBeStrict(! $this->app->isProduction());
        Vite::useCspNonce();
        RateLimiter::for('instrument', fn (Request $request): Limit => Limit::perMinute(600)->by(hash('sha256', $request->bearerToken() ?? '').'|'.$request->ip()));
        // By address, however it is spelt and wherever it is tried from; and by client, whatever addresses it tries.
        RateLimiter::for('login', fn (Request $request): array => [
            Limit::perMinute(self::TRIES_AT_AN_ADDRESS)->by(MailAddress::likeness($this->typed($request))),
            Limit::perMinute(self::TRIES_OF_A_CLIENT)->by('client|'.$request->ip()),
        ]);
    }

    private function typed(Request $request): string
    {
        $email = $request->input('email') ?? $request->user()?->email;

        return is_string($email) ? $email : '';
    }
}
