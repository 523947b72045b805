<?php

declare(strict_types=1);

use App\Http\Controllers\HealthController;
use App\Http\Failures\FailureResponses;
use App\Http\Middleware\HandleInertiaRequests;
use App\Http\Middleware\OnlyActive;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\StoreOnce;
use App\Http\Middleware\TrustConfiguredHosts;
use App\Http\Middleware\TrustConfiguredProxies;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Support\Facades\Route;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        commands: __DIR__.'/../routes/console.php',
        then: function (): void {
            Route::group([], __DIR__.'/../routes/instrument.php');
            Route::group([], __DIR__.'/../routes/news.php');
            Route::get('/up', HealthController::class);
        },
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->prepend([SecurityHeaders::class, TrustConfiguredHosts::class]);
        $middleware->replace(TrustProxies::class, TrustConfiguredProxies::class);
        $middleware->web(append: [OnlyActive::class, HandleInertiaRequests::class, StoreOnce::class]);
        $middleware->redirectGuestsTo('/login');
        $middleware->redirectUsersTo('/jobs');
        $middleware->trimStrings(except: ['password', 'current']);
    })
    ->withExceptions(fn (Exceptions $exceptions) => FailureResponses::register($exceptions))
    ->create();
