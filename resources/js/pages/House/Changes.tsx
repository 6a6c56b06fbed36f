import type { ChangeLine, ChangesPageProps } from '@props/House/ChangesPage';
import { Head, router } from '@inertiajs/react';
import { useFormats } from '@/lib/format';
import { say } from '@/lib/words';
import { PersonChoice } from '@/parts/PersonChoice';
import { Button } from '@/ui/Button';
import { DayEntry } from '@/ui/DayEntry';

/** The same done several times in a row, with nothing more to say of it, is one line. */
function runsOf(changes: ChangeLine[]): [ChangeLine, number][] {
    const runs: [ChangeLine, number][] = [];
    for (const one of changes) {
        const last = runs.at(-1);
        const same =
            last !== undefined &&
            last[0].who === one.who &&
            last[0].said === one.said &&
            one.lines.length + last[0].lines.length === 0;
        if (same) last[1] += 1;
        else runs.push([one, 1]);
    }
    return runs;
}

function Change({ change, times }: { change: ChangeLine; times: number }) {
    const formats = useFormats();
    return (
        <li className="grid grid-cols-[150px_minmax(0,1fr)] gap-3 border-t border-line px-4 py-2">
            <time className="text-ink2" dateTime={change.at}>
                {formats.moment(change.at)}
            </time>
            <div>
                <p>
                    <b>{change.who}</b> {change.said}
                    {times > 1 && <span className="text-ink2"> {say('audit.times', { count: times })}</span>}
                </p>
                {change.lines.length > 0 && (
                    <dl className="mt-1 space-y-0.5 text-xs">
                        {change.lines.map((one) => (
                            <div key={one.label} className="flex gap-2">
                                <dt className="w-36 shrink-0 text-ink2">{one.label}</dt>
                                <dd className="min-w-0 [overflow-wrap:anywhere]">
                                    {one.before !== '' && <del className="text-ink2">{one.before}</del>}{' '}
                                    {one.after !== '' && <ins className="no-underline">{one.after}</ins>}
                                </dd>
                            </div>
                        ))}
                    </dl>
                )}
            </div>
        </li>
    );
}

/** Who changed what in the house, and what was before and after. */
export default function Changes({ asked, changes, earlier, people, logs }: ChangesPageProps) {
    const address = (query: Record<string, string>): Record<string, string> =>
        Object.fromEntries(Object.entries({ ...asked, ...query }).filter(([, value]) => value !== ''));
    const show = (query: Record<string, string>): void =>
        router.visit('/changes', { data: address(query), preserveState: true });
    return (
        <div className="mx-auto my-6 max-w-5xl space-y-3 px-4">
            <Head title={say('audit.title')} />
            <h1 className="text-xl font-semibold">{say('audit.title')}</h1>
            <header className="flex flex-wrap items-end gap-3">
                <PersonChoice
                    className="w-48"
                    aria-label={say('audit.who')}
                    people={people}
                    first={[
                        { value: '', label: say('audit.anybody') },
                        { value: 'system', label: say('audit.no_person') },
                    ]}
                    value={asked.who ?? ''}
                    onChange={(who) => show({ who })}
                />
                <select
                    className="entry"
                    aria-label={say('audit.of')}
                    value={asked.of ?? ''}
                    onChange={(event) => show({ of: event.target.value })}
                >
                    <option value="">{say('audit.anything')}</option>
                    {logs.map((one) => (
                        <option key={one} value={one}>
                            {say(`audit.logs.${one.replace('-', '_')}`)}
                        </option>
                    ))}
                </select>
                {(['from', 'until'] as const).map((side) => (
                    <label key={side} className="flex flex-col text-xs text-ink2">
                        {say(`audit.${side}`)}
                        <DayEntry value={asked[side] ?? ''} onChange={(day) => show({ [side]: day })} />
                    </label>
                ))}
                <a
                    href={`/changes/export?${new URLSearchParams(address({})).toString()}`}
                    className="text-sky underline"
                >
                    {say('customer.export')}
                </a>
            </header>
            <section className="box" aria-label={say('audit.title')}>
                {changes.length === 0 && <p className="px-4 py-3 text-ink2">{say('audit.nothing')}</p>}
                <ol>
                    {runsOf(changes).map(([one, times]) => (
                        <Change key={one.id} change={one} times={times} />
                    ))}
                </ol>
            </section>
            {earlier !== null && (
                <Button onClick={() => show({ before: String(earlier) })}>{say('audit.earlier')}</Button>
            )}
        </div>
    );
}
