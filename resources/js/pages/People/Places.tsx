import clsx from 'clsx';
import { Head, Link, router } from '@inertiajs/react';
import type { PlacesPageProps } from '@props/House/PlacesPage';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { useShortcuts } from '@/lib/keys';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { FaultList } from '@/parts/FaultList';
import { PlaceDialog, type OpenPlace } from '@/parts/places/PlaceDialog';
import { COLUMNS, PlaceRow } from '@/parts/places/PlaceRow';
import { TableImport } from '@/parts/tables/TableImport';
import { Button } from '@/ui/Button';
import { Pages } from '@/ui/Pages';

function show(query: Record<string, string | number>): void {
    router.visit('/places', { data: query, preserveState: true, preserveScroll: true });
}

/** The way down to the part of the tree that is shown. */
function Path({ path }: Pick<PlacesPageProps, 'path'>) {
    return (
        <nav aria-label={say('places.path')} className="flex flex-wrap gap-2">
            <Link href="/places" className="text-sky underline">
                {say('places.all')}
            </Link>
            {path.map((one, at) => (
                <span key={one.value}>
                    <span aria-hidden>› </span>
                    {at === path.length - 1 ? (
                        one.label
                    ) : (
                        <Link href={`/places?in=${one.value}`} className="text-sky underline">
                            {one.label}
                        </Link>
                    )}
                </span>
            ))}
        </nav>
    );
}

function Find({ asked }: Pick<PlacesPageProps, 'asked'>) {
    const [text, setText] = useState(asked);
    return (
        <form
            className="flex gap-2"
            onSubmit={(event) => {
                event.preventDefault();
                show(text === '' ? {} : { q: text });
            }}
        >
            <input
                className="entry w-44"
                aria-label={say('places.find')}
                placeholder={say('places.find')}
                value={text}
                onChange={(event) => setText(event.target.value)}
            />
            <Button type="submit">{say('screen.customers.find')}</Button>
        </form>
    );
}

function Headings({ levels }: Pick<PlacesPageProps, 'levels'>) {
    return (
        <p className={clsx(COLUMNS, 'py-1 text-xs text-ink2')}>
            <span>{levels.map((one) => one.label).join(' › ')}</span>
            <span>{say('places.responsible')}</span>
            <span>{say('places.deputy')}</span>
            <span className="w-72" />
        </p>
    );
}

/** The tree of places, with whoever answers for each. */
export default function Places({ levels, asked, path, places, total, page, pages, people }: PlacesPageProps) {
    const [open, setOpen] = useState<OpenPlace | null>(null);
    const [importing, setImporting] = useState(false);
    const { faults, send } = useSending();
    const within = path[path.length - 1] ?? null;
    const make = (): void => setOpen({ place: null, within });
    const level = levels[path.length];
    useShortcuts(
        'page',
        say('places.title'),
        level === undefined ? [] : [{ key: 'n', does: say('places.new_one'), run: make }],
    );
    const retire = (slug: string, retired: boolean): void =>
        void send(async () => {
            await ask('POST', `/places/${slug}/retire`, JSON.stringify({ retired }));
            router.reload();
        });
    return (
        <div className="mx-auto my-6 max-w-5xl space-y-4 px-4">
            <Head title={say('places.title')} />
            <Link href="/people" className="text-sky underline">
                {say('people.title')}
            </Link>
            <header className="flex flex-wrap items-center gap-x-4 gap-y-2">
                <h1 className="text-xl font-semibold">{say('places.title')}</h1>
                <Find key={asked} asked={asked} />
                <span className="flex-1 text-ink2">{say('setup.steps.places.count', { count: total })}</span>
                <a href="/places/export" className="text-sky underline">
                    {say('customer.export')}
                </a>
                {levels[0] !== undefined && <Button onClick={() => setImporting(true)}>{say('customer.table')}</Button>}
                {level !== undefined && (
                    <Button look="main" onClick={make}>
                        {say('places.new', { level: level.label })}
                    </Button>
                )}
            </header>
            {path.length > 0 && <Path path={path} />}
            {levels.length === 0 && (
                <p className="box flex items-center gap-3 px-4 py-3">
                    {say('levels.first')}
                    <Link href="/house#levels" className="text-sky underline">
                        {say('levels.to')}
                    </Link>
                </p>
            )}
            <FaultList faults={faults} />
            <section aria-label={say('places.title')} className="box">
                <Headings levels={levels} />
                {places.length === 0 && (
                    <p className="border-t border-line px-4 py-3 text-ink2">
                        {asked === '' ? say('places.none') : say('place.none_found')}
                    </p>
                )}
                <ul>
                    {places.map((one) => (
                        <PlaceRow
                            key={one.slug}
                            place={one}
                            last={levels[levels.length - 1]?.value === one.level}
                            found={asked !== ''}
                            onOpen={setOpen}
                            onRetire={(retired) => retire(one.slug, retired)}
                        />
                    ))}
                </ul>
                <Pages
                    page={page}
                    pages={pages}
                    onShow={(at) =>
                        show({
                            ...(asked === '' ? {} : { q: asked }),
                            ...(within === null ? {} : { in: within.value }),
                            page: at,
                        })
                    }
                />
            </section>
            {open !== null && (
                <PlaceDialog
                    {...open}
                    title={open.place?.name ?? say('places.new_one')}
                    people={people}
                    onClose={() => setOpen(null)}
                />
            )}
            {importing && (
                <TableImport
                    kind="places"
                    title={say('places.table_title')}
                    note={say('places.table_note')}
                    example={'name\tin\tresponsible\tdeputy'}
                    onClose={() => setImporting(false)}
                />
            )}
        </div>
    );
}
