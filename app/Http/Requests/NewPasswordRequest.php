<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\People\MailAddress;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rules\Password;

/** A password that somebody chooses by a link. */
final class NewPasswordRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['token' => ['required', 'string', 'max:200'], 'email' => ['required', 'string', 'max:190'], 'invited' => ['boolean'], 'password' => ['required', 'string', 'max:200', Password::min(10)]];
    }

    /** @return array<string, string|\Closure> */
    public function credentials(): array
    {
        return [
            'email' => MailAddress::of($this->string('email')->value()) ?? '', 'token' => $this->string('token')->value(), 'password' => $this->string('password')->value(),
            // Who has left chooses no password.
            'open' => function (Builder $query): void {
                $query->whereNull('deactivated_at');
            },
        ];
    }
}
