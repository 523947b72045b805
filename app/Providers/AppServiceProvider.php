<?php

declare(strict_types=1);

namespace App\Providers;

use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Model::shouldBeStrict(! $this->app->isProduction());
        Vite::useCspNonce();
        RateLimiter::for('instrument', fn (Request $request): Limit => Limit::perMinute(600)->by(hash('sha256', $request->bearerToken() ?? '').'|'.$request->ip()));
        RateLimiter::for('login', fn (Request $request): Limit => Limit::perMinute(8)->by(mb_strtolower($request->string('email')->value()).'|'.$request->ip()));
    }
}
