<?php

declare(strict_types=1);

namespace App\Actions\People;

use App\Models\User;
use App\Notifications\Invitation;
use App\People\Mails;
use Illuminate\Auth\Notifications\ResetPassword;
use Illuminate\Auth\Passwords\PasswordBroker;
use Illuminate\Support\Facades\Password;

/** Links to choose a password: sent where the server sends mail, and told to whoever asked for them where it does not. */
final readonly class PasswordLinks
{
    /** @return ?string the link, where it was not sent */
    public function invite(User $invited, string $by): ?string
    {
        $link = route('invitation', ['token' => $this->broker('invitations')->createToken($invited), 'email' => $invited->email]);
        if (! Mails::areSent()) {
            return $link;
        }
        $invited->notify(new Invitation($link, $by));

        return null;
    }

    /** @return ?string the link, where it was not sent */
    public function reset(User $user): ?string
    {
        $token = $this->broker('users')->createToken($user);
        if (! Mails::areSent()) {
            return route('password.reset', ['token' => $token, 'email' => $user->email]);
        }
        $user->notify(new ResetPassword($token));

        return null;
    }

    private function broker(string $name): PasswordBroker
    {
        $broker = Password::broker($name);
        assert($broker instanceof PasswordBroker);

        return $broker;
    }
}
