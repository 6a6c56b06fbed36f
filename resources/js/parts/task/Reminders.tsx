import { router } from '@inertiajs/react';
import type { TaskReminders } from '@props/Reminders/RemindersPage';
import { useState } from 'react';
import { useFormats } from '@/lib/format';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { ReminderDialog } from '../reminders/ReminderDialog';
import { ReminderItem } from '../reminders/ReminderItem';

/** What whoever looks will be reminded of on a task, and whether they want to be. */
export function Reminders({ task, reminders }: { task: string; reminders: TaskReminders }) {
    const formats = useFormats();
    const [adding, setAdding] = useState(false);
    const mute = (): void =>
        router.put(`/tasks/${task}/reminders/mute`, { muted: !reminders.muted }, { preserveScroll: true });
    return (
        <>
            <ul>
                {reminders.lines.map((one) => (
                    <ReminderItem key={one.id} reminder={one} fields={reminders.fields} mayMute>
                        {one.at !== null && (
                            <span className="me-3 whitespace-nowrap tabular-nums">{formats.moment(one.at)}</span>
                        )}
                    </ReminderItem>
                ))}
            </ul>
            {reminders.muted && <p className="text-ink2">{say('reminders.task_muted')}</p>}
            <span className="-ms-3 flex flex-wrap">
                <Button look="quiet" onClick={() => setAdding(true)}>
                    {say('reminders.add')}
                </Button>
                <Button look="quiet" onClick={mute}>
                    {say(reminders.muted ? 'reminders.unmute_task' : 'reminders.mute_task')}
                </Button>
            </span>
            {adding && (
                <ReminderDialog
                    fields={reminders.fields}
                    reminder={null}
                    task={task}
                    onClose={() => setAdding(false)}
                />
            )}
        </>
    );
}
