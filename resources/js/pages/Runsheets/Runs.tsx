import { Head, Link, router } from '@inertiajs/react';
import type { RunsPageProps } from '@props/Runsheets/RunsPage';
import { say } from '@/lib/words';
import { RunStateWord, Waits } from '@/parts/runsheet/Runs';
import { Pages } from '@/ui/Pages';
import { Pick } from '@/ui/Pick';

const COLUMNS = ['runsheet', 'of', 'since', 'waits'] as const;

/** Runs of the house: where they are, since when, and whom they wait for. */
export default function Runs({ runs, over, page, pages }: RunsPageProps) {
    const show = (next: { page?: number; over?: boolean }): void => {
        const to = { page, over, ...next };
        router.get('/runs', { page: to.page, ...(to.over ? { over: 1 } : {}) });
    };
    return (
        <>
            <Head title={say('run.all')} />
            <header className="flex flex-wrap items-baseline gap-3 px-4 py-3">
                <h1 className="text-lg">{say('run.all')}</h1>
                <p className="min-w-0 flex-1 text-ink2">{say('run.means')}</p>
                <Pick
                    label={say('run.show')}
                    value={over ? 'over' : 'running'}
                    options={[
                        { value: 'running', label: say('run.going_on') },
                        { value: 'over', label: say('run.over') },
                    ]}
                    onChange={(next) => show({ over: next === 'over', page: 1 })}
                />
                <Link href="/runsheets" className="text-sky underline">
                    {say('runsheet.title')}
                </Link>
            </header>
            {runs.length === 0 ? (
                <p className="box mx-4 p-5 text-ink2">{say(over ? 'run.none_over' : 'run.none')}</p>
            ) : (
                <div className="mx-4 overflow-x-auto" tabIndex={0} role="region" aria-label={say('run.all')}>
                    <table className="box w-full text-start">
                        <thead className="text-xs text-ink2">
                            <tr>
                                {COLUMNS.map((one) => (
                                    <th key={one} scope="col" className="px-3 py-2 text-start font-medium">
                                        {say(`run.column.${one}`)}
                                    </th>
                                ))}
                            </tr>
                        </thead>
                        <tbody>
                            {runs.map((run) => (
                                <tr key={run.id} className="border-t border-line align-top">
                                    <th scope="row" className="px-3 py-2 text-start font-medium">
                                        <Link href={`/runs/${run.id}`} className="text-sky underline">
                                            {run.name}
                                        </Link>
                                    </th>
                                    <td className="px-3 py-2">
                                        {run.of === null ? (
                                            <span className="text-ink2">{say('run.of_nothing')}</span>
                                        ) : (
                                            <Link href={run.of.href} className="underline">
                                                № {run.of.number} {run.of.title}
                                            </Link>
                                        )}
                                        {run.of !== null && run.of.customer !== null && (
                                            <span className="block text-ink2">{run.of.customer}</span>
                                        )}
                                    </td>
                                    <td className="px-3 py-2">
                                        <RunStateWord run={run} />
                                    </td>
                                    <td className="px-3 py-2">
                                        <Waits run={run} />
                                    </td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </div>
            )}
            <Pages page={page} pages={pages} onShow={(next) => show({ page: next })} />
        </>
    );
}
