import { Link, router } from '@inertiajs/react';
import type { TaskActionCode, TaskView } from '@props/Tasks/TaskView';
import { useState, type ReactNode } from 'react';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { ActionDialog } from './ActionDialog';
import { Checklist, Files, NextMoments } from './TaskParts';
import { EditDialog } from './EditDialog';
import { HandoffLog } from './HandoffLog';
import { History } from './History';
import { LinkedTasks } from './LinkedTasks';
import { ReasonTrail } from './ReasonTrail';
import { Facts } from './TaskFacts';
import { useTaskKeys, Buttons } from './TaskButtons';

function Part({ title, children }: { title: string; children: ReactNode }) {
    return (
        <section className="border-t border-line py-4">
            <h3 className="mb-2 font-semibold">{title}</h3>
            {children}
        </section>
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

function Parts({ task }: { task: TaskView }) {
    return (
        <>
            <Part title={say('screen.task_panel.what_is_known')}>
                <Facts task={task} />
            </Part>
            <Told title={say('screen.common.details')} text={task.description} />
            <Told title={say('screen.task_panel.guide', { kind: task.kind })} text={task.guide} />
            {task.checklist.length > 0 && (
                <Part title={say('screen.task_panel.checklist')}>
                    <Checklist task={task} />
                </Part>
            )}
            <Part title={say('screen.task_panel.linked_tasks')}>
                <LinkedTasks task={task} />
            </Part>
            <Part title={say('screen.task_panel.files')}>
                <Files task={task} />
            </Part>
            <Told title={say('screen.task_panel.note_on_completion')} text={task.outcomeNote} />
            {task.next.length > 0 && (
                <Part title={say('screen.task_panel.what_will_happen_by')}>
                    <NextMoments moments={task.next} />
                </Part>
            )}
            <Part title={say('screen.task_panel.what_has_happened')}>
                <History task={task} />
            </Part>
            {task.reasons.map((reason) => (
                <Part key={reason.seat} title={reason.title}>
                    {reason.said !== null && <p>{reason.said}</p>}
                    {reason.trail !== null && <ReasonTrail trail={reason.trail} />}
                </Part>
            ))}
            {task.asksWhy && (
                <Link className="text-sky underline" href={`/rulebook/why?task=${task.id}`}>
                    {say('screen.why.why_not')}
                </Link>
            )}
            <Part title={say('screen.task_panel.handoffs')}>
                <HandoffLog handoffs={task.handoffs} />
            </Part>
        </>
    );
}

/** A task: what to do next, what is needed for it, how it came here. */
export function TaskPanel({
    task,
    place,
    keys = false,
    onClose,
}: {
    task: TaskView;
    place: 'in-hand' | 'elsewhere';
    keys?: boolean;
    onClose?: () => void;
}) {
    const [asking, setAsking] = useState<TaskActionCode | null>(null);
    const [editing, setEditing] = useState(false);
    const [busy, setBusy] = useState(false);
    const send = (what: string, data: Record<string, string | number> = {}): void =>
        router.post(
            `/tasks/${task.id}/${what}`,
            { revision: task.revision, from: place, ...data },
            { preserveScroll: true, onStart: () => setBusy(true), onFinish: () => setBusy(false) },
        );

    useTaskKeys(task, keys, send, setAsking);

    return (
        <article aria-label={say('screen.task_panel.task', { number: task.number })} className="p-5">
            <header className="flex items-start gap-3">
                <div className="min-w-0 flex-1">
                    <p className="text-ink2">
                        № <span className="font-mono">{task.number}</span> · {task.kind}
                    </p>
                    <h2 className="text-lg break-words">{task.title}</h2>
                </div>
                {onClose !== undefined && (
                    <Button look="quiet" onClick={onClose}>
                        {say('screen.common.close')}
                    </Button>
                )}
            </header>
            <Buttons task={task} busy={busy} onSend={send} onAsk={setAsking} onEdit={() => setEditing(true)} />
            <Parts task={task} />
            {asking !== null && (
                <ActionDialog key={asking} action={asking} task={task} place={place} onClose={() => setAsking(null)} />
            )}
            {editing && <EditDialog task={task} onClose={() => setEditing(false)} />}
        </article>
    );
}
