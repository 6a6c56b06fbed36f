import { Head, Link, router } from '@inertiajs/react';
import type { RiverPageProps, StageFlow } from '@props/Cases/RiverPage';
import { useMemo } from 'react';
import { duration } from '@/lib/format';
import { say } from '@/lib/words';
import { casesAt, River as Drawn } from '@/parts/cases/River';
import { SelectEntry } from '@/ui/SelectEntry';
import { Table } from '@/ui/Table';
import type { TableColumn } from '@/ui/useTableOf';

/** A figure with the way to its cases. */
function Counted({ count, to }: { count: number; to: string }) {
    return count === 0 ? (
        <span className="text-ink2">0</span>
    ) : (
        <Link href={to} className="text-sky underline">
            {count}
        </Link>
    );
}

const spoken = (minutes: number | null): string => (minutes === null ? '–' : duration(minutes));

function columnsOf(track: string): TableColumn<StageFlow>[] {
    const counted = (id: 'open' | 'late' | 'on' | 'back', more: Record<string, string>): TableColumn<StageFlow> => ({
        id,
        label: say(`river.columns.${id}`),
        cell: (one) => <Counted count={one[id]} to={casesAt(track, one.key, more)} />,
    });
    const plain = (id: 'opened' | 'closed'): TableColumn<StageFlow> => ({
        id,
        label: say(`river.columns.${id}`),
        cell: (one) => one[id],
    });
    const time = (id: 'stands' | 'longest' | 'target' | 'stood'): TableColumn<StageFlow> => ({
        id,
        label: say(`river.columns.${id}`),
        cell: (one) => spoken(one[id]),
    });
    return [
        { id: 'name', label: say('river.columns.stage'), cell: (one) => one.name },
        counted('open', {}),
        counted('late', { waits: 'late' }),
        time('stands'),
        time('longest'),
        time('target'),
        time('stood'),
        plain('opened'),
        counted('on', { moved: 'on', state: 'all' }),
        counted('back', { moved: 'back', state: 'all' }),
        plain('closed'),
    ];
}

/** How cases flow on a track: where they stand, how long, what moved lately; each figure leads to its cases. */
export default function River({ track, tracks, weeks, stages, moves }: RiverPageProps) {
    const columns = useMemo(() => columnsOf(track), [track]);
    const title = say('river.title', { track: tracks.find(({ value }) => value === track)?.label ?? track });
    return (
        <>
            <Head title={title} />
            <div className="mx-auto max-w-7xl space-y-4 p-4">
                <p>
                    <Link href="/cases" className="text-sky underline">
                        {say('case.title')}
                    </Link>
                </p>
                <header className="flex flex-wrap items-end gap-4">
                    <h1 className="flex-1 text-lg">{title}</h1>
                    <SelectEntry
                        label={say('case.track')}
                        value={track}
                        options={tracks}
                        onChange={(chosen) => router.visit(`/tracks/${chosen}/river`)}
                    />
                </header>
                <p className="text-ink2">{say('river.means', { weeks })}</p>
                <div className="box py-4">
                    <Drawn track={track} stages={stages} moves={moves} />
                </div>
                <div className="box overflow-x-auto" tabIndex={0} role="region" aria-label={say('river.table')}>
                    <Table
                        label={say('river.table')}
                        rows={stages}
                        columns={columns}
                        nothing={say('case.none')}
                        idOf={(one) => one.key}
                    />
                </div>
            </div>
        </>
    );
}
