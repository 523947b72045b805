<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Role;
use App\Models\User;
use App\People\MailAddress;
use Closure;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

final class InvitationRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return ['name' => ['required', 'string', 'max:120'], 'role' => ['required', Rule::enum(Role::class)], 'email' => ['required', 'string', 'max:190', $this->free(...)]];
    }

    public function email(): string
    {
        return MailAddress::of($this->string('email')->value()) ?? '';
    }

    public function name(): string
    {
        return trim($this->string('name')->value());
    }

    public function role(): Role
    {
        return Role::from($this->string('role')->value());
    }

    private function free(string $attribute, mixed $value, Closure $fail): void
    {
        $address = is_string($value) ? MailAddress::of($value) : null;
        if ($address === null) {
            $fail('Give a mail address such as anna@example.org, in plain letters.');
        } elseif (User::query()->where('email', $address)->exists()) {
            $fail('Somebody has this address already.');
        }
    }
}
