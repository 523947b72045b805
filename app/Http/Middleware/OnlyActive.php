<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Who was deactivated is out at the next click. */
final class OnlyActive
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User && $user->deactivated_at !== null) {
            Auth::guard('web')->logout();
            if ($request->hasSession()) {
                $request->session()->invalidate();
            }
            abort_if($request->expectsJson() && ! $request->headers->has('X-Inertia'), 401);

            return redirect('/login')->with('notice', 'This account was closed by the owner of the shop.');
        }

        return $next($request);
    }
}
