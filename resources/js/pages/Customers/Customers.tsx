import { useSending } from '@/lib/useSending';
import { Head, Link, router } from '@inertiajs/react';
import type { CustomersPageProps } from '@props/Customers/CustomersPage';
import type { MissedLine } from '@props/Tasks/MissedLine';
import type { EntryValue } from '@props/Intake/NewTaskPage';
import { useMemo, useState } from 'react';
import { ask } from '@/lib/ask';
import { FieldEntry } from '@/parts/FieldEntry';
import { Missed } from '@/parts/Missed';
import { PersonName } from '@/parts/PersonMark';
import { TaskRows } from '@/parts/TaskRows';
import { Button } from '@/ui/Button';
import { Table } from '@/ui/Table';
import type { TableColumn } from '@/ui/useTableOf';
import { say } from '@/lib/words';

type Chosen = NonNullable<CustomersPageProps['customer']>;

/** A customer with what the house keeps of them; what is changed here their open tasks see, and rules answer it. */
function CustomerPanel({
    customer,
    fields,
    people,
    onClose,
}: Pick<CustomersPageProps, 'fields' | 'people'> & { customer: Chosen; onClose: () => void }) {
    const [typed, setTyped] = useState<Record<string, EntryValue>>({});
    const [onForm, setOnForm] = useState(customer.onForm);
    const { wrong, send } = useSending((fault) => fault.pointer.replace('/set/', ''));
    const [said, setSaid] = useState('');
    const [missed, setMissed] = useState<MissedLine[]>([]);
    const save = (): void => {
        setSaid('');
        void send(async () => {
            const answer = await ask<{ missed: MissedLine[] }>(
                'PUT',
                `/customers/${customer.id}`,
                JSON.stringify({ set: typed, on_form: onForm }),
            );
            setTyped({});
            setMissed(answer.missed);
            setSaid(say('screen.customers.saved'));
            router.reload();
        });
    };
    return (
        <article aria-label={customer.name} className="p-5">
            <header className="flex items-start gap-3">
                <div className="flex-1">
                    <h2 className="text-lg">{customer.name}</h2>
                    <p className="text-ink2">
                        {[customer.tier, customer.place, customer.contact].filter((one) => one !== null).join(' · ')}
                    </p>
                </div>
                <Button look="quiet" onClick={onClose}>
                    {say('screen.common.close')}
                </Button>
            </header>
            <form
                className="mt-4 space-y-3 border-t border-line pt-4"
                onSubmit={(event) => {
                    event.preventDefault();
                    save();
                }}
            >
                {fields.map((field) => (
                    <FieldEntry
                        key={field.path}
                        field={field}
                        people={people}
                        value={
                            field.path in typed ? (typed[field.path] ?? null) : (customer.values[field.path] ?? null)
                        }
                        wrong={wrong[field.path]}
                        onChange={(value) => setTyped({ ...typed, [field.path]: value })}
                    />
                ))}
                <label className="flex items-center gap-2">
                    <input type="checkbox" checked={onForm} onChange={(event) => setOnForm(event.target.checked)} />
                    {say('screen.customers.on_form')}
                </label>
                <div className="flex items-center gap-3">
                    <Button
                        type="submit"
                        look="main"
                        disabled={Object.keys(typed).length === 0 && onForm === customer.onForm}
                    >
                        {say('screen.customers.save')}
                    </Button>
                    <span role="status" className="text-ink2">
                        {said}
                    </span>
                </div>
            </form>
            <Missed missed={missed} onDone={setMissed} />
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
        </article>
    );
}

function columnsOf(asked: string, page: number): TableColumn<CustomersPageProps['customers'][number]>[] {
    const found = { ...(asked === '' ? {} : { q: asked }), page: String(page) };
    return [
        {
            id: 'name',
            label: say('screen.customers.name'),
            cell: (one) => (
                <Link
                    href={`/customers?${new URLSearchParams({ ...found, customer: one.slug }).toString()}`}
                    preserveScroll
                    className="hover:underline"
                >
                    {one.name}
                </Link>
            ),
        },
        { id: 'place', label: say('screen.customers.place'), cell: (one) => one.place, className: 'text-ink2' },
        {
            id: 'owner',
            label: say('screen.customers.looked_after_by'),
            cell: (one) =>
                one.owner === null ? (
                    <span className="text-ink2">{say('screen.customers.nobody_looks_after_them')}</span>
                ) : (
                    <PersonName {...one.owner} />
                ),
        },
    ];
}

export default function Customers({
    asked,
    customers,
    total,
    page,
    pages,
    fields,
    people,
    customer,
}: CustomersPageProps) {
    const [text, setText] = useState(asked);
    const columns = useMemo(() => columnsOf(asked, page), [asked, page]);
    const show = (query: Record<string, string | number>): void =>
        router.visit('/customers', {
            data: { ...(text === '' ? {} : { q: text }), page, ...query },
            preserveState: true,
            preserveScroll: true,
        });
    return (
        <div className="grid h-full grid-cols-[minmax(0,1fr)_minmax(340px,460px)]">
            <Head title={say('screen.customers.customers')} />
            <h1 className="sr-only">{say('screen.customers.customers')}</h1>
            <div className="overflow-auto bg-paper">
                <form
                    className="flex items-center gap-3 border-b border-line p-3"
                    onSubmit={(event) => {
                        event.preventDefault();
                        show({ page: 1 });
                    }}
                >
                    <input
                        className="entry w-72"
                        aria-label={say('screen.customers.find_a_customer')}
                        placeholder={say('screen.customers.find_a_customer')}
                        value={text}
                        onChange={(event) => setText(event.target.value)}
                    />
                    <Button type="submit">{say('screen.customers.find')}</Button>
                    <span className="text-ink2">{say('screen.customers.count', { count: total })}</span>
                </form>
                <Table
                    label={say('screen.customers.customers')}
                    rows={customers}
                    columns={columns}
                    idOf={(one) => one.slug}
                    nothing={
                        asked === ''
                            ? say('screen.customers.there_are_no_customers')
                            : say('screen.customers.none', { asked })
                    }
                    chosen={customer?.slug}
                />
                {pages > 1 && (
                    <p className="flex items-center gap-3 p-3">
                        <Button disabled={page <= 1} onClick={() => show({ page: page - 1 })}>
                            {say('screen.customers.before')}
                        </Button>
                        <span className="text-ink2">{say('screen.customers.page', { page, pages })}</span>
                        <Button disabled={page >= pages} onClick={() => show({ page: page + 1 })}>
                            {say('screen.common.next')}
                        </Button>
                    </p>
                )}
            </div>
            <aside aria-label={say('screen.common.details')} className="overflow-auto border-s border-line bg-paper">
                {customer === null ? (
                    <p className="p-5 text-ink2">{say('screen.customers.choose_a_customer_who')}</p>
                ) : (
                    <CustomerPanel
                        key={customer.id}
                        customer={customer}
                        fields={fields}
                        people={people}
                        onClose={() => show({})}
                    />
                )}
            </aside>
        </div>
    );
}
