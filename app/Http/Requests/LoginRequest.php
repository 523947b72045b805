<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\People\MailAddress;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Foundation\Http\FormRequest;

final class LoginRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['email' => ['required', 'string', 'max:190'], 'password' => ['required', 'string', 'max:200']];
    }

    /** @return array<string, string|\Closure> of an account that is open */
    public function credentials(): array
    {
        // An address in any other letters is nobody's, whatever it looks like.
        return ['email' => MailAddress::of($this->string('email')->value()) ?? '', 'password' => $this->string('password')->value(), 'open' => function (Builder $query): void {
            $query->whereNull('deactivated_at')->whereNull('invited_at');
        }];
    }
}
