import { Head, router } from '@inertiajs/react';
import type { AccountPageProps, SessionLine } from '@props/Access/AccountPage';
import { useFormats } from '@/lib/format';
import { say } from '@/lib/words';
import { PasswordForm } from '@/parts/PasswordForm';
import { Button } from '@/ui/Button';

function Session({ session }: { session: SessionLine }) {
    const formats = useFormats();
    const program =
        session.browser === null || session.system === null
            ? say('account.unknown')
            : say('account.on', { browser: session.browser, system: session.system });
    return (
        <li className="flex flex-wrap items-baseline gap-x-4 border-t border-line py-1.5">
            <span className="font-medium">{program}</span>
            <span className="font-mono text-xs text-ink2">{session.ip}</span>
            <span className="text-ink2">
                {session.here ? say('account.here') : say('account.seen', { moment: formats.moment(session.at) })}
            </span>
            {!session.here && (
                <Button
                    look="quiet"
                    className="ms-auto"
                    aria-label={`${say('account.end')}: ${program}, ${session.ip ?? ''}`}
                    onClick={() => router.delete(`/account/sessions/${session.name}`, { preserveScroll: true })}
                >
                    {say('account.end')}
                </Button>
            )}
        </li>
    );
}

/** The language of the product; the page comes anew in it. */
function LocaleChoice({ locale, locales }: Pick<AccountPageProps, 'locale' | 'locales'>) {
    return (
        <section className="box p-5" aria-label={say('account.locale')}>
            <h2 className="font-semibold">{say('account.locale')}</h2>
            <p className="mb-3 text-ink2">{say('account.locale_hint')}</p>
            <select
                className="entry w-72"
                aria-label={say('account.locale')}
                value={locale}
                onChange={(event) => router.post('/account/locale', { locale: event.target.value })}
            >
                {locales.map((one) => (
                    <option key={one.value} value={one.value} lang={one.value}>
                        {one.label}
                    </option>
                ))}
            </select>
        </section>
    );
}

/** One's own sign-in: the password, and where one is signed in. */
export default function Account({ email, locale, locales, sessions }: AccountPageProps) {
    return (
        <div className="mx-auto my-6 max-w-3xl space-y-6 px-4">
            <Head title={say('account.title')} />
            <h1 className="text-xl font-semibold">
                {say('account.title')} <span className="font-normal text-ink2">{email}</span>
            </h1>
            <section className="box p-5" aria-label={say('account.password')}>
                <h2 className="font-semibold">{say('account.password')}</h2>
                <p className="mb-4 text-ink2">{say('account.change_hint')}</p>
                <PasswordForm action="/account/password" email={email} asksCurrent send={say('account.change')} />
            </section>
            <LocaleChoice locale={locale} locales={locales} />
            <section className="box p-5" aria-label={say('account.sessions')}>
                <h2 className="mb-2 font-semibold">{say('account.sessions')}</h2>
                <ul>
                    {sessions.map((one) => (
                        <Session key={one.name} session={one} />
                    ))}
                </ul>
                {sessions.length > 1 && (
                    <p className="mt-3 flex items-center gap-3">
                        <Button onClick={() => router.delete('/account/sessions', { preserveScroll: true })}>
                            {say('account.end_others')}
                        </Button>
                        <span className="text-ink2">{say('account.end_hint')}</span>
                    </p>
                )}
            </section>
        </div>
    );
}
