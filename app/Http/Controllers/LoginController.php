<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\People\PurgeExpired;
use App\Http\Requests\LoginRequest;
use App\People\MailAddress;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

final class LoginController extends Controller
{
    public function create(): Response
    {
        return Inertia::render('login');
    }

    public function store(LoginRequest $request, PurgeExpired $purge): RedirectResponse
    {
        if (! Auth::attempt($request->credentials())) {
            $purge->handle();
            throw ValidationException::withMessages(['email' => 'This address and password do not go together. Check both and try again.']);
        }
        RateLimiter::clear(md5('login'.MailAddress::likeness($this->text($request, 'email'))));
        $request->session()->regenerate();

        return redirect()->intended('/jobs');
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/login');
    }
}
