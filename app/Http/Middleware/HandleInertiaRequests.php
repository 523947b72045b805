<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Props\UserProps;
use App\Models\User;
use Illuminate\Http\Request;
use Inertia\Middleware;

/** What every page gets. */
final class HandleInertiaRequests extends Middleware
{
    protected $rootView = 'app';

    /** @return array<string, mixed> */
    public function share(Request $request): array
    {
        $user = $request->user();

        return [
            ...parent::share($request),
            'user' => $user instanceof User ? UserProps::from($user) : null,
            'notice' => fn (): mixed => $request->session()->get('notice'),
        ];
    }
}
