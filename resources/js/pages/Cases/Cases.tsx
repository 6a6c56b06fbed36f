import { Head, Link, router } from '@inertiajs/react';
import type { CaseLine } from '@props/Cases/CaseLine';
import type { CaseListQuery, CasesPageProps } from '@props/Cases/CasesPage';
import { useMemo, useState } from 'react';
import { useFormats, type Formats } from '@/lib/format';
import { say } from '@/lib/words';
import { OpenCase } from '@/parts/cases/OpenCase';
import { PersonName } from '@/parts/PersonMark';
import { Button } from '@/ui/Button';
import { Pages } from '@/ui/Pages';
import { Table } from '@/ui/Table';
import type { TableColumn } from '@/ui/useTableOf';

/** Only what is not as usual stands in an address. */
function addressOf(filter: CaseListQuery, page = 1): Record<string, string> {
    const said = Object.entries(filter).filter(([, value]) => value !== '');
    return { ...Object.fromEntries(said), ...(page > 1 ? { page: String(page) } : {}) };
}

function Narrow({
    label,
    name,
    filter,
    options,
    onChange,
}: {
    label: string;
    name: keyof CaseListQuery;
    filter: CaseListQuery;
    options: { value: string; label: string }[];
    onChange: (changes: CaseListQuery) => void;
}) {
    return (
        <select
            className="entry"
            aria-label={label}
            value={filter[name] ?? options[0]?.value ?? ''}
            onChange={(event) => onChange({ [name]: event.target.value })}
        >
            {options.map((one) => (
                <option key={one.value} value={one.value}>
                    {one.label}
                </option>
            ))}
        </select>
    );
}

/** What the list is narrowed by. */
function Filters({
    filter,
    tracks,
    people,
    onChange,
}: Pick<CasesPageProps, 'filter' | 'tracks' | 'people'> & { onChange: (changes: CaseListQuery) => void }) {
    const [text, setText] = useState(filter.q ?? '');
    const stages = tracks.find(({ value }) => value === filter.track)?.stages ?? [];
    const shared = { filter, onChange };
    return (
        <form
            className="flex flex-wrap items-center gap-2"
            onSubmit={(event) => {
                event.preventDefault();
                onChange({ q: text });
            }}
        >
            <input
                type="search"
                className="entry min-w-40 flex-1"
                aria-label={say('case.search')}
                placeholder={say('case.search')}
                value={text}
                onChange={(event) => setText(event.target.value)}
                onBlur={() => text !== (filter.q ?? '') && onChange({ q: text })}
            />
            <Narrow
                label={say('case.state')}
                name="state"
                options={['open', 'closed', 'all'].map((one) => ({ value: one, label: say(`case.states.${one}`) }))}
                {...shared}
            />
            <Narrow
                label={say('case.track')}
                name="track"
                options={[{ value: '', label: say('case.any_track') }, ...tracks]}
                filter={filter}
                onChange={(changes) => onChange({ ...changes, stage: '' })}
            />
            {stages.length > 0 && (
                <Narrow
                    label={say('case.stage_entry')}
                    name="stage"
                    options={[{ value: '', label: say('case.any_stage') }, ...stages]}
                    {...shared}
                />
            )}
            <Narrow
                label={say('case.owner')}
                name="owner"
                options={[
                    { value: '', label: say('case.any_owner') },
                    { value: 'nobody', label: say('case.nobody') },
                    ...people,
                ]}
                {...shared}
            />
            <Narrow
                label={say('case.waits')}
                name="waits"
                options={[
                    { value: '', label: say('case.any_waits') },
                    ...['late', 'refused'].map((one) => ({ value: one, label: say(`case.waits_for.${one}`) })),
                ]}
                {...shared}
            />
        </form>
    );
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
    mayOpen,
    mayLay,
    of,
}: CasesPageProps) {
    const formats = useFormats();
    const [opening, setOpening] = useState(false);
    const columns = useMemo(() => columnsOf(formats), [formats]);
    const go = (changes: CaseListQuery, to = 1): void =>
        router.get('/cases', addressOf({ ...filter, ...changes }, to), { preserveState: true, preserveScroll: true });
    return (
        <>
            <Head title={say('case.title')} />
            <div className="space-y-3 p-4">
                <header className="flex flex-wrap items-center gap-3">
                    <h1 className="flex-1 text-lg">{say('case.title')}</h1>
                    <p className="text-ink2" role="status">
                        {say('case.count', { count: total })}
                    </p>
                    {of !== null && (
                        <p>
                            {say('case.of_customer', { customer: of })}{' '}
                            <Button look="quiet" onClick={() => go({ customer: '' })}>
                                {say('case.any_customer')}
                            </Button>
                        </p>
                    )}
                    {mayLay && (
                        <Link href="/tracks" className="text-sky hover:underline">
                            {say('track.title')}
                        </Link>
                    )}
                    {mayOpen && (
                        <Button look="main" onClick={() => setOpening(true)}>
                            {say('case.open_one')}
                        </Button>
                    )}
                </header>
                {tracks.length === 0 ? (
                    <p className="box p-5">{say('case.no_tracks')}</p>
                ) : (
                    <>
                        <Filters filter={filter} tracks={tracks} people={people} onChange={go} />
                        <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={say('case.title')}>
                            <Table
                                label={say('case.title')}
                                rows={rows}
                                columns={columns}
                                nothing={say('case.none')}
                                idOf={(one) => one.id}
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
            {opening && <OpenCase tracks={tracks} people={people} onClose={() => setOpening(false)} />}
        </>
    );
}
