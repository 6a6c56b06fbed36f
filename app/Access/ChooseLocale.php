<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\Access\User;
use App\Words\Locale;
use Illuminate\Support\Facades\DB;

/** In which language the product speaks to somebody, and how it writes dates and numbers for them. */
final class ChooseLocale
{
    public function __invoke(User $user, Locale $locale, Actor $by): void
    {
        if ($user->locale === $locale->tag) {
            return;
        }
        DB::transaction(static function () use ($user, $locale, $by): void {
            $user->update(['locale' => $locale->tag]);
            Audit::record($by, 'sign-in', 'locale_chosen', "chose {$locale->tag} for {$user->email}", $user);
        });
    }
}
