import clsx from 'clsx';
import { Link, router, usePage } from '@inertiajs/react';
import { useState, type ReactNode } from 'react';
import { useCurrent } from '@/lib/current';
import { useShortcuts } from '@/lib/keys';
import { measureBy } from '@/lib/load';
import { say } from '@/lib/words';
import { useShared, type Shared } from '@/lib/shared';
import { Menu } from '@/ui/Menu';
import { Mark } from './Mark';
import { PersonMark } from './PersonMark';
import { Notice } from './Notice';
import { Search } from './Search';
import { Shortcuts } from './Shortcuts';
import { StatusStrip } from './StatusStrip';

/**
 * What is on its way when it is chosen, or is sent meanwhile, neither keeps anybody from signing out nor shows a page
 * of theirs again after that: signing in begins with a page that is loaded anew.
 */
function signOut(): void {
    router.post('/sign-out', {}, { async: true, onSuccess: () => window.location.assign('/sign-in') });
}

function setScheme(scheme: 'light' | 'dark'): void {
    localStorage.setItem('scheme', scheme);
    document.documentElement.dataset.scheme = scheme;
}

function ViewerMenu({ viewer, onKeys }: { viewer: NonNullable<Shared['viewer']>; onKeys: () => void }) {
    return (
        <Menu
            trigger={
                <button type="button" className="inline-flex items-center gap-2 rounded px-2 py-1 hover:bg-pine-wash">
                    {viewer.slug !== null && <PersonMark slug={viewer.slug} size={18} />}
                    <span className="max-w-28 truncate xl:max-w-40">{viewer.name}</span>
                </button>
            }
            items={[
                ...(viewer.slug === null
                    ? []
                    : [{ label: say('screen.frame.my_page'), run: () => router.visit('/me') }]),
                { label: say('screen.frame.my_sign_in'), run: () => router.visit('/account') },
                ...(viewer.administers
                    ? [{ label: say('screen.frame.sign_ins'), run: () => router.visit('/sign-ins') }]
                    : []),
                { label: say('screen.frame.light'), run: () => setScheme('light') },
                { label: say('screen.frame.dark'), run: () => setScheme('dark') },
                { label: say('screen.frame.keys'), run: onKeys },
                { label: say('screen.frame.sign_out'), run: signOut },
            ]}
        />
    );
}

/** Pages that one comes to from a place without being below its address. */
const BELOW: Record<string, string[]> = { house: ['/setup', '/changes', '/places'] };

/** The bar at the top, the page, the strip at the bottom. */
export function Frame({ children }: { children: ReactNode }) {
    const { viewer, status } = useShared();
    if (status !== null) measureBy(status.measure);
    const { url } = usePage();
    const state = useCurrent();
    const [keys, setKeys] = useState(false);
    useShortcuts('anywhere', say('keys.anywhere'), [
        { key: 'i', does: say('keys.in_hand_go'), run: () => router.visit('/in-hand') },
        { key: '?', does: say('keys.keys'), run: () => setKeys(true) },
        ...(viewer?.creates === true
            ? [{ key: 'n', does: say('keys.new_task'), run: () => router.visit('/tasks/new') }]
            : []),
    ]);

    return (
        <div className="flex h-screen min-w-80 flex-col">
            <a href="#main" className="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-paper focus:p-2">
                {say('screen.frame.to_the_page')}
            </a>
            <header className="flex min-h-12 shrink-0 flex-wrap items-center border-b border-line bg-paper px-4">
                <span className="me-2 inline-flex items-center gap-2 font-semibold whitespace-nowrap 2xl:me-5">
                    <Mark />
                    <span className="hidden sm:inline">{say('screen.frame.open_baton')}</span>
                </span>
                <nav aria-label={say('screen.frame.places')} className="flex flex-wrap gap-x-1">
                    {status?.settingUp === true && (
                        <Link
                            href="/setup"
                            aria-current={url.startsWith('/setup') ? 'page' : undefined}
                            className="inline-flex h-12 items-center px-2 font-semibold whitespace-nowrap text-ochre"
                        >
                            {say('setup.link')}
                        </Link>
                    )}
                    {viewer?.places.map((one) => {
                        const here = [one.url, ...(BELOW[one.place] ?? [])].some((path) => url.startsWith(path));
                        return (
                            <Link
                                key={one.place}
                                href={one.url}
                                aria-current={here ? 'page' : undefined}
                                className={clsx(
                                    'inline-flex h-12 items-center border-b-2 px-2 whitespace-nowrap 2xl:px-3',
                                    here ? 'border-pine font-semibold' : 'border-transparent text-ink2 hover:text-ink',
                                )}
                            >
                                {say(`nav.${one.place}`)}
                            </Link>
                        );
                    })}
                </nav>
                <div className="ms-auto flex items-center gap-3">
                    <div className="hidden md:block">
                        <Search />
                    </div>
                    {viewer?.creates === true && (
                        <Link href="/tasks/new" className="whitespace-nowrap text-sky hover:underline">
                            {say('screen.common.new_task')}
                        </Link>
                    )}
                    {status !== null && status.news !== null && (
                        <Link
                            href="/news"
                            className={clsx('whitespace-nowrap', status.news > 0 && 'font-semibold text-plum')}
                        >
                            {say('news.bar', { count: status.news })}
                        </Link>
                    )}
                    {viewer !== null && <ViewerMenu viewer={viewer} onKeys={() => setKeys(true)} />}
                </div>
            </header>
            <Notice />
            <main id="main" tabIndex={-1} className="relative min-h-0 flex-1 overflow-auto outline-none">
                {children}
            </main>
            <StatusStrip state={state} />
            <Shortcuts open={keys} onOpenChange={setKeys} />
        </div>
    );
}
