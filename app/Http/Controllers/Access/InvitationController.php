<?php

declare(strict_types=1);

namespace App\Http\Controllers\Access;

use App\Access\AcceptInvitation;
use App\Access\KnownMachine;
use App\Http\Requests\Access\InvitationRequest;
use App\Models\Access\Invitation;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Auth;
use Inertia\Inertia;
use Inertia\Response;

/** The link by which somebody who was invited chooses their password. Looking at it does not use it up. */
final class InvitationController
{
    public function show(string $secret): Response
    {
        $user = Invitation::by($secret)->with('user')->first()?->user;

        return Inertia::render('SignIn/Invitation', [
            'invited' =>
                $user === null
                    ? null
                    : ['name' => $user->name, 'email' => $user->email, 'address' => "/invitation/{$secret}"],
        ]);
    }

    public function accept(
        string $secret,
        InvitationRequest $request,
        AcceptInvitation $accept,
        KnownMachine $machine,
    ): RedirectResponse {
        $user = $accept($secret, $request->password()) ?? abort(404);
        $machine->remember($user->email);
        if (!$user->maySignIn()) {
            return redirect('/sign-in')->withErrors(['email' => app(Words::class)->sentence(SignInController::ENDED)]);
        }
        Auth::guard('web')->login($user);
        $request->session()->regenerate();

        return redirect('/');
    }
}
