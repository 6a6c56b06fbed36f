<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Http\Controllers\Access\SignInController;
use App\Models\Access\User;
use App\Words\Words;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** Whoever has left the house, or is not to sign in any more, is signed out, wherever they had signed in. */
final class EndsWithThePerson
{
    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();
        if ($user instanceof User && !$user->maySignIn()) {
            Auth::guard('web')->logout();
            $request->session()->invalidate();

            return redirect('/sign-in')->withErrors(['email' => app(Words::class)->sentence(SignInController::ENDED)]);
        }

        return $next($request);
    }
}
