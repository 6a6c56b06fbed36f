<?php

declare(strict_types=1);

namespace App\Http\Controllers\Access;

use App\Access\Credentials;
use App\Http\Requests\Access\SignInRequest;
use App\Models\Access\User;
use App\Models\House\House;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Inertia\Inertia;
use Inertia\Response;

final class SignInController
{
    public const ENDED = 'This sign-in has ended. Ask an administrator of the house.';

    public function show(): Response
    {
        return Inertia::render('SignIn/SignIn');
    }

    public function store(SignInRequest $request, Credentials $credentials, Words $words): RedirectResponse
    {
        $verdict = $credentials->check($request->address(), $request->password(), (string) $request->ip());
        $user = $verdict->user;
        if ($user === null) {
            return self::refuse(
                $verdict->wait > 0
                    ? $words->say('sign_in.wait', ['minutes' => $verdict->minutes()])
                    : $words->say('sign_in.wrong'),
            );
        }
        if (!$user->maySignIn()) {
            return self::refuse($words->sentence(self::ENDED));
        }
        Auth::guard('web')->login($user, $request->boolean('stay'));
        $request->session()->regenerate();

        return redirect()->intended('/');
    }

    public function home(Request $request): RedirectResponse
    {
        $user = $request->user();

        if (!($user instanceof User) || !$user->leads()) {
            return redirect('/in-hand');
        }

        return redirect(House::query()->whereNotNull('set_up_at')->exists() ? '/floor' : '/setup');
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::guard('web')->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/sign-in');
    }

    private static function refuse(string $why): RedirectResponse
    {
        return back()
            ->withErrors(['email' => $why])
            ->onlyInput('email');
    }
}
