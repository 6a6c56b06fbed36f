import clsx from 'clsx';
import { Head, Link, router } from '@inertiajs/react';
import type { ComesTo, SweepRunPageProps } from '@props/Sweeps/SweepRunPage';
import type { SweepState } from '@props/Sweeps/SweepLine';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { useFormats } from '@/lib/format';
import { startSweep, useSweepProgress } from '@/lib/sweeps';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { Loads } from '@/parts/sweep/Loads';
import { Steering } from '@/parts/sweep/Steering';
import { SweptTable } from '@/parts/sweep/SweptTable';
import { Button } from '@/ui/Button';
import { Pages } from '@/ui/Pages';

const SHOWN: ComesTo[] = ['changes', 'same', 'nobody'];

/** What comes of the tasks, by how many, and which of them are shown. */
function Shown({ page }: { page: SweepRunPageProps }) {
    const { run, counts, shown } = page;
    return (
        <nav
            aria-label={say('screen.sweeps.task')}
            className="flex items-baseline gap-4 border-b border-line px-5 py-2"
        >
            {SHOWN.filter((one) => one === 'changes' || counts.comesTo[one] > 0).map((one) => (
                <Link
                    key={one}
                    href={`/rulebook/sweep-runs/${run.id}?show=${one}`}
                    preserveState
                    aria-current={one === shown ? 'page' : undefined}
                    className={clsx(
                        'border-b-2 pb-0.5',
                        one === shown ? 'border-pine font-semibold' : 'border-transparent text-sky',
                    )}
                >
                    {say(`sweep.comes_to.${one}`)} <span className="tabular-nums">{counts.comesTo[one]}</span>
                </Link>
            ))}
            <span className="text-ink2">{say('screen.sweeps.not_for', { count: counts.left })}</span>
            {counts.otherwise > 0 && (
                <span className="text-ochre">{say('screen.sweeps.otherwise', { count: counts.otherwise })}</span>
            )}
        </nav>
    );
}

/** How far it is, and since when. */
function stateOf(run: SweepRunPageProps['run'], state: SweepState, moment: (at: string) => string): string {
    const said = say(`sweep.states.${state}`);
    const at = run.undoneAt ?? run.endedAt;
    return at === null ? said : say('screen.sweeps.since', { state: said, moment: moment(at) });
}

/** What a sweep would do with each task, how far it is, what it has done. */
export default function SweepRun(page: SweepRunPageProps) {
    const { run, rows, shown, loads } = page;
    const { moment } = useFormats();
    const progress = useSweepProgress(run.id, page.progress);
    const { busy, send } = useSending();
    const [out, setOut] = useState<Record<string, boolean>>({});
    const choose = (picked: string[]): void => {
        const changed = rows.filter((row) => (row.state === 'foreseen') !== picked.includes(String(row.place)));
        setOut(Object.fromEntries(changed.map((row) => [row.place, true])));
        const [first] = changed;
        if (first === undefined) return;
        const sent = send(async () => {
            const body = { places: changed.map((row) => row.place), in: first.state !== 'foreseen' };
            await ask('PUT', `/rulebook/sweep-runs/${run.id}/tasks`, JSON.stringify(body));
            router.reload({ onFinish: () => setOut({}) });
        });
        void sent.then((done) => done || setOut({}));
    };
    const chooseAll = (isIn: boolean): void =>
        void send(async () => {
            await ask('PUT', `/rulebook/sweep-runs/${run.id}/tasks`, JSON.stringify({ in: isIn }));
            router.reload();
        });
    const turned = rows.map((row) =>
        out[row.place] === true
            ? { ...row, state: row.state === 'foreseen' ? ('left_out' as const) : ('foreseen' as const) }
            : row,
    );
    return (
        <div className="flex h-full flex-col bg-paper">
            <Head title={run.name} />
            <header className="space-y-1 border-b border-line px-5 py-3">
                <div className="flex items-start gap-3">
                    <div className="min-w-0 flex-1">
                        <h1 className="text-xl font-semibold">{run.name}</h1>
                        {run.said !== null && <p>{run.said}</p>}
                        <p className="text-ink2">
                            {run.over} ·{' '}
                            {say('screen.sweeps.anew_title', { moment: moment(run.begunAt), person: run.by })}
                            {progress.state !== 'looked' && (
                                <>
                                    {' '}
                                    · <b className="font-medium">{stateOf(run, progress.state, moment)}</b>
                                </>
                            )}
                        </p>
                    </div>
                    <Steering
                        run={run}
                        progress={progress}
                        count={page.counts.byState.foreseen}
                        busy={busy}
                        onAnew={() =>
                            void startSweep({
                                ...(run.ofRule === null ? { sweep: run.sweep ?? '' } : { rule: run.ofRule }),
                                ...run.chosen,
                            })
                        }
                    />
                </div>
                {run.why !== null && <p className="text-ochre">{say(`sweep.why.${run.why}`, { most: run.most })}</p>}
                {run.isStale && <p className="text-ochre">{say('screen.sweeps.stale')}</p>}
            </header>
            <Shown page={page} />
            <div className="flex min-h-0 flex-1">
                <div className="min-w-0 flex-1 overflow-auto" data-scrolls>
                    <SweptTable
                        rows={turned}
                        shown={shown}
                        run={run}
                        hasBecome={!['looking', 'looked'].includes(progress.state)}
                        onPick={progress.state === 'looked' && shown === 'changes' ? choose : null}
                    />
                    {progress.state === 'looked' && page.pages > 1 && (
                        <p className="flex gap-2 px-3 pt-3">
                            <Button onClick={() => chooseAll(true)}>{say('screen.sweeps.all_in')}</Button>
                            <Button onClick={() => chooseAll(false)}>{say('screen.sweeps.all_out')}</Button>
                        </p>
                    )}
                    <Pages
                        page={page.page}
                        pages={page.pages}
                        onShow={(at) =>
                            router.visit(`/rulebook/sweep-runs/${run.id}`, {
                                data: { show: shown, page: at },
                                preserveState: true,
                            })
                        }
                    />
                </div>
                <aside className="w-80 shrink-0 space-y-4 overflow-auto border-s border-line p-4">
                    <Loads loads={loads} leftOut={page.counts.byState.left_out} />
                    <p className="text-xs text-ink2">{say('screen.sweeps.rules_answer')}</p>
                </aside>
            </div>
        </div>
    );
}
