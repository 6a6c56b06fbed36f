import type { CustomerWhole, CustomersPageProps } from '@props/Customers/CustomersPage';
import type { MissedLine } from '@props/Tasks/MissedLine';
import { Link, router } from '@inertiajs/react';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { useFormats } from '@/lib/format';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { Missed } from '@/parts/Missed';
import { TaskRows } from '@/parts/TaskRows';
import { Button } from '@/ui/Button';
import { CustomerForm, placeOfFault, type CustomerDocument } from './CustomerForm';
import { CustomerCases } from './CustomerCases';
import { CustomerPast } from './CustomerPast';
import { MergeDialog } from './MergeDialog';

/** Records that went into this one; each can be parted from it again. */
function Merges({ merges, onPart }: { merges: CustomerWhole['merges']; onPart: (id: string) => void }) {
    const formats = useFormats();
    return (
        <ul className="mt-4 border-t border-line pt-3">
            {merges.map((one) => (
                <li key={one.id} className="flex items-center gap-2">
                    <span className="flex-1">
                        {say('customer.merged', { customer: one.name, at: formats.moment(one.at) })}
                    </span>
                    <Button look="quiet" onClick={() => onPart(one.id)}>
                        {say('customer.part')}
                    </Button>
                </li>
            ))}
        </ul>
    );
}

function PanelHead({ customer, onClose }: { customer: CustomerWhole; onClose: () => void }) {
    return (
        <header className="flex items-start gap-3">
            <div className="flex-1">
                <h2 className="text-lg">{customer.name}</h2>
                <p className="text-ink2">{[customer.tier, customer.place].filter((one) => one !== null).join(' · ')}</p>
                {customer.mergedInto !== null ? (
                    <p className="text-ochre">
                        {say('customer.is_in')}{' '}
                        <Link href={`/customers?customer=${customer.mergedInto.value}`} className="underline">
                            {customer.mergedInto.label}
                        </Link>
                    </p>
                ) : (
                    customer.retired && <p className="text-ochre">{say('customer.is_retired')}</p>
                )}
            </div>
            <Button look="quiet" onClick={onClose}>
                {say('screen.common.close')}
            </Button>
        </header>
    );
}

/** A customer with what the house keeps of them; what is changed here their open tasks see, and rules answer it. */
export function CustomerPanel({
    customer,
    onClose,
    ...offered
}: Pick<CustomersPageProps, 'tiers' | 'fields' | 'people'> & { customer: CustomerWhole; onClose: () => void }) {
    const [typed, setTyped] = useState<CustomerDocument>({});
    const { busy, wrong, faults, send } = useSending(placeOfFault);
    const [said, setSaid] = useState('');
    const [missed, setMissed] = useState<MissedLine[]>([]);
    const [merging, setMerging] = useState(false);
    const act = (path: string, body: unknown): void =>
        void send(async () => {
            await ask('POST', path, JSON.stringify(body));
            router.reload();
        });
    const save = (): void => {
        setSaid('');
        void send(async () => {
            const answer = await ask<{ missed: MissedLine[] }>(
                'PUT',
                `/customers/${customer.id}`,
                JSON.stringify({ seen: customer.revision, document: typed }),
            );
            setTyped({});
            setMissed(answer.missed);
            setSaid(say('screen.customers.saved'));
            router.reload();
        }).then((done) => done || router.reload());
    };
    return (
        <article aria-label={customer.name} className="p-5">
            <PanelHead customer={customer} onClose={onClose} />
            {customer.mergedInto === null && (
                <form
                    className="mt-4 space-y-3 border-t border-line pt-4"
                    onSubmit={(event) => {
                        event.preventDefault();
                        save();
                    }}
                >
                    <CustomerForm customer={customer} typed={typed} wrong={wrong} onType={setTyped} {...offered} />
                    {faults.length > 0 && wrong[''] === undefined && (
                        <p className="text-brick" role="alert">
                            {say('customer.not_saved')}
                        </p>
                    )}
                    <div className="flex flex-wrap items-center gap-3">
                        <Button type="submit" look="main" disabled={busy || Object.keys(typed).length === 0}>
                            {say('screen.customers.save')}
                        </Button>
                        <Button look="quiet" onClick={() => setMerging(true)}>
                            {say('customer.merge_button')}
                        </Button>
                        <Button
                            look="quiet"
                            onClick={() => act(`/customers/${customer.id}/retire`, { retired: !customer.retired })}
                        >
                            {say(customer.retired ? 'customer.take_up' : 'customer.retire')}
                        </Button>
                        <span role="status" className="text-ink2">
                            {said}
                        </span>
                    </div>
                </form>
            )}
            <Missed missed={missed} onDone={setMissed} />
            {customer.merges.length > 0 && (
                <Merges merges={customer.merges} onPart={(id) => act(`/customers/merges/${id}/undo`, {})} />
            )}
            <h3 className="mt-5 mb-1 font-semibold">
                {say('screen.common.open_tasks', { count: customer.tasks.length })}
            </h3>
            {customer.tasks.length === 0 ? (
                <p className="text-ink2">{say('screen.customers.nothing_is_open_for')}</p>
            ) : (
                <TaskRows
                    label={say('screen.customers.open_tasks_for', { customer: customer.name })}
                    tasks={customer.tasks}
                    chosen={undefined}
                    onChoose={(id) => router.visit(`/tasks/${id}`)}
                />
            )}
            <CustomerCases customer={customer} />
            <CustomerPast customer={customer} />
            {merging && <MergeDialog customer={customer} onClose={() => setMerging(false)} />}
        </article>
    );
}
