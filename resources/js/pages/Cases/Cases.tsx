import { Head, Link, router } from '@inertiajs/react';
import type { CaseLine } from '@props/Cases/CaseLine';
import type { CaseListQuery, CasesPageProps } from '@props/Cases/CasesPage';
import { useMemo, useState } from 'react';
import { useFormats, type Formats } from '@/lib/format';
import { useShortcuts } from '@/lib/keys';
import { say } from '@/lib/words';
import { CaseFilters } from '@/parts/cases/CaseFilters';
import { CasesHead } from '@/parts/cases/CasesHead';
import { OpenCase } from '@/parts/cases/OpenCase';
import { PersonName } from '@/parts/PersonMark';
import { StartOnMany } from '@/parts/runsheet/StartOnMany';
import { TableImport } from '@/parts/tables/TableImport';
import { NameDialog, NamedLists } from '@/parts/tasks/NamedLists';
import { Pages } from '@/ui/Pages';
import { Table } from '@/ui/Table';
import type { TableColumn } from '@/ui/useTableOf';

/** Only what is not as usual stands in an address. */
function addressOf(filter: CaseListQuery, page = 1): Record<string, string> {
    const said = Object.entries(filter).filter(([, value]) => value !== '');
    return { ...Object.fromEntries(said), ...(page > 1 ? { page: String(page) } : {}) };
}

function Standing({ one, formats }: { one: CaseLine; formats: Formats }) {
    return (
        <>
            {one.outcome !== null ? (
                <span className="text-ink2">{say('case.closed_as', { outcome: one.outcome })}</span>
            ) : (
                <span className={one.late ? 'text-ochre' : ''}>{one.stage}</span>
            )}
            <span className="text-ink2">
                {' '}
                · {one.track}
                {one.openNeeded > 0 && one.outcome === null && ` · ${say('case.needed', { count: one.openNeeded })}`}
                {one.refused && <span className="text-ochre"> · {say('case.refused_mark')}</span>}
            </span>
            <span className="sr-only">{formats.moment(one.since)}</span>
        </>
    );
}

function columnsOf(formats: Formats): TableColumn<CaseLine>[] {
    const column = (id: string, cell: TableColumn<CaseLine>['cell'], className?: string): TableColumn<CaseLine> => ({
        id,
        label: say(`case.columns.${id}`),
        sorts: true,
        cell,
        ...(className === undefined ? {} : { className }),
    });
    return [
        column('title', (one) => (
            <Link href={`/cases/${one.id}`} className="hover:underline">
                <span className="text-ink2 tabular-nums">{one.number}</span> {one.title}
            </Link>
        )),
        column('customer', (one) => one.customer),
        column('stage', (one) => <Standing one={one} formats={formats} />),
        column('since', (one) => formats.moment(one.since), 'whitespace-nowrap tabular-nums'),
        column('owner', (one) =>
            one.owner === null ? (
                <span className="text-ochre">{say('case.nobody')}</span>
            ) : (
                <PersonName {...one.owner} />
            ),
        ),
    ];
}

/** Cases as a list: narrowed, sorted; its address says all of that and can be sent. */
export default function Cases({
    filter,
    rows,
    total,
    page,
    pages,
    tracks,
    people,
    lists,
    sheets,
    mayOpen,
    mayLay,
    of,
}: CasesPageProps) {
    const formats = useFormats();
    const [open, setOpen] = useState<'new' | 'name' | 'table' | 'run' | null>(null);
    const [picked, setPicked] = useState<string[]>([]);
    const columns = useMemo(() => columnsOf(formats), [formats]);
    useShortcuts(
        'page',
        say('keys.cases'),
        mayOpen ? [{ key: 'n', does: say('case.open_one').toLocaleLowerCase(), run: () => setOpen('new') }] : [],
    );
    const done = (): void => {
        setOpen(null);
        setPicked([]);
    };
    const go = (changes: CaseListQuery, to = 1): void =>
        router.get('/cases', addressOf({ ...filter, ...changes }, to), { preserveState: true, preserveScroll: true });
    return (
        <>
            <Head title={say('case.title')} />
            <div className="space-y-3 p-4">
                <NamedLists of="cases" lists={lists} />
                <CasesHead
                    {...{ filter, total, of, tracks, mayLay, mayOpen }}
                    address={addressOf(filter)}
                    onGo={go}
                    onOpen={() => setOpen('new')}
                    onName={() => setOpen('name')}
                    onBringIn={() => setOpen('table')}
                    picked={sheets.length > 0 ? picked.length : null}
                    onStart={() => setOpen('run')}
                />
                {tracks.length === 0 ? (
                    <p className="box p-5">{say('case.no_tracks')}</p>
                ) : (
                    <>
                        <CaseFilters filter={filter} tracks={tracks} people={people} onChange={go} />
                        <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={say('case.title')}>
                            <Table
                                label={say('case.title')}
                                rows={rows}
                                columns={columns}
                                nothing={say('case.none')}
                                idOf={(one) => one.id}
                                picking={
                                    sheets.length > 0
                                        ? {
                                              picked,
                                              onPick: setPicked,
                                              all: say('case.pick_all'),
                                              one: (line) => say('task_list.one', { title: line.title }),
                                          }
                                        : undefined
                                }
                                order={{
                                    by: filter.sort ?? 'since',
                                    down: filter.down === '1',
                                    onSort: (by) =>
                                        go({
                                            sort: by,
                                            down: (filter.sort ?? 'since') === by && filter.down !== '1' ? '1' : '',
                                        }),
                                }}
                            />
                        </div>
                        <Pages page={page} pages={pages} onShow={(to) => go({}, to)} />
                    </>
                )}
            </div>
            {open === 'run' && <StartOnMany ids={picked} sheets={sheets} onDone={done} />}
            {open === 'new' && <OpenCase tracks={tracks} people={people} onClose={() => setOpen(null)} />}
            {open === 'table' && (
                <TableImport
                    kind="cases"
                    title={say('case.table_title')}
                    note={say('case.table_note')}
                    example={'title\ttrack\tstage\tcustomer\towner\tkey'}
                    onClose={() => setOpen(null)}
                />
            )}
            {open === 'name' && <NameDialog of="cases" filter={filter} onClose={() => setOpen(null)} />}
        </>
    );
}
