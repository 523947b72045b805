<?php

declare(strict_types=1);

use App\Http\Controllers\SurveyController;
use App\Http\Middleware\QuietSession;
use App\Http\Middleware\SecurityHeaders;
use Illuminate\Cookie\Middleware\EncryptCookies;
use Illuminate\Support\Facades\Route;

// Fifty screens ask this every two seconds, so that it costs no more than a session that is read, the user, and one indexed query.
Route::middleware([EncryptCookies::class, QuietSession::class, SecurityHeaders::class, 'auth'])
    ->get('/jobs/{job}/surveys/{survey}/state', [SurveyController::class, 'state'])->name('survey.state');
