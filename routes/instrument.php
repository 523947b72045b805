<?php

declare(strict_types=1);

use App\Http\Controllers\DialController;
use App\Http\Controllers\InstrumentLineController;
use App\Http\Middleware\KnowInstrument;
use Illuminate\Support\Facades\Route;

/** What instruments speak: no session, no cookie, a token each. docs/instrument.md. */
Route::middleware(['throttle:instrument', KnowInstrument::class])->prefix('instrument')->group(function (): void {
    Route::get('/wanted', [InstrumentLineController::class, 'wanted']);
    Route::get('/frame', [InstrumentLineController::class, 'frame']);
    Route::post('/readings', [InstrumentLineController::class, 'store']);
    Route::post('/dial', [DialController::class, 'store']);
});
