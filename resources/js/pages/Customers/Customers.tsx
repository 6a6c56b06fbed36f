import { Head, Link, router } from '@inertiajs/react';
import type { CustomersPageProps } from '@props/Customers/CustomersPage';
import { useMemo, useState } from 'react';
import { useShortcuts } from '@/lib/keys';
import { CustomerDialog } from '@/parts/customers/CustomerDialog';
import { CustomerPanel } from '@/parts/customers/CustomerPanel';
import { PersonName } from '@/parts/PersonMark';
import { TableImport } from '@/parts/tables/TableImport';
import { Button } from '@/ui/Button';
import { Pages } from '@/ui/Pages';
import { Table } from '@/ui/Table';
import type { TableColumn } from '@/ui/useTableOf';
import { say } from '@/lib/words';

function columnsOf(found: Record<string, string>): TableColumn<CustomersPageProps['customers'][number]>[] {
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
        { id: 'tier', label: say('customer.tier'), cell: (one) => one.tier, className: 'text-ink2' },
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

function Exports() {
    return (
        <>
            <a href="/customers/export" className="text-sky underline">
                {say('customer.export')}
            </a>
            <a href="/customers/export?form=vcf" className="text-sky underline">
                {say('customer.cards')}
            </a>
        </>
    );
}

export default function Customers({
    asked,
    retired,
    customers,
    total,
    page,
    pages,
    customer,
    ...offered
}: CustomersPageProps) {
    const [text, setText] = useState(asked);
    const [making, setMaking] = useState(false);
    const [importing, setImporting] = useState(false);
    const columns = useMemo(
        () =>
            columnsOf({
                ...(asked === '' ? {} : { q: asked }),
                ...(retired ? { retired: '1' } : {}),
                page: String(page),
            }),
        [asked, retired, page],
    );
    useShortcuts('page', say('keys.customers'), [{ key: 'n', does: say('customer.new'), run: () => setMaking(true) }]);
    const show = (query: Record<string, string | number>): void =>
        router.visit('/customers', {
            data: { ...(text === '' ? {} : { q: text }), ...(retired ? { retired: 1 } : {}), page, ...query },
            preserveState: true,
            preserveScroll: true,
        });
    return (
        <div className="grid h-full grid-cols-[minmax(0,1fr)_minmax(340px,480px)]">
            <Head title={say('screen.customers.customers')} />
            <h1 className="sr-only">{say('screen.customers.customers')}</h1>
            <div className="overflow-auto bg-paper">
                <form
                    className="flex flex-wrap items-center gap-2 border-b border-line p-3"
                    onSubmit={(event) => {
                        event.preventDefault();
                        show({ page: 1 });
                    }}
                >
                    <input
                        className="entry w-32"
                        aria-label={say('screen.customers.find_a_customer')}
                        placeholder={say('screen.customers.find_a_customer')}
                        value={text}
                        onChange={(event) => setText(event.target.value)}
                    />
                    <Button type="submit">{say('screen.customers.find')}</Button>
                    <label className="flex items-center gap-2 text-ink2">
                        <input
                            type="checkbox"
                            checked={retired}
                            onChange={(event) => show({ page: 1, retired: event.target.checked ? 1 : 0 })}
                        />
                        {say('customer.retired_ones')}
                    </label>
                    <span className="flex-1 whitespace-nowrap text-ink2">
                        {say('screen.customers.count', { count: total })}
                    </span>
                    <Exports />
                    <Button onClick={() => setImporting(true)}>{say('customer.table')}</Button>
                    <Button look="main" onClick={() => setMaking(true)}>
                        {say('customer.new')}
                    </Button>
                </form>
                <Table
                    label={say('screen.customers.customers')}
                    rows={customers}
                    columns={columns}
                    idOf={(one) => one.slug}
                    nothing={
                        asked !== ''
                            ? say('screen.customers.none', { asked })
                            : say(retired ? 'customer.none_retired' : 'screen.customers.there_are_no_customers')
                    }
                    chosen={customer?.slug}
                />
                <Pages page={page} pages={pages} onShow={(at) => show({ page: at })} />
            </div>
            <aside aria-label={say('screen.common.details')} className="overflow-auto border-s border-line bg-paper">
                {customer === null ? (
                    <p className="p-5 text-ink2">{say('screen.customers.choose_a_customer_who')}</p>
                ) : (
                    <CustomerPanel key={customer.id} customer={customer} {...offered} onClose={() => show({})} />
                )}
            </aside>
            {importing && (
                <TableImport
                    kind="customers"
                    title={say('customer.table_title')}
                    note={say('customer.table_note')}
                    example={'name\ttier\tplace\tcontact\tcontact_email'}
                    onClose={() => setImporting(false)}
                />
            )}
            {making && <CustomerDialog {...offered} onClose={() => setMaking(false)} />}
        </div>
    );
}
