import { unlessRefused } from '@/lib/refused';
import { keep, keptText, useKeptKey } from '@/lib/kept';
import { useForm } from '@inertiajs/react';
import type { LinkedTask } from '@props/Tasks/TaskLinks';
import type { TaskActionCode, TaskView } from '@props/Tasks/TaskView';
import { addDays, morningOf } from '@/lib/days';
import { useFormats, useToday } from '@/lib/format';
import { say } from '@/lib/words';
import { ActionEntry, awaitable, type Asked } from '@/parts/task/ActionEntry';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';

/** What each action asks for, in the order of its dialog. */
const ASKS: Partial<Record<TaskActionCode, Asked[]>> = {
    complete: ['spent', 'note'],
    hand_on: ['to', 'reason'],
    hand_review: ['to', 'reason'],
    wait: ['reason', 'until', 'on'],
    postpone: ['at', 'note'],
    ask_review: ['note'],
    send_back: ['reason'],
    approve: ['note'],
    drop: ['reason'],
};

/** What is still waited for, and what becomes of it where one completes the task all the same. */
function StillWaited({ others }: { others: LinkedTask[] }) {
    return (
        <div className="border-s-2 border-ochre ps-3">
            <p>{say('ask.complete.waits')}</p>
            <ul>
                {others.map((one) => (
                    <li key={one.number}>
                        № {one.number} {one.task?.title ?? ''}
                    </li>
                ))}
            </ul>
            <p>{say('ask.complete.waits_then')}</p>
        </div>
    );
}

type Props = { action: TaskActionCode; task: TaskView; place: string; onClose: () => void };

/** Asks for what goes with an action, and does it. */
export function ActionDialog({ action, task, place, onClose }: Props) {
    const formats = useFormats();
    const today = useToday();
    const kept = useKeptKey(`${task.id} ${action}`);
    const typed = (name: string): string => `${kept} ${name}`;
    const form = useForm({
        to: '',
        reason: keptText(typed('reason')),
        note: keptText(typed('note')),
        until: '',
        at: morningOf(addDays(today, 1)),
        on: '',
        spent: String(task.spentMinutes > 0 ? task.spentMinutes : task.estimateMinutes),
    });
    const asks = (ASKS[action] ?? []).filter((name) => name !== 'on' || awaitable(task).length > 0);
    const waited = action === 'complete' ? task.links.filter(({ ways }) => ways.includes('waits_on')) : [];
    const giving = action === 'hand_on' && task.assignee === null;
    const send = (): void => {
        form.transform(
            (data) =>
                ({
                    ...(waited.length > 0 ? { anyway: 1 } : {}),
                    ...Object.fromEntries(
                        asks.map((name) => [
                            name,
                            (name === 'until' || name === 'at') && data[name] !== ''
                                ? formats.fromLocal(data[name])
                                : data[name],
                        ]),
                    ),
                    revision: task.revision,
                    from: place,
                }) as unknown as typeof data,
        );
        form.post(`/tasks/${task.id}/${action.replaceAll('_', '-')}`, {
            preserveScroll: true,
            onSuccess: unlessRefused(() => {
                keep(typed('reason'), '');
                keep(typed('note'), '');
                onClose();
            }),
        });
    };
    return (
        <Dialog
            open
            onOpenChange={(open) => !open && onClose()}
            title={say(`ask.${giving ? 'give' : action}.title`, { number: String(task.number) })}
            description={say(`ask.${giving ? 'give' : action}.description`)}
        >
            <DialogForm
                busy={form.processing}
                leave={say(`ask.${action}.leave`)}
                send={say(waited.length > 0 ? 'ask.complete.anyway' : giving ? 'action.give' : `action.${action}`)}
                look={action === 'drop' ? 'grave' : 'main'}
                onLeave={onClose}
                onSend={send}
            >
                {waited.length > 0 && <StillWaited others={waited} />}
                {asks.map((name) => (
                    <ActionEntry
                        key={name}
                        name={name}
                        action={action}
                        task={task}
                        value={form.data[name]}
                        wrong={form.errors[name]}
                        onChange={(value) => {
                            if (name === 'reason' || name === 'note') keep(typed(name), value);
                            form.setData(name, value);
                        }}
                    />
                ))}
            </DialogForm>
        </Dialog>
    );
}
