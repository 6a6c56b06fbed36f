<?php

declare(strict_types=1);

namespace App\Http\Controllers\Access;

use App\Access\ChooseLocale;
use App\Access\ChoosePassword;
use App\Access\Credentials;
use App\Access\EndSessions;
use App\Http\Pages\Access\SessionLine;
use App\Http\Requests\Access\LocaleRequest;
use App\Http\Requests\Access\PasswordRequest;
use App\Http\Viewer;
use App\Models\Access\OpenSession;
use App\Words\Locale;
use App\Words\Locales;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\HttpFoundation\Response as HttpResponse;

/** One's own sign-in: the password, and where one is signed in. */
final class AccountController
{
    private const SESSIONS = 50;

    public function show(Request $request, Viewer $viewer): Response
    {
        $user = $viewer->user();
        $here = $request->session()->getId();

        return Inertia::render('Account/Account', [
            'email' => $user->email,
            'locale' => Locales::chosen($user->locale)->tag,
            'locales' => array_values(
                array_map(
                    static fn(Locale $one): array => ['value' => $one->tag, 'label' => $one->name],
                    Locales::offered(),
                ),
            ),
            'sessions' => static fn(): array => array_values(
                OpenSession::query()
                    ->where('user_id', $user->id)
                    ->orderByDesc('last_activity')
                    ->limit(self::SESSIONS)
                    ->get(['id', 'ip_address', 'user_agent', 'last_activity'])
                    ->map(static fn(OpenSession $session): array => SessionLine::of($session, $session->id === $here))
                    ->all(),
            ),
        ]);
    }

    public function password(
        PasswordRequest $request,
        Viewer $viewer,
        Credentials $credentials,
        ChoosePassword $choose,
        Words $words,
    ): RedirectResponse {
        $user = $viewer->user();
        $verdict = $credentials->check($user->email, $request->current(), (string) $request->ip());
        if ($verdict->user === null) {
            return back()->withErrors([
                'current' =>
                    $verdict->wait > 0
                        ? $words->say('sign_in.wait', ['minutes' => $verdict->minutes()])
                        : $words->say('account.not_current'),
            ]);
        }
        $choose($user, $request->password(), $request->session()->getId(), $viewer->actor());

        $request->session()->regenerate();

        return back()->with('done', $words->say('account.changed'));
    }

    /** The page is fetched anew as a whole, in its new words. */
    public function locale(LocaleRequest $request, Viewer $viewer, ChooseLocale $choose): HttpResponse
    {
        $choose($viewer->user(), $request->locale(), $viewer->actor());

        return Inertia::location('/account');
    }

    /** @param string|null $session null: all but this one */
    public function end(
        Request $request,
        Viewer $viewer,
        EndSessions $end,
        Words $words,
        ?string $session = null,
    ): RedirectResponse {
        $count = $end($viewer->user(), $session, $request->session()->getId(), $viewer->actor());

        return back()->with('done', $words->say('account.ended', ['count' => $count]));
    }
}
