import clsx from 'clsx';
import { Head, Link, router, useForm } from '@inertiajs/react';
import type { PlaceLine, PlacesPageProps } from '@props/House/PlacesPage';
import { useState } from 'react';
import { say } from '@/lib/words';
import { PersonChoice } from '@/parts/PersonChoice';
import { PersonName } from '@/parts/PersonMark';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';

type Open = { place: PlaceLine | null; parent: string };

function PlaceDialog({
    place,
    parent,
    title,
    people,
    onClose,
}: Open & { title: string; people: PlacesPageProps['people']; onClose: () => void }) {
    const form = useForm({
        name: place?.name ?? '',
        parent,
        responsible: place?.responsible?.slug ?? '',
        deputy: place?.deputy?.slug ?? '',
    });
    const send = (): void =>
        form.post(place === null ? '/places' : `/places/${place.slug}`, { preserveScroll: true, onSuccess: onClose });
    return (
        <Dialog open onOpenChange={(open) => !open && onClose()} title={title} description={say('places.inherits')}>
            <DialogForm busy={form.processing} onLeave={onClose} onSend={send}>
                <Labelled label={say('people.name')} wrong={form.errors.name}>
                    <input
                        className="entry"
                        maxLength={200}
                        value={form.data.name}
                        onChange={(event) => form.setData('name', event.target.value)}
                    />
                </Labelled>
                {(['responsible', 'deputy'] as const).map((role) => (
                    <Labelled key={role} label={say(`places.${role}`)} wrong={form.errors[role]}>
                        <PersonChoice
                            people={people}
                            first={[{ value: '', label: say('places.as_above') }]}
                            value={form.data[role]}
                            onChange={(slug) => form.setData(role, slug)}
                        />
                    </Labelled>
                ))}
            </DialogForm>
        </Dialog>
    );
}

type NodeProps = {
    place: PlaceLine;
    depth: number;
    all: PlaceLine[];
    levels: PlacesPageProps['levels'];
    onOpen: (open: Open) => void;
};

/** Whoever answers for a place: its own, or the nearest above it. */
function answering(
    place: PlaceLine,
    role: 'responsible' | 'deputy',
    all: PlaceLine[],
): { person: PlaceLine['responsible']; own: boolean } {
    for (let at: PlaceLine | undefined = place; at !== undefined;) {
        if (at[role] !== null) return { person: at[role], own: at === place };
        const above: string | null = at.parent;
        at = all.find((one) => one.slug === above);
    }
    return { person: null, own: true };
}

function Node({ place, depth, all, levels, onOpen }: NodeProps) {
    const below = all.filter((one) => one.parent === place.slug);
    const last = levels[levels.length - 1]?.value === place.level;
    return (
        <>
            <li
                className={clsx(
                    'grid grid-cols-[minmax(200px,1.4fr)_minmax(150px,1fr)_minmax(150px,1fr)_230px]',
                    'items-center gap-x-3 border-t border-line px-4 py-1',
                )}
            >
                <span className="min-w-0" style={{ paddingInlineStart: depth * 20 }}>
                    {place.name}{' '}
                    {place.customers > 0 && (
                        <span className="text-xs text-ink2">
                            {say('screen.customers.count', { count: place.customers })}
                        </span>
                    )}
                </span>
                {(['responsible', 'deputy'] as const).map((role) => {
                    const { person, own } = answering(place, role, all);
                    return (
                        <span
                            key={role}
                            className={own ? '' : 'text-ink2'}
                            title={own ? undefined : say('places.from_above')}
                        >
                            {person === null ? (
                                <span className="text-ink2">{say('places.nobody')}</span>
                            ) : (
                                <PersonName {...person} />
                            )}
                        </span>
                    );
                })}
                <span className="flex justify-end whitespace-nowrap">
                    {!last && (
                        <Button
                            look="quiet"
                            className="min-h-6"
                            aria-label={say('places.add_to', { name: place.name })}
                            onClick={() => onOpen({ place: null, parent: place.slug })}
                        >
                            {say('places.add')}
                        </Button>
                    )}
                    <Button
                        look="quiet"
                        className="min-h-6"
                        aria-label={say('places.change_of', { name: place.name })}
                        onClick={() => onOpen({ place, parent: place.parent ?? '' })}
                    >
                        {say('absence.edit')}
                    </Button>
                    {below.length === 0 && place.customers === 0 && (
                        <Button
                            look="quiet"
                            className="min-h-6"
                            aria-label={say('places.remove_of', { name: place.name })}
                            onClick={() => router.delete(`/places/${place.slug}`, { preserveScroll: true })}
                        >
                            {say('people.take_out')}
                        </Button>
                    )}
                </span>
            </li>
            {below.map((one) => (
                <Node key={one.slug} place={one} depth={depth + 1} all={all} levels={levels} onOpen={onOpen} />
            ))}
        </>
    );
}

/** The tree of places, with whoever answers for each. */
export default function Places({ levels, places, people }: PlacesPageProps) {
    const [open, setOpen] = useState<Open | null>(null);
    return (
        <div className="mx-auto my-6 max-w-5xl space-y-4 px-4">
            <Head title={say('places.title')} />
            <Link href="/people" className="text-sky underline">
                {say('people.title')}
            </Link>
            <header className="flex items-baseline justify-between">
                <h1 className="text-xl font-semibold">{say('places.title')}</h1>
                {levels[0] !== undefined && (
                    <Button look="main" onClick={() => setOpen({ place: null, parent: '' })}>
                        {say('places.new', { level: levels[0].label })}
                    </Button>
                )}
            </header>
            {levels.length === 0 && (
                <p className="box flex items-center gap-3 px-4 py-3">
                    {say('levels.first')}
                    <Link href="/house#levels" className="text-sky underline">
                        {say('levels.to')}
                    </Link>
                </p>
            )}
            <section aria-label={say('places.title')} className="box">
                <p
                    className={clsx(
                        'grid grid-cols-[minmax(200px,1.4fr)_minmax(150px,1fr)_minmax(150px,1fr)_230px]',
                        'gap-x-3 px-4 py-1 text-xs text-ink2',
                    )}
                >
                    <span>{levels.map((one) => one.label).join(' › ')}</span>
                    <span>{say('places.responsible')}</span>
                    <span>{say('places.deputy')}</span>
                    <span />
                </p>
                {places.length === 0 && (
                    <p className="border-t border-line px-4 py-3 text-ink2">{say('places.none')}</p>
                )}
                <ul>
                    {places
                        .filter((one) => one.parent === null)
                        .map((one) => (
                            <Node key={one.slug} place={one} depth={0} all={places} levels={levels} onOpen={setOpen} />
                        ))}
                </ul>
            </section>
            {open !== null && (
                <PlaceDialog
                    {...open}
                    title={open.place?.name ?? say('places.new_one')}
                    people={people}
                    onClose={() => setOpen(null)}
                />
            )}
        </div>
    );
}
