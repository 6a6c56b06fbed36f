import clsx from 'clsx';
import { Head, Link } from '@inertiajs/react';
import type { SweepsPageProps } from '@props/Sweeps/SweepsPage';
import { useFormats } from '@/lib/format';
import { say } from '@/lib/words';
import { SweepEditor } from '@/parts/sweep/SweepEditor';

function Names({ sweeps, chosen }: { sweeps: SweepsPageProps['sweeps']; chosen: string | null }) {
    const entry = (id: string | null): string =>
        clsx('block border-s-4 px-3 py-1.5', id === chosen ? 'border-pine bg-pine-wash' : 'border-transparent');
    return (
        <nav
            aria-label={say('screen.sweeps.sweeps')}
            className="w-72 shrink-0 overflow-auto border-e border-line bg-paper py-2"
        >
            <ul>
                <li>
                    <Link
                        href="/rulebook/sweeps"
                        aria-current={chosen === null ? 'page' : undefined}
                        className={clsx(entry(null), 'text-sky')}
                    >
                        {say('screen.sweeps.new')}
                    </Link>
                </li>
                {sweeps.map(({ id, name, said }) => (
                    <li key={id}>
                        <Link
                            href={`/rulebook/sweeps?sweep=${id}`}
                            aria-current={id === chosen ? 'page' : undefined}
                            className={entry(id)}
                        >
                            <span className="font-semibold">{name}</span>
                            <span className="block text-xs text-ink2">{said}</span>
                        </Link>
                    </li>
                ))}
            </ul>
        </nav>
    );
}

/** The last that were carried out, by whom, on how many tasks, and what became of them. */
function Runs({ runs }: { runs: SweepsPageProps['runs'] }) {
    const { moment } = useFormats();
    return (
        <section>
            <h2 className="mb-1 text-base font-semibold">{say('screen.sweeps.last')}</h2>
            {runs.length === 0 && <p className="text-ink2">{say('screen.sweeps.no_runs')}</p>}
            <ul>
                {runs.map((run) => (
                    <li key={run.id} className="flex items-baseline gap-3 border-t border-line py-1.5">
                        <Link href={`/rulebook/sweep-runs/${run.id}`} className="min-w-0 flex-1 text-sky underline">
                            {run.name}
                        </Link>
                        {run.ofRule !== null && (
                            <span className="text-xs text-plum">{say('screen.sweeps.of_rule')}</span>
                        )}
                        <span className="w-20 text-end tabular-nums">
                            {say('screen.sweeps.changed', { count: run.carried })}
                        </span>
                        <span className="w-32">{say(`sweep.states.${run.state}`)}</span>
                        <span className="w-64 text-ink2">
                            {say('screen.sweeps.by', { person: run.by, moment: moment(run.carriedAt ?? run.begunAt) })}
                        </span>
                    </li>
                ))}
            </ul>
        </section>
    );
}

/** Sweeps with a name, one of them to be changed and looked at, and what was swept last. */
export default function Sweeps({ sweeps, sweep, runs, vocabulary, changing }: SweepsPageProps) {
    return (
        <div className="flex h-full flex-col">
            <Head title={say('screen.sweeps.sweeps')} />
            <header className="border-b border-line px-5 py-3">
                <h1 className="text-xl font-semibold">{say('screen.sweeps.sweeps')}</h1>
                <p className="text-ink2">{say('screen.sweeps.what')}</p>
            </header>
            <div className="flex min-h-0 flex-1">
                <Names sweeps={sweeps} chosen={sweep?.id ?? null} />
                <div className="min-w-0 flex-1 space-y-6 overflow-auto p-5">
                    <section className="box p-4" aria-label={sweep?.name ?? say('screen.sweeps.new')}>
                        <SweepEditor
                            key={sweep === null ? 'new' : `${sweep.id} ${sweep.revision}`}
                            {...{ sweep, vocabulary, changing }}
                        />
                    </section>
                    <Runs runs={runs} />
                </div>
            </div>
        </div>
    );
}
