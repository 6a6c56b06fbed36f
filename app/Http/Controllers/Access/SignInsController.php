<?php

declare(strict_types=1);

namespace App\Http\Controllers\Access;

use App\Access\EndSessions;
use App\Access\EndSignIn;
use App\Access\InviteUser;
use App\Access\JoinSignIn;
use App\Access\MakeSignIn;
use App\Http\Pages\Access\SignInsPage;
use App\Http\Requests\Access\NewSignInRequest;
use App\Http\Viewer;
use App\Models\Access\User;
use App\Models\People\Person;
use App\Words\Words;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use Inertia\Inertia;
use Inertia\Response;

/** Who may sign in, kept by administrators. Invitations are shown once, to whoever makes them. */
final class SignInsController
{
    public function index(SignInsPage $page): Response
    {
        Gate::authorize('administer', User::class);

        return Inertia::render('SignIns/SignIns', $page->props());
    }

    public function store(NewSignInRequest $request, Viewer $viewer, MakeSignIn $make, InviteUser $invite): JsonResponse
    {
        $secret = DB::transaction(static function () use ($request, $viewer, $make, $invite): string {
            $user = $make(
                $request->name(),
                $request->string('email')->toString(),
                $request->role(),
                $request->person(),
                $viewer->actor(),
            );

            return $invite($user, $viewer->actor());
        });

        return self::invitation($secret);
    }

    /** Whose it is: somebody of the house without another sign-in, or nobody. */
    public function join(User $user, Request $request, Viewer $viewer, JoinSignIn $join): JsonResponse
    {
        Gate::authorize('administer', User::class);
        $request->validate(
            [
                'person' => [
                    'present',
                    'nullable',
                    'string',
                    Rule::exists('people', 'slug')->whereNull('user_id')->where('active', true),
                ],
            ],
            ['person.*' => 'Choose somebody of the house who has no sign-in yet.'],
        );
        $person = Person::query()
            ->where('slug', $request->string('person')->toString())
            ->first();
        $join($user, $person, $viewer->actor());

        return new JsonResponse(['saved' => true]);
    }

    public function invite(User $user, Viewer $viewer, InviteUser $invite): JsonResponse
    {
        Gate::authorize('administer', User::class);

        return self::invitation($invite($user, $viewer->actor()));
    }

    public function end(User $user, Viewer $viewer, EndSignIn $end, Words $words): RedirectResponse
    {
        Gate::authorize('end', $user);
        $end($user, $viewer->actor());

        return back()->with('done', $words->say('sign_ins.ended', ['name' => $user->name]));
    }

    public function signOut(User $user, Viewer $viewer, EndSessions $end, Words $words): RedirectResponse
    {
        Gate::authorize('end', $user);
        $count = $end($user, null, null, $viewer->actor());

        return back()->with('done', $words->say('account.ended', ['count' => $count]));
    }

    private static function invitation(string $secret): JsonResponse
    {
        return new JsonResponse(['secret' => url("invitation/{$secret}")], 201, ['Cache-Control' => 'no-store']);
    }
}
