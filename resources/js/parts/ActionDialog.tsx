import { unlessRefused } from '@/lib/refused';
import { usePeople } from '@/lib/usePeople';
import { MomentEntry } from '@/ui/MomentEntry';
import { useForm } from '@inertiajs/react';
import type { TaskLine } from '@props/Tasks/TaskLine';
import type { LinkedTask } from '@props/Tasks/TaskLinks';
import type { TaskActionCode, TaskView } from '@props/Tasks/TaskView';
import { useFormats } from '@/lib/format';
import { isOpen } from '@/lib/task';
import { say } from '@/lib/words';
import { PersonChoice } from '@/parts/PersonChoice';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';

/** What each action asks for, in the order of its dialog. */
const ASKS: Partial<Record<TaskActionCode, Asked[]>> = {
    complete: ['spent', 'note'],
    hand_on: ['to', 'reason'],
    hand_review: ['to', 'reason'],
    wait: ['reason', 'until', 'on'],
    ask_review: ['note'],
    send_back: ['reason'],
    approve: ['note'],
    drop: ['reason'],
};

type Asked = 'to' | 'spent' | 'note' | 'reason' | 'until' | 'on';
type EntryProps = {
    name: Asked;
    action: TaskActionCode;
    task: TaskView;
    value: string;
    wrong: string | undefined;
    onChange: (value: string) => void;
};

/** Linked tasks on whose end it could wait. */
function awaitable(task: TaskView): TaskLine[] {
    return task.links.flatMap(({ task: other }) => (other !== null && isOpen(other) ? [other] : []));
}

/** Whoever is to have it: anybody but whoever has it now. */
function Receiver({
    task,
    ...props
}: {
    task: TaskView;
    value: string;
    onChange: (value: string) => void;
    id?: string;
}) {
    const people = usePeople();
    return <PersonChoice {...props} people={people.filter((one) => one.value !== task.assignee?.slug)} />;
}

/** One of the things that an action asks for. */
function Entry({ name, action, task, value, wrong, onChange }: EntryProps) {
    switch (name) {
        case 'to':
            return (
                <Labelled label={say('screen.common.to')} wrong={wrong}>
                    <Receiver task={task} value={value} onChange={onChange} />
                </Labelled>
            );
        case 'spent':
            return (
                <Labelled
                    label={say('screen.action_dialog.minutes_spent_in_all')}
                    hint={say('screen.action_dialog.the_estimate_stands_here')}
                    wrong={wrong}
                >
                    <input
                        className="entry w-32"
                        inputMode="numeric"
                        value={value}
                        onChange={(event) => onChange(event.target.value)}
                    />
                </Labelled>
            );
        case 'until':
            return (
                <Labelled
                    label={say('screen.common.until')}
                    hint={say('screen.action_dialog.it_comes_back_by')}
                    wrong={wrong}
                >
                    <MomentEntry value={value} onChange={(day) => onChange(day)} />
                </Labelled>
            );
        case 'on':
            return (
                <Labelled
                    label={say('screen.action_dialog.until_another_task_is')}
                    hint={say('screen.action_dialog.it_goes_on_by')}
                    wrong={wrong}
                >
                    <select className="entry w-full" value={value} onChange={(event) => onChange(event.target.value)}>
                        <option value="">{say('screen.action_dialog.none')}</option>
                        {awaitable(task).map((other) => (
                            <option key={other.id} value={other.id}>
                                № {other.number} {other.title}
                            </option>
                        ))}
                    </select>
                </Labelled>
            );
        case 'reason':
            return (
                <Labelled label={say(`ask.${action}.reason`)} hint={say(`ask.${action}.hint`)} wrong={wrong}>
                    <textarea
                        className="entry w-full"
                        rows={3}
                        maxLength={action === 'wait' ? 200 : 500}
                        value={value}
                        onChange={(event) => onChange(event.target.value)}
                    />
                </Labelled>
            );
        case 'note':
            return (
                <Labelled label={say('screen.action_dialog.note')} hint={say(`ask.${action}.hint`)} wrong={wrong}>
                    <textarea
                        data-autofocus
                        className="entry w-full"
                        rows={3}
                        maxLength={500}
                        value={value}
                        onChange={(event) => onChange(event.target.value)}
                    />
                </Labelled>
            );
    }
}

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
    const form = useForm({
        to: '',
        reason: '',
        note: '',
        until: '',
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
                            name === 'until' && data.until !== '' ? formats.fromLocal(data.until) : data[name],
                        ]),
                    ),
                    revision: task.revision,
                    from: place,
                }) as unknown as typeof data,
        );
        form.post(`/tasks/${task.id}/${action.replace('_', '-')}`, {
            preserveScroll: true,
            onSuccess: unlessRefused(onClose),
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
                    <Entry
                        key={name}
                        name={name}
                        action={action}
                        task={task}
                        value={form.data[name]}
                        wrong={form.errors[name]}
                        onChange={(value) => form.setData(name, value)}
                    />
                ))}
            </DialogForm>
        </Dialog>
    );
}
