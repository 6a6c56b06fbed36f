import { router } from '@inertiajs/react';
import type { DateField, ReminderLine } from '@props/Reminders/RemindersPage';
import { useState, type ReactNode } from 'react';
import { moreOf, whenOf } from '@/lib/reminders';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { ReminderDialog } from './ReminderDialog';

const quiet = 'min-h-6 text-xs';

/** One reminder, with what one can do about it. */
export function ReminderItem({
    reminder,
    fields,
    mayMute,
    children,
}: {
    reminder: ReminderLine;
    fields: DateField[];
    mayMute: boolean;
    children?: ReactNode;
}) {
    const [changing, setChanging] = useState(false);
    const more = moreOf(reminder);
    return (
        <li className="flex flex-wrap items-baseline gap-x-3 border-t border-line py-1 first:border-0">
            <span className={`min-w-0 flex-1 ${reminder.muted ? 'text-ink2 line-through' : ''}`}>
                {children}
                {whenOf(reminder)}
                {more !== '' && <span className="text-ink2">, {more}</span>}
                {reminder.text !== null && <q className="ms-2 text-ink2">{reminder.text}</q>}
            </span>
            {reminder.muted && <span className="text-xs text-ink2">{say('reminders.muted')}</span>}
            {mayMute && reminder.kind !== null && reminder.audience !== 'customer' && (
                <Button
                    look="quiet"
                    className={quiet}
                    onClick={() =>
                        router.put(
                            `/reminders/${reminder.id}/mute`,
                            { muted: !reminder.muted },
                            { preserveScroll: true },
                        )
                    }
                >
                    {say(reminder.muted ? 'reminders.unmute' : 'reminders.mute')}
                </Button>
            )}
            {reminder.mayChange && (
                <>
                    <Button look="quiet" className={quiet} onClick={() => setChanging(true)}>
                        {say('screen.house.change')}
                    </Button>
                    <Button
                        look="quiet"
                        className={quiet}
                        onClick={() => router.delete(`/reminders/${reminder.id}`, { preserveScroll: true })}
                    >
                        {say('reminders.take_out')}
                    </Button>
                </>
            )}
            {changing && <ReminderDialog fields={fields} reminder={reminder} onClose={() => setChanging(false)} />}
        </li>
    );
}
