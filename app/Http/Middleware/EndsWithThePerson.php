<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Models\User;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Whoever has left the house is signed out, wherever they had signed in. */
final class EndsWithThePerson
{
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        // Who is only inactive gets no work, and may still look.
        if ($user instanceof User && $user->person !== null && ! $user->person->active && $user->person->member_until !== null) {
            Auth::guard('web')->logout();
            $request->session()->invalidate();

            return redirect('/sign-in')->withErrors(['email' => 'This sign-in has ended with your time at the house.']);
        }
        /** @var Response $response */
        $response = $next($request);

        return $response;
    }
}
