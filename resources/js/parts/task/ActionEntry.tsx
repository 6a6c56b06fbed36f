import type { TaskLine } from '@props/Tasks/TaskLine';
import type { TaskActionCode, TaskView } from '@props/Tasks/TaskView';
import { isOpen } from '@/lib/task';
import { usePeople } from '@/lib/usePeople';
import { say } from '@/lib/words';
import { Labelled } from '@/ui/Labelled';
import { MomentEntry } from '@/ui/MomentEntry';
import { PersonChoice } from '../PersonChoice';
import { PutOff } from './PutOff';
import { ReceiverChoice } from './Receivers';

/** What an action asks for, by the name in which it is sent. */
export type Asked = 'to' | 'spent' | 'note' | 'reason' | 'until' | 'on' | 'at';

type EntryProps = {
    name: Asked;
    action: TaskActionCode;
    task: TaskView;
    value: string;
    wrong: string | undefined;
    onChange: (value: string) => void;
};

/** Linked tasks on whose end it could wait. */
export function awaitable(task: TaskView): TaskLine[] {
    return task.links.flatMap(({ task: other }) => (other !== null && isOpen(other) ? [other] : []));
}

/** One of the things that an action asks for. */
export function ActionEntry({ name, action, task, value, wrong, onChange }: EntryProps) {
    switch (name) {
        case 'to':
            return (
                <Labelled label={say('screen.common.to')} wrong={wrong}>
                    {action === 'hand_on' ? (
                        <ReceiverChoice task={task} value={value} onChange={onChange} />
                    ) : (
                        <Reviewer task={task} value={value} onChange={onChange} />
                    )}
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
        case 'at':
            return <PutOff task={task} value={value} wrong={wrong} onChange={onChange} />;
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
                <Labelled
                    label={say('screen.action_dialog.note')}
                    hint={say(needsNote(task, action) ? 'completion.note_needed' : `ask.${action}.hint`)}
                    wrong={wrong}
                >
                    {action === 'postpone' ? (
                        <input
                            data-autofocus
                            className="entry w-full"
                            maxLength={500}
                            value={value}
                            onChange={(event) => onChange(event.target.value)}
                        />
                    ) : (
                        <textarea
                            data-autofocus
                            className="entry w-full"
                            rows={3}
                            maxLength={500}
                            value={value}
                            onChange={(event) => onChange(event.target.value)}
                        />
                    )}
                </Labelled>
            );
    }
}

/** Whether the kind of the task asks for a word with what is done. */
function needsNote(task: TaskView, action: TaskActionCode): boolean {
    return task.asksNote && (action === 'complete' || action === 'ask_review');
}

/** Whoever is to review it: anybody but whoever does so now. */
function Reviewer({
    task,
    ...props
}: {
    task: TaskView;
    value: string;
    onChange: (value: string) => void;
    id?: string;
}) {
    const people = usePeople();
    return <PersonChoice {...props} people={people.filter((one) => one.value !== task.reviewer?.slug)} />;
}
