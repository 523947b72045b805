<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Actions\People\EndSessions;
use App\Actions\People\PasswordLinks;
use App\Http\Requests\NewPasswordRequest;
use App\Models\AuditEntry;
use App\Models\User;
use App\People\MailAddress;
use App\People\Mails;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Password;
use Illuminate\Validation\ValidationException;
use Inertia\Inertia;
use Inertia\Response;

/** Passwords that were forgotten, and those that are chosen for the first time. */
final class PasswordController extends Controller
{
    public function forgotten(): Response
    {
        return Inertia::render('forgotten', ['mails' => Mails::areSent()]);
    }

    /** Says the same whoever asks, so that nobody learns who has an account. */
    public function send(Request $request, PasswordLinks $links): RedirectResponse
    {
        $address = MailAddress::of($this->text($request, 'email'));
        $user = $address === null ? null : User::query()->active()->where('email', $address)->first();
        if ($user !== null && Mails::areSent()) {
            $links->reset($user);
        }

        return redirect('/login')->with('notice', 'If this address has an account, a link to choose a password is on its way.');
    }

    public function reset(Request $request, string $token): Response
    {
        return $this->form($request, $token, false);
    }

    public function invitation(Request $request, string $token): Response
    {
        return $this->form($request, $token, true);
    }

    public function choose(NewPasswordRequest $request, EndSessions $sessions): RedirectResponse
    {
        $broker = $request->boolean('invited') ? 'invitations' : 'users';
        $status = Password::broker($broker)->reset($request->credentials(), function (User $user, string $password) use ($broker, $sessions): void {
            $user->update(['password' => $password, 'invited_at' => null]);
            $sessions->handle($user);
            AuditEntry::note($user->workshop_id, $user, $broker === 'invitations' ? 'came in' : 'chose a new password', $user->email);
        });
        if ($status !== Password::PASSWORD_RESET) {
            throw ValidationException::withMessages(['password' => 'This link was used already, or is too old. Ask the owner of the shop for a new one.']);
        }

        return redirect('/login')->with('notice', 'Your password is kept. Log in with it.');
    }

    private function form(Request $request, string $token, bool $invited): Response
    {
        return Inertia::render('choose-password', ['token' => $token, 'email' => $this->text($request, 'email'), 'invited' => $invited]);
    }
}
