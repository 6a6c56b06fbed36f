import { useForm } from '@inertiajs/react';
import type { Audience, DateField, ReminderLine } from '@props/Reminders/RemindersPage';
import { say } from '@/lib/words';
import { Channels } from '@/ui/Channels';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';
import { OffsetControl } from '../rule/OffsetControl';

type Props = {
    fields: DateField[];
    /** that is changed; null: a new one */
    reminder: ReminderLine | null;
    /** a new one of one task */
    task?: string;
    /** a new one of a kind of task, one of these */
    kinds?: { slug: string; name: string }[];
    onClose: () => void;
};

const AUDIENCES: Audience[] = ['holder', 'reviewer', 'customer'];

type Moment = { field: string; offset: string; time: string };

/** How far from which date, and at what time of that day. */
function When({
    fields,
    value,
    errors,
    onChange,
}: {
    fields: DateField[];
    value: Moment;
    errors: Partial<Record<keyof Moment, string>>;
    onChange: (part: Partial<Moment>) => void;
}) {
    return (
        <>
            <Labelled label={say('reminders.field')} wrong={errors.field}>
                <select
                    data-autofocus
                    className="entry w-full"
                    value={value.field}
                    onChange={(event) => onChange({ field: event.target.value })}
                >
                    {fields.map((one) => (
                        <option key={one.path} value={one.path}>
                            {one.label}
                        </option>
                    ))}
                </select>
            </Labelled>
            <div>
                <span className="block font-medium">{say('reminders.distance')}</span>
                <OffsetControl
                    label={say('reminders.distance')}
                    value={value.offset}
                    onChange={(offset) => onChange({ offset })}
                />
                {errors.offset !== undefined && <p className="text-xs text-brick">{errors.offset}</p>}
            </div>
            <Labelled label={say('reminders.time')} hint={say('reminders.time_hint')} wrong={errors.time}>
                <input
                    type="time"
                    className="entry w-40"
                    value={value.time}
                    onChange={(event) => onChange({ time: event.target.value })}
                />
            </Labelled>
        </>
    );
}

/** Sets a reminder, or changes one. */
export function ReminderDialog({ fields, reminder, task, kinds, onClose }: Props) {
    const proposed = kinds !== undefined || (reminder !== null && reminder.kind !== null);
    const form = useForm({
        ...(task === undefined ? {} : { task }),
        ...(kinds === undefined ? {} : { kind: kinds[0]?.slug ?? '' }),
        ...(proposed ? { audience: reminder?.audience ?? 'holder' } : {}),
        field: reminder?.field ?? 'task.due',
        offset: reminder?.offset ?? '-1 working_days',
        time: reminder?.time ?? '',
        channels: reminder?.channels ?? [],
        text: reminder?.text ?? '',
    });
    const { data, errors } = form;
    const customer = data.audience === 'customer';
    const done = { preserveScroll: true, onSuccess: onClose };
    return (
        <Dialog
            open
            onOpenChange={onClose}
            title={say(reminder !== null ? 'reminders.change' : kinds ? 'reminders.add_for_kind' : 'reminders.add')}
        >
            <DialogForm
                busy={form.processing}
                onLeave={onClose}
                onSend={() =>
                    reminder === null ? form.post('/reminders', done) : form.put(`/reminders/${reminder.id}`, done)
                }
            >
                {kinds !== undefined && (
                    <Labelled label={say('reminders.kind')} wrong={errors.kind}>
                        <select
                            className="entry w-full"
                            value={data.kind}
                            onChange={(event) => form.setData('kind', event.target.value)}
                        >
                            {kinds.map((one) => (
                                <option key={one.slug} value={one.slug}>
                                    {one.name}
                                </option>
                            ))}
                        </select>
                    </Labelled>
                )}
                {proposed && (
                    <Labelled label={say('reminders.audience')} wrong={errors.audience}>
                        <select
                            className="entry w-full"
                            value={data.audience}
                            onChange={(event) => form.setData('audience', event.target.value as Audience)}
                        >
                            {AUDIENCES.map((one) => (
                                <option key={one} value={one}>
                                    {say(`reminders.audiences.${one}`)}
                                </option>
                            ))}
                        </select>
                    </Labelled>
                )}
                <When
                    fields={fields}
                    value={data}
                    errors={errors}
                    onChange={(part) => form.setData({ ...data, ...part })}
                />
                <Channels
                    label={say(customer ? 'reminders.text_customer' : 'reminders.channels')}
                    value={data.channels}
                    without={customer ? ['chat'] : []}
                    onChange={(channels) => form.setData('channels', channels)}
                />
                {errors.channels !== undefined && <p className="text-xs text-brick">{errors.channels}</p>}
                <Labelled
                    label={say('reminders.text')}
                    hint={customer ? undefined : say('reminders.text_hint')}
                    wrong={errors.text}
                >
                    <textarea
                        className="entry w-full"
                        rows={2}
                        maxLength={1000}
                        value={data.text}
                        onChange={(event) => form.setData('text', event.target.value)}
                    />
                </Labelled>
            </DialogForm>
        </Dialog>
    );
}
