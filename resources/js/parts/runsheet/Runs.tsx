import { Link, router } from '@inertiajs/react';
import type { RunLine } from '@props/Runsheets/RunLine';
import { ask } from '@/lib/ask';
import { useFormats } from '@/lib/format';
import type { Option } from '@props/Rules/Vocabulary';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { Menu } from '@/ui/Menu';

/** For what a run waits, and for whom. */
export function Waits({ run }: { run: RunLine }) {
    if (run.state !== 'running') return null;
    return (
        <ul>
            {run.waits.map((one, index) => (
                <li key={index} className={one.stopped ? 'text-brick' : ''}>
                    {say(one.stopped ? 'run.stopped_at' : 'run.waits_for', {
                        step: one.name,
                        who:
                            one.who.length > 0
                                ? one.who.map((person) => person.name).join(', ')
                                : one.unheld
                                  ? 'nobody'
                                  : 'none',
                    })}
                </li>
            ))}
        </ul>
    );
}

export function RunStateWord({ run }: { run: RunLine }) {
    const formats = useFormats();
    return (
        <span className="text-ink2">
            {say(`run.state.${run.state}`, { moment: formats.moment(run.overAt ?? run.startedAt) })}
        </span>
    );
}

/**
 * Runs of runsheets on a task or a case, and starting another.
 *
 * @param at its address
 */
export function Runs({ runs, at, sheets }: { runs: RunLine[]; at: string; sheets: Option[] }) {
    const { busy, faults, send } = useSending();
    const start = (runsheet: string): void =>
        void send(async () => {
            await ask('POST', `${at}/runs`, JSON.stringify({ runsheet }));
        }).then((done) => {
            if (done) router.reload();
        });
    return (
        <>
            {runs.length === 0 && <p className="text-ink2">{say('run.none_here')}</p>}
            <ul>
                {runs.map((run) => (
                    <li key={run.id} className="border-t border-line py-2 first:border-0">
                        <span className="flex flex-wrap gap-x-3">
                            <Link href={`/runs/${run.id}`} className="text-sky underline">
                                {run.name}
                            </Link>
                            <RunStateWord run={run} />
                        </span>
                        <Waits run={run} />
                    </li>
                ))}
            </ul>
            {faults.map((fault) => (
                <p key={fault} className="text-brick">
                    {fault}
                </p>
            ))}
            {sheets.length > 0 && (
                <Menu
                    trigger={<Button disabled={busy}>{say('run.start')}</Button>}
                    items={sheets.map((one) => ({ label: one.label, run: () => start(one.value) }))}
                />
            )}
        </>
    );
}
