import { Head, Link, router } from '@inertiajs/react';
import type { DutiesPageProps, DutyLine } from '@props/Duties/DutiesPage';
import { useState } from 'react';
import { useFormats } from '@/lib/format';
import { say } from '@/lib/words';
import { DutyDate } from '@/parts/duty/DutyAside';
import { TableImport } from '@/parts/tables/TableImport';
import { Button } from '@/ui/Button';
import { Pages } from '@/ui/Pages';

const COLUMNS = ['name', 'comes', 'goes_to', 'next', 'last'] as const;

function Row({ duty }: { duty: DutyLine }) {
    const formats = useFormats();
    return (
        <tr className="border-t border-line align-top">
            <th scope="row" className="px-3 py-2 text-start font-medium">
                <Link href={`/duties/${duty.slug}/edit`} className="text-sky underline">
                    {duty.name}
                </Link>
                <span className="block font-normal text-ink2">{duty.kind}</span>
            </th>
            <td className="px-3 py-2">{duty.comes}</td>
            <td className="px-3 py-2">{duty.who}</td>
            <td className="px-3 py-2 whitespace-nowrap tabular-nums">
                {duty.next !== null ? (
                    formats.days(duty.next, duty.next)
                ) : (
                    <span className="text-ink2">{say(duty.waits ? 'duty.waits' : 'duty.over')}</span>
                )}
            </td>
            <td className="px-3 py-2">{duty.last === null ? '' : <DutyDate of={duty.last} />}</td>
        </tr>
    );
}

/** What the house does again and again. */
export default function Duties({ duties, page, pages }: DutiesPageProps) {
    const [bringsIn, setBringsIn] = useState(false);
    return (
        <>
            <Head title={say('duty.all')} />
            <header className="flex flex-wrap items-baseline gap-3 px-4 py-3">
                <h1 className="text-lg">{say('duty.all')}</h1>
                <p className="min-w-0 flex-1 text-ink2">{say('duty.means')}</p>
                <a href="/duties/calendar.ics" className="text-sky underline">
                    {say('duty.as_calendar')}
                </a>
                {duties.length > 0 && (
                    <a href="/duties/export" className="text-sky underline">
                        {say('customer.export')}
                    </a>
                )}
                <Button look="quiet" onClick={() => setBringsIn(true)}>
                    {say('case.bring_in')}
                </Button>
                <Button look="main" onClick={() => router.visit('/duties/new')}>
                    {say('duty.new')}
                </Button>
            </header>
            {duties.length === 0 ? (
                <p className="box mx-4 p-5 text-ink2">{say('duty.none')}</p>
            ) : (
                <div className="mx-4 overflow-x-auto" tabIndex={0} role="region" aria-label={say('duty.all')}>
                    <table className="box w-full text-start">
                        <thead className="text-xs text-ink2">
                            <tr>
                                {COLUMNS.map((one) => (
                                    <th key={one} scope="col" className="px-3 py-2 text-start font-medium">
                                        {say(`duty.column.${one}`)}
                                    </th>
                                ))}
                            </tr>
                        </thead>
                        <tbody>
                            {duties.map((duty) => (
                                <Row key={duty.slug} duty={duty} />
                            ))}
                        </tbody>
                    </table>
                </div>
            )}
            <Pages page={page} pages={pages} onShow={(next) => router.get('/duties', { page: next })} />
            {bringsIn && (
                <TableImport
                    kind="duties"
                    title={say('duty.table_title')}
                    note={say('duty.table_note')}
                    example={'name\tkind\ttitle\tpeople\trule\tfrom\tcustomer'}
                    onClose={() => setBringsIn(false)}
                />
            )}
        </>
    );
}
