import { Link } from '@inertiajs/react';
import type { CaseListQuery, CasesPageProps } from '@props/Cases/CasesPage';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';

/** The name of the stage that it is narrowed to. */
function stageOf(filter: CaseListQuery, tracks: CasesPageProps['tracks']): string {
    const stages = tracks.find(({ value }) => value === filter.track)?.stages ?? [];
    return stages.find(({ value }) => value === filter.stage)?.label ?? '';
}

type Props = Pick<CasesPageProps, 'filter' | 'total' | 'of' | 'tracks' | 'mayLay' | 'mayOpen'> & {
    /** of the list, as it is now */
    address: Record<string, string>;
    onGo: (changes: CaseListQuery) => void;
    onOpen: () => void;
    onName: () => void;
    onBringIn: () => void;
    /** how many are ticked; null: no runsheet can be started on them */
    picked: number | null;
    onStart: () => void;
};

/** What a list of cases has above it: what it is narrowed to, and what can be done with it. */
export function CasesHead({
    filter,
    total,
    of,
    tracks,
    mayLay,
    mayOpen,
    address,
    onGo,
    onOpen,
    onName,
    onBringIn,
    picked,
    onStart,
}: Props) {
    return (
        <header className="flex flex-wrap items-center gap-3">
            <h1 className="flex-1 text-lg">{say('case.title')}</h1>
            <p className="text-ink2" role="status">
                {say('case.count', { count: total })}
            </p>
            {of !== null && (
                <p>
                    {say('case.of_customer', { customer: of })}{' '}
                    <Button look="quiet" onClick={() => onGo({ customer: '' })}>
                        {say('case.any_customer')}
                    </Button>
                </p>
            )}
            {filter.moved !== undefined && (
                <p>
                    {say('river.moved', { way: filter.moved, stage: stageOf(filter, tracks) })}{' '}
                    <Button look="quiet" onClick={() => onGo({ moved: '', stage: '' })}>
                        {say('case.all_of_them')}
                    </Button>
                </p>
            )}
            <a href={`/cases/export?${new URLSearchParams(address).toString()}`} className="text-sky hover:underline">
                {say('case.as_table')}
            </a>
            <Button look="quiet" onClick={onName}>
                {say('task_list.name_it')}
            </Button>
            {mayLay && tracks[0] !== undefined && (
                <Link href={`/tracks/${filter.track ?? tracks[0].value}/river`} className="text-sky hover:underline">
                    {say('river.link')}
                </Link>
            )}
            {mayLay && (
                <Link href="/tracks" className="text-sky hover:underline">
                    {say('track.title')}
                </Link>
            )}
            {mayLay && (
                <Button look="quiet" onClick={onBringIn}>
                    {say('case.bring_in')}
                </Button>
            )}
            {picked !== null && (
                <Button disabled={picked === 0} onClick={onStart}>
                    {say('run.start_on_button', { count: picked })}
                </Button>
            )}
            {mayOpen && (
                <Button look="main" onClick={onOpen}>
                    {say('case.open_one')}
                </Button>
            )}
        </header>
    );
}
