<?php

declare(strict_types=1);

namespace App\Http\Controllers\Access;

use App\Access\MakeAccessToken;
use App\Access\RevokeAccessToken;
use App\Http\Requests\Access\TokenRequest;
use App\Http\Viewer;
use App\Models\Access\AccessToken;
use App\Models\Access\User;
use App\Words\Words;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\Gate;

/** Tokens of other systems, kept by administrators. A token is shown once, to whoever makes it. */
final class TokensController
{
    public function store(TokenRequest $request, Viewer $viewer, MakeAccessToken $make): JsonResponse
    {
        $token = $make(
            $request->owner(),
            trim($request->string('name')->toString()),
            $request->abilities(),
            $request->until(),
            $viewer->actor(),
        );

        return new JsonResponse(['secret' => $token], 201, ['Cache-Control' => 'no-store']);
    }

    public function revoke(
        AccessToken $token,
        Viewer $viewer,
        RevokeAccessToken $revoke,
        Words $words,
    ): RedirectResponse {
        Gate::authorize('administer', User::class);
        $revoke($token, $viewer->actor());

        return back()->with('done', $words->say('sign_ins.revoked', ['name' => $token->name]));
    }
}
