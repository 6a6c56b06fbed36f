import { useSending } from '@/lib/useSending';
import { router } from '@inertiajs/react';
import type { PeoplePageProps } from '@props/People/PeoplePage';
import { useState } from 'react';
import { ask, pointerTo, type Method } from '@/lib/ask';
import { say } from '@/lib/words';
import { PersonChoice } from '@/parts/PersonChoice';
import { FaultList } from '@/parts/FaultList';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';
import type { Item } from './HouseParts';

type Team = PeoplePageProps['teams'][number];

/** Changes a part of the house, and closes once that is done. */
export function useHouseSending(onDone: () => void): Pick<
    ReturnType<typeof useSending>,
    'busy' | 'faults' | 'wrong'
> & {
    send: (method: Method, url: string, document?: unknown) => void;
} {
    const { send: attempt, ...sending } = useSending((fault) =>
        pointerTo(fault).replace(/^\/(house|teams\/\d+|skills\/\d+)/, ''),
    );
    const send = (method: Method, url: string, document?: unknown): void =>
        void attempt(async () => {
            await ask(method, url, document === undefined ? undefined : JSON.stringify({ document }));
            router.reload();
            onDone();
        });
    return { ...sending, send };
}

export function ItemDialog({
    item,
    teams,
    people,
    onClose,
}: {
    item: Item;
    teams: Team[];
    people: PeoplePageProps['people'];
    onClose: () => void;
}) {
    const [data, setData] = useState(item);
    const { wrong, busy, send } = useHouseSending(onClose);
    const { '/name': name, ...others } = wrong;
    const at = `/roster/${item.list}${item.slug === null ? '' : `/${item.slug}`}`;
    const document =
        item.list === 'teams' ? { name: data.name, lead: data.lead, parent: data.parent } : { name: data.name };
    return (
        <Dialog
            open
            onOpenChange={(open) => !open && onClose()}
            title={item.slug === null ? say(`people.new_${item.list}`) : item.name}
        >
            <DialogForm busy={busy} onLeave={onClose} onSend={() => send('PUT', at, document)}>
                <Labelled label={say('people.name')} wrong={name}>
                    <input
                        className="entry"
                        maxLength={200}
                        value={data.name}
                        onChange={(event) => setData({ ...data, name: event.target.value })}
                    />
                </Labelled>
                {item.list === 'teams' && (
                    <>
                        <Labelled label={say('people.lead')}>
                            <PersonChoice
                                people={people.map((one) => ({ value: one.slug, label: one.name }))}
                                first={[{ value: '', label: say('people.no_lead') }]}
                                value={data.lead}
                                onChange={(lead) => setData({ ...data, lead })}
                            />
                        </Labelled>
                        <Labelled label={say('people.parent')}>
                            <select
                                className="entry"
                                value={data.parent}
                                onChange={(event) => setData({ ...data, parent: event.target.value })}
                            >
                                <option value="">{say('people.no_parent')}</option>
                                {teams
                                    .filter((one) => one.value !== item.slug)
                                    .map((one) => (
                                        <option key={one.value} value={one.value}>
                                            {one.label}
                                        </option>
                                    ))}
                            </select>
                        </Labelled>
                    </>
                )}
                <FaultList faults={Object.values(others)} />
                {item.slug !== null && (
                    <Button look="grave" disabled={busy} onClick={() => send('DELETE', at)}>
                        {say(`people.remove_${item.list}`)}
                    </Button>
                )}
            </DialogForm>
        </Dialog>
    );
}
