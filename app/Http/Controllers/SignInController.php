<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\SignInRequest;
use App\Models\User;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Inertia\Inertia;
use Inertia\Response;

final class SignInController
{
    public function show(): Response
    {
        return Inertia::render('SignIn/SignIn');
    }

    public function store(SignInRequest $request): RedirectResponse
    {
        if (! Auth::attempt($request->credentials(), $request->boolean('stay'))) {
            return back()->withErrors(['email' => 'This address and password do not go together.'])->onlyInput('email');
        }
        $request->session()->regenerate();

        return redirect()->intended('/');
    }

    public function home(Request $request): RedirectResponse
    {
        $user = $request->user();

        return redirect($user instanceof User && $user->leads() ? '/floor' : '/in-hand');
    }

    public function destroy(Request $request): RedirectResponse
    {
        Auth::guard('web')->logout();
        $request->session()->invalidate();
        $request->session()->regenerateToken();

        return redirect('/sign-in');
    }
}
