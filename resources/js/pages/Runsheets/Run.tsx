import { Head, Link, router } from '@inertiajs/react';
import type { RunPageProps, RunStepLine, StepDeed } from '@props/Runsheets/RunPage';
import clsx from 'clsx';
import { ask } from '@/lib/ask';
import { useFormats } from '@/lib/format';
import { useSending } from '@/lib/useSending';
import { say } from '@/lib/words';
import { FaultList } from '@/parts/FaultList';
import { Outline } from '@/parts/runsheet/Outline';
import { RunStateWord, Waits } from '@/parts/runsheet/Runs';
import { Button } from '@/ui/Button';
import { Menu } from '@/ui/Menu';

const COLOURS: Partial<Record<RunStepLine['state'], string>> = {
    open: 'text-ochre',
    done: 'text-pine',
    stopped: 'text-brick',
};

/** How far a step is: since when, in whose hands, and why. */
function Far({ line, onDeed }: { line: RunStepLine; onDeed: ((deed: StepDeed) => void) | null }) {
    const formats = useFormats();
    const moment = line.at ?? line.expected;
    return (
        <div className="md:w-80 md:text-end">
            <span className={clsx('font-medium', COLOURS[line.state] ?? 'text-ink2')}>
                {say(`run.step.${line.state}`, { answer: line.answer ?? 'none' })}
            </span>
            {line.round > 1 && <span className="text-ink2"> · {say('run.round', { round: line.round })}</span>}
            {line.critical && line.state !== 'done' && <span className="text-ink2"> · {say('run.critical')}</span>}
            <span className="block text-ink2">
                {[
                    moment === null
                        ? null
                        : say(line.at === null ? 'run.about' : 'run.at', { moment: formats.moment(moment) }),
                    line.why === null ? null : say(`run.why.${line.why}`),
                    line.wakesAt === null ? null : say('run.until', { moment: formats.moment(line.wakesAt) }),
                    line.who.length === 0 ? null : line.who.map((person) => person.name).join(', '),
                ]
                    .filter((part) => part !== null)
                    .join(' · ')}
                {line.task !== null && (
                    <>
                        {' '}
                        <Link href={`/tasks/${line.task.id}`} className="text-sky underline">
                            № {line.task.number}
                        </Link>
                    </>
                )}
            </span>
            {onDeed !== null && line.can.length > 0 && (
                <span className="inline-flex flex-wrap gap-1">
                    {line.can.map((deed) => (
                        <Button
                            key={deed}
                            look={deed === 'back' ? 'quiet' : 'plain'}
                            className="min-h-6"
                            aria-label={say(`run.deed_of.${deed}`, { step: line.name ?? '' })}
                            onClick={() => onDeed(deed)}
                        >
                            {say(`run.deed.${deed}`)}
                        </Button>
                    ))}
                </span>
            )}
        </div>
    );
}

function Facts({ run }: Pick<RunPageProps, 'run'>) {
    const formats = useFormats();
    return (
        <p className="text-ink2">
            {say('run.started', {
                moment: formats.moment(run.startedAt),
                by: run.startedBy ?? (run.byRule ? 'rule' : 'none'),
                version: run.version,
            })}
            {run.endsAt !== null && ` · ${say('run.ends_about', { moment: formats.moment(run.endsAt) })}`}
        </p>
    );
}

/** A run: where it is, why it waits and for whom, what comes when, and what was skipped. */
export default function Run({ run, lines }: RunPageProps) {
    const { busy, faults, send } = useSending();
    const deed = (what: StepDeed | 'cancel', more: { step?: string; keep?: boolean } = {}): void =>
        void send(async () => {
            await ask('POST', `/runs/${run.id}/deed`, JSON.stringify({ revision: run.revision, deed: what, ...more }));
        }).then(() => router.reload());
    return (
        <>
            <Head title={run.name} />
            <div className="mx-auto max-w-5xl space-y-4 p-4">
                <header className="space-y-1">
                    <div className="flex flex-wrap items-baseline gap-3">
                        <h1 className="text-lg">{run.name}</h1>
                        <RunStateWord run={run} />
                        <span className="flex-1" />
                        {run.steers && (
                            <Menu
                                trigger={<Button disabled={busy}>{say('run.stop')}</Button>}
                                items={[
                                    { label: say('run.stop_drop'), run: () => deed('cancel'), grave: true },
                                    { label: say('run.stop_keep'), run: () => deed('cancel', { keep: true }) },
                                ]}
                            />
                        )}
                    </div>
                    {run.of !== null && (
                        <p>
                            <Link href={run.of.href} className="text-sky underline">
                                № {run.of.number} {run.of.title}
                            </Link>
                            {run.of.customer !== null && <span className="text-ink2"> · {run.of.customer}</span>}
                        </p>
                    )}
                    <Facts run={run} />
                    <Waits run={run} />
                </header>
                <FaultList faults={faults} />
                <section className="box p-4" aria-label={say('run.steps')}>
                    <Outline
                        lines={lines}
                        label={say('run.steps')}
                        beside={(line) => (
                            <Far
                                line={line}
                                onDeed={run.steers && !busy ? (one) => deed(one, { step: line.key }) : null}
                            />
                        )}
                    />
                </section>
            </div>
        </>
    );
}
