import { router } from '@inertiajs/react';
import type { TaskActionCode, TaskView } from '@props/Tasks/TaskView';
import { useState } from 'react';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { ActionDialog } from './ActionDialog';
import { AskApproval } from './approvals/AskApproval';
import { Answer } from './approvals/Answer';
import { EditDialog } from './EditDialog';
import type { Doing } from './task/deeds';
import { TaskParts } from './task/TaskParts';
import { Buttons, useTaskKeys } from './task/TaskButtons';

/** That somebody else should do it, where whoever has it says so. */
function Marked({ task }: { task: TaskView }) {
    if (!task.toHandOn) return null;
    return (
        <p className="mb-3 border-s-2 border-ochre ps-3 text-ochre">
            {say('screen.task_panel.to_hand_on', {
                person: task.assignee?.name ?? '',
                note: task.toHandOnNote ?? 'none',
            })}
        </p>
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
    const [approving, setApproving] = useState(false);
    const [busy, setBusy] = useState(false);
    const doing: Doing = {
        send: (what, data = {}) =>
            router.post(
                `/tasks/${task.id}/${what}`,
                { revision: task.revision, from: place, ...data },
                { preserveScroll: true, onStart: () => setBusy(true), onFinish: () => setBusy(false) },
            ),
        ask: setAsking,
        edit: () => setEditing(true),
        askApproval: () => setApproving(true),
    };

    useTaskKeys(task, keys, doing);

    return (
        <article aria-label={say('screen.task_panel.task', { number: task.number })} className="p-5 pb-10">
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
            <Buttons task={task} busy={busy} doing={doing} on={place === 'in-hand' ? 'bg-chalk' : 'bg-paper'} />
            {task.asked !== null && <Answer task={task.id} asked={task.asked} place={place} />}
            <Marked task={task} />
            {task.missing.length > 0 && (
                <p className="mb-3 border-s-2 border-ochre ps-3">
                    {say('completion.still', { missing: task.missing.join(', ') })}
                </p>
            )}
            <TaskParts task={task} keys={keys} />
            {asking !== null && (
                <ActionDialog key={asking} action={asking} task={task} place={place} onClose={() => setAsking(null)} />
            )}
            {approving && <AskApproval at={`/tasks/${task.id}`} onClose={() => setApproving(false)} />}
            {editing && <EditDialog task={task} onClose={() => setEditing(false)} />}
        </article>
    );
}
