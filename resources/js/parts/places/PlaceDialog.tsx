import type { PlaceLine, PlacesPageProps } from '@props/House/PlacesPage';
import type { Option } from '@props/Rules/Vocabulary';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { PlaceFinder } from '@/parts/Finder';
import { PersonChoice } from '@/parts/PersonChoice';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';

/** place null: a new one. within: what it lies in; null: it is of the highest level. */
export type OpenPlace = { place: PlaceLine | null; within: Option | null };

function own(place: PlaceLine | null, role: 'responsible' | 'deputy'): string {
    return place?.[role].own === true ? (place[role].person?.slug ?? '') : '';
}

/** A new place, and another one beside it where there are several; or one that is there. */
export function PlaceDialog({
    place,
    within,
    title,
    people,
    onClose,
}: OpenPlace & { title: string; people: PlacesPageProps['people']; onClose: () => void }) {
    const [typed, setTyped] = useState({
        name: place?.name ?? '',
        in: within?.value ?? '',
        responsible: own(place, 'responsible'),
        deputy: own(place, 'deputy'),
    });
    const [another, setAnother] = useState(false);
    const [made, setMade] = useState(0);
    const { busy, wrong, send } = useSending();
    const put = (changes: Partial<typeof typed>): void => setTyped({ ...typed, ...changes });
    const save = (): void =>
        void send(async () => {
            const document = JSON.stringify({
                name: typed.name,
                ...(within === null ? {} : { in: typed.in }),
                responsible: typed.responsible === '' ? null : typed.responsible,
                deputy: typed.deputy === '' ? null : typed.deputy,
            });
            if (place === null) await ask('POST', '/places', document);
            else await ask('PUT', `/places/${place.slug}`, document);
            router.reload();
            if (another) {
                put({ name: '' });
                setMade(made + 1);
            } else onClose();
        });
    return (
        <Dialog open onOpenChange={(open) => !open && onClose()} title={title} description={say('places.inherits')}>
            <DialogForm busy={busy} onLeave={onClose} onSend={save}>
                <Labelled label={say('people.name')} wrong={wrong['/name'] ?? (wrong[''] || undefined)}>
                    <input
                        key={made}
                        className="entry"
                        maxLength={200}
                        autoFocus={made > 0}
                        value={typed.name}
                        onChange={(event) => put({ name: event.target.value })}
                    />
                </Labelled>
                {within !== null && (
                    <Labelled label={say('places.lies_in')} wrong={wrong['/in']}>
                        <PlaceFinder value={typed.in} label={within.label} onChange={(slug) => put({ in: slug })} />
                    </Labelled>
                )}
                {(['responsible', 'deputy'] as const).map((role) => (
                    <Labelled key={role} label={say(`places.${role}`)} wrong={wrong[`/${role}`]}>
                        <PersonChoice
                            people={people}
                            first={[{ value: '', label: say('places.as_above') }]}
                            value={typed[role]}
                            onChange={(slug) => put({ [role]: slug })}
                        />
                    </Labelled>
                ))}
                {place === null && (
                    <label className="flex items-center gap-2">
                        <input
                            type="checkbox"
                            checked={another}
                            onChange={(event) => setAnother(event.target.checked)}
                        />
                        {say('customer.another')}
                    </label>
                )}
                {made > 0 && <p role="status">{say('places.made', { count: made })}</p>}
            </DialogForm>
        </Dialog>
    );
}
