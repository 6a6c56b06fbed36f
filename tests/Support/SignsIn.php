<?php

declare(strict_types=1);

namespace Tests\Support;

use App\Models\Access\User;
use Database\Seeders\DemoSeeder;
use Illuminate\Auth\SessionGuard;
use Illuminate\Cookie\CookieValuePrefix;
use Illuminate\Session\DatabaseSessionHandler;
use Illuminate\Session\Store;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;
use Tests\BrowserTestCase;

/**
 * Who is signed in, in tests that use the application in a browser.
 *
 * @phpstan-require-extends BrowserTestCase
 */
trait SignsIn
{
    /**
     * Nobody is signed in any more. The page is left first: the answer to what it has asked for would bring a cookie
     * of another session after that of the page for signing in.
     */
    public function forgetSignIns(): void
    {
        $this->visit('/mark.svg');
        DB::table('sessions')->delete();
        $this->browser->manage()->deleteAllCookies();
    }

    /**
     * Somebody is signed in, without the page for it, which has tests of its own.
     *
     * @param string $at the page that they begin with
     */
    public function signIn(string $who, string $at = '/'): void
    {
        $user = User::query()
            ->where('email', "{$who}@alderquill.example")
            ->firstOrFail();
        $session = new Store('session', new DatabaseSessionHandler(DB::connection(), 'sessions', 60, $this->app));
        $session->start();
        $guard = Auth::guard('web');
        $session->put($guard instanceof SessionGuard ? $guard->getName() : '', $user->id);
        $session->save();
        // As the server says it, which encrypts its cookies.
        $name = config()->string('session.cookie');
        // A browser that has shown nothing yet takes no cookie.
        str_starts_with($this->browser->getCurrentURL(), 'http') || $this->visit('/mark.svg');
        $this->browser->manage()->addCookie([
            'name' => $name,
            'value' => Crypt::encrypt(CookieValuePrefix::create($name, Crypt::getKey()) . $session->getId(), false),
            'path' => '/',
            'httpOnly' => true,
        ]);
        $this->visit($at);
        $this->see('Current');
    }

    public function signInInstead(string $who, string $at = '/'): void
    {
        $this->forgetSignIns();
        $this->signIn($who, $at);
    }

    /** By the page for it. */
    public function signInByPassword(string $who): void
    {
        $this->visit('/sign-in');
        $this->fill('E-mail address', "{$who}@alderquill.example");
        $this->fill('Password', DemoSeeder::PASSWORD);
        $this->press('Sign in');
        $this->see('Current');
    }

    public function signOut(): void
    {
        $this->find("//button[@aria-haspopup='menu']")->click();
        $this->press('Sign out');
        // By the address, since the account page asks for a password as well.
        $this->until(
            fn(): bool => str_ends_with($this->browser->getCurrentURL(), '/sign-in'),
            fn(): string => 'Signing out does not lead to signing in. The page says:' . "\n" . $this->text(),
        );
    }
}
