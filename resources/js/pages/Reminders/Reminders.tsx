import { Link, router, useForm } from '@inertiajs/react';
import type { RemindersPageProps } from '@props/Reminders/RemindersPage';
import { useState } from 'react';
import { say } from '@/lib/words';
import { BesideNews } from '@/parts/BesideNews';
import { ReminderDialog } from '@/parts/reminders/ReminderDialog';
import { ReminderItem } from '@/parts/reminders/ReminderItem';
import { Button } from '@/ui/Button';
import { Labelled } from '@/ui/Labelled';

/** How long before it is due people hear that something is to be done soon. */
function DueSoon({ minutes }: { minutes: number }) {
    const form = useForm({ minutes: String(minutes) });
    return (
        <form
            className="flex flex-wrap items-end gap-3 p-4"
            onSubmit={(event) => {
                event.preventDefault();
                form.put('/reminders/due-soon', { preserveScroll: true });
            }}
        >
            <Labelled label={say('reminders.due_soon')} wrong={form.errors.minutes}>
                <input
                    type="number"
                    className="entry w-28"
                    min={1}
                    max={20160}
                    value={form.data.minutes}
                    onChange={(event) => form.setData('minutes', event.target.value)}
                />
            </Labelled>
            <span className="py-2">{say('alerts.units.unplaced')}</span>
            <Button type="submit" disabled={form.processing || !form.isDirty}>
                {say('screen.common.save')}
            </Button>
        </form>
    );
}

function MutedTasks({ tasks }: { tasks: RemindersPageProps['mutedTasks'] }) {
    return (
        <section className="box p-4">
            <h2 className="mb-1 font-semibold">{say('reminders.muted_tasks')}</h2>
            <ul>
                {tasks.map((task) => (
                    <li key={task.id} className="flex items-baseline gap-3 border-t border-line py-1 first:border-0">
                        <Link className="min-w-0 flex-1" href={`/tasks/${task.id}`}>
                            <span className="text-sky underline">№ {task.number}</span> {task.title}
                        </Link>
                        <Button
                            look="quiet"
                            className="min-h-6 text-xs"
                            onClick={() =>
                                router.put(
                                    `/tasks/${task.id}/reminders/mute`,
                                    { muted: false },
                                    { preserveScroll: true },
                                )
                            }
                        >
                            {say('reminders.unmute_task')}
                        </Button>
                    </li>
                ))}
            </ul>
        </section>
    );
}

/** What one is reminded of: one's own, what kinds of task propose, and what one does without. */
export default function Reminders({ own, proposed, mutedTasks, fields, kinds, dueSoonMinutes }: RemindersPageProps) {
    const [adding, setAdding] = useState<'own' | 'kind' | null>(null);
    return (
        <BesideNews title={say('reminders.title')}>
            {own !== null && (
                <section className="box p-4">
                    <header className="mb-1 flex flex-wrap items-center gap-2">
                        <h2 className="flex-1 font-semibold">{say('reminders.own')}</h2>
                        <Button look="main" onClick={() => setAdding('own')}>
                            {say('reminders.add')}
                        </Button>
                    </header>
                    <p className="text-ink2">{say(own.length === 0 ? 'reminders.none' : 'reminders.own_hint')}</p>
                    <ul>
                        {own.map((one) => (
                            <ReminderItem key={one.id} reminder={one} fields={fields} mayMute={false}>
                                {one.task !== null && (
                                    <Link className="me-3" href={`/tasks/${one.task.id}`}>
                                        <span className="text-sky underline">№ {one.task.number}</span> {one.task.title}
                                        :
                                    </Link>
                                )}
                            </ReminderItem>
                        ))}
                    </ul>
                </section>
            )}
            <section className="box p-4">
                <header className="mb-1 flex flex-wrap items-center gap-2">
                    <h2 className="flex-1 font-semibold">{say('reminders.proposed')}</h2>
                    {kinds !== null && (
                        <Button onClick={() => setAdding('kind')}>{say('reminders.add_for_kind')}</Button>
                    )}
                </header>
                {proposed.length === 0 && <p className="text-ink2">{say('reminders.proposed_none')}</p>}
                <ul>
                    {proposed.map((one) => (
                        <ReminderItem key={one.id} reminder={one} fields={fields} mayMute={own !== null}>
                            <span className="font-medium">{one.kind?.name}: </span>
                        </ReminderItem>
                    ))}
                </ul>
            </section>
            {mutedTasks.length > 0 && <MutedTasks tasks={mutedTasks} />}
            {kinds !== null && (
                <section className="box">
                    <DueSoon minutes={dueSoonMinutes} />
                </section>
            )}
            {adding !== null && (
                <ReminderDialog
                    fields={fields}
                    reminder={null}
                    {...(adding === 'kind' ? { kinds: kinds ?? [] } : {})}
                    onClose={() => setAdding(null)}
                />
            )}
        </BesideNews>
    );
}
