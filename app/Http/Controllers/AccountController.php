<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\People\EndSessions;
use App\Http\Props\AccountProps;
use App\Http\Requests\AccountRequest;
use App\Models\AuditEntry;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\Rules\Password;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** What everybody sets for themselves. */
final class AccountController extends Controller
{
    public function edit(Request $request): Response
    {
        return Inertia::render('account', ['account' => AccountProps::from($this->user($request), $request->session()->getId())]);
    }

    public function update(AccountRequest $request): RedirectResponse
    {
        $this->user($request)->update($request->preferences());

        return back()->with('notice', 'Kept.');
    }

    public function password(Request $request, EndSessions $sessions): RedirectResponse
    {
        $user = $this->user($request);
        $request->validate(['current' => ['required', 'string', 'max:200'], 'password' => ['required', 'string', 'max:200', Password::min(10)]]);
        if (! Hash::check($this->text($request, 'current'), $user->password)) {
            throw ValidationException::withMessages(['current' => 'This is not your password now.']);
        }
        $user->update(['password' => $this->text($request, 'password')]);
        $sessions->handle($user, $request->session()->getId());
        AuditEntry::note($user->workshop_id, $user, 'changed own password', $user->email);

        return back()->with('notice', 'Your password is changed; you are logged out everywhere else.');
    }

    public function logOutElsewhere(Request $request, EndSessions $sessions): RedirectResponse
    {
        $ended = $sessions->handle($this->user($request), $request->session()->getId());

        return back()->with('notice', match ($ended) {
            0 => 'You were logged in nowhere else.', 1 => 'One other session is ended.', default => "$ended other sessions are ended."
        });
    }
}
