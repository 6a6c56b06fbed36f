import { router } from '@inertiajs/react';
import type { TaskView } from '@props/TaskView';
import { useState, type ReactNode } from 'react';
import { duration, plural, useFormats } from '@/lib/format';
import { useShortcuts } from '@/lib/keys';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { CompleteDialog } from './CompleteDialog';
import { HandoffLog } from './HandoffLog';
import { HandOnDialog } from './HandOnDialog';
import { PersonName } from './PersonMark';
import { ReasonTrail } from './ReasonTrail';

/** What the decision explains; who holds the task now may have come to it otherwise since. */
function trailTitle(task: TaskView): string {
    const pick = task.trail?.pick ?? null;
    if (pick !== null) return pick.slug === task.assignee?.slug ? `Why ${pick.name}` : `Why ${pick.name} got it`;
    if (task.assignee !== null) return task.trail?.outcome === 'open' ? 'Why it was open to claim' : 'Why no rule placed it';
    return task.trail?.outcome === 'open' ? 'Why it is open to claim' : 'Why nobody holds it';
}

function Part({ title, children }: { title: string; children: ReactNode }) {
    return (
        <section className="border-t border-line py-4">
            <h3 className="mb-2 font-semibold">{title}</h3>
            {children}
        </section>
    );
}

function Facts({ task }: { task: TaskView }) {
    const formats = useFormats();
    const late = task.dueAt !== null && task.status !== 'done' && formats.isPast(task.dueAt);
    const rows: [string, ReactNode][] = [
        ['Status', say(`status.${task.status}`)],
        ['Held by', task.assignee === null ? (task.claimants.length > 0 ? <>nobody yet; {plural(task.claimants.length, 'person', 'people')} may claim it</> : <span className="font-semibold text-brick">nobody: unplaced</span>) : <PersonName {...task.assignee} />],
        ['Due', task.dueAt === null ? 'no date' : <span className={late ? 'font-semibold text-brick' : ''}>{formats.due(task.dueAt)}{late && ', late'}</span>],
        ['Priority', <span key="p" className={task.priority === 'urgent' || task.priority === 'high' ? 'font-semibold text-ochre' : ''}>{task.priority}</span>],
        ['Estimate', `${duration(task.estimateMinutes)}${task.spentMinutes > 0 ? `, ${duration(task.spentMinutes)} spent` : ''}`],
        ['Arrived', `${formats.moment(task.arrivedAt)}, ${task.source.toLowerCase()}`],
        ...(task.customer === null ? [] : [['Customer', <>{task.customer}{task.place !== null && task.place !== task.customer && <span className="text-ink2">, {task.place}</span>}</>] as [string, ReactNode]]),
        ...(task.contact === null ? [] : [['Contact', task.contact] as [string, ReactNode]]),
        ...task.facts.map((fact): [string, ReactNode] => [fact.label, fact.value]),
        ...(task.tags.length === 0 ? [] : [['Tags', task.tags.join(', ')] as [string, ReactNode]]),
        ...(task.completedAt === null ? [] : [['Completed', formats.moment(task.completedAt)] as [string, ReactNode]]),
    ];
    return (
        <dl className="grid grid-cols-[minmax(110px,auto)_1fr] gap-x-4 gap-y-1">
            {rows.map(([label, value]) => (
                <div key={label} className="contents">
                    <dt className="text-ink2">{label}</dt>
                    <dd className="min-w-0 break-words">{value}</dd>
                </div>
            ))}
        </dl>
    );
}

/** What somebody wrote, where they did. */
function Told({ title, text }: { title: string; text: string | null }) {
    return text === null ? null : (
        <Part title={title}>
            <p className="whitespace-pre-wrap">{text}</p>
        </Part>
    );
}

type ButtonsProps = { task: TaskView; busy: boolean; onSend: (what: string) => void; onComplete: () => void; onHandOn: () => void };

function Buttons({ task, busy, onSend, onComplete, onHandOn }: ButtonsProps) {
    return (
        <div className="flex flex-wrap gap-2 py-3">
            {task.may.claim && <Button look="main" disabled={busy} onClick={() => onSend('claim')}>Claim</Button>}
            {task.may.start && <Button look="main" disabled={busy} onClick={() => onSend('start')}>Start</Button>}
            {task.may.complete && <Button look={task.may.start ? 'plain' : 'main'} disabled={busy} onClick={() => onComplete()}>Complete</Button>}
            {task.may.handOn && <Button disabled={busy} onClick={() => onHandOn()}>{task.assignee === null ? 'Give to somebody' : 'Hand on'}</Button>}
            {task.may.reopen && <Button disabled={busy} onClick={() => onSend('reopen')}>Take up again</Button>}
        </div>
    );
}

/** A task: what to do next, what is needed for it, how it came here. */
export function TaskPanel({ task, place, keys = false, onClose }: { task: TaskView; place: 'in-hand' | 'elsewhere'; keys?: boolean; onClose?: () => void }) {
    const [handing, setHanding] = useState(false);
    const [completing, setCompleting] = useState(false);
    const [busy, setBusy] = useState(false);
    const send = (what: string, data: Record<string, string | number> = {}): void =>
        router.post(`/tasks/${task.id}/${what}`, { revision: task.revision, from: place, ...data }, { preserveScroll: true, onStart: () => setBusy(true), onFinish: () => setBusy(false) });

    useShortcuts(
        keys
            ? [
                  ...(task.may.start ? [{ key: 'b', does: 'Begin', run: () => send('start') }] : []),
                  ...(task.may.complete ? [{ key: 'f', does: 'Finish', run: () => setCompleting(true) }] : []),
                  ...(task.may.handOn ? [{ key: 'h', does: 'Hand on', run: () => setHanding(true) }] : []),
              ]
            : [],
    );

    return (
        <article aria-label={`Task ${task.number}`} className="p-5">
            <header className="flex items-start gap-3">
                <div className="min-w-0 flex-1">
                    <p className="text-ink2">
                        № <span className="font-mono">{task.number}</span> · {task.kind}
                    </p>
                    <h2 className="text-lg break-words">{task.title}</h2>
                </div>
                {onClose !== undefined && (
                    <Button look="quiet" onClick={onClose}>
                        Close
                    </Button>
                )}
            </header>
            <Buttons task={task} busy={busy} onSend={send} onComplete={() => setCompleting(true)} onHandOn={() => setHanding(true)} />
            <Part title="What is known">
                <Facts task={task} />
            </Part>
            <Told title="In the customer's words" text={task.description} />
            <Told title={`Guide: ${task.kind}`} text={task.guide} />
            <Told title="Note on completion" text={task.outcomeNote} />
            {task.trail !== null && (
                <Part title={trailTitle(task)}>
                    <ReasonTrail trail={task.trail} />
                </Part>
            )}
            <Part title="Handoffs">
                <HandoffLog handoffs={task.handoffs} />
            </Part>
            {task.may.handOn && <HandOnDialog task={task} place={place} open={handing} onOpenChange={setHanding} />}
            {task.may.complete && <CompleteDialog task={task} place={place} open={completing} onOpenChange={setCompleting} />}
        </article>
    );
}
