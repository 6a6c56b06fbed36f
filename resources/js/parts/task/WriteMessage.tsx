import { useForm } from '@inertiajs/react';
import type { Channel, MessageWay } from '@props/Messages/OutboxPage';
import { useState } from 'react';
import { useFormats } from '@/lib/format';
import { keep, keptText, useKeptKey } from '@/lib/kept';
import { unlessRefused } from '@/lib/refused';
import { usePeople } from '@/lib/usePeople';
import { say } from '@/lib/words';
import { PersonChoice } from '@/parts/PersonChoice';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { DialogForm } from '@/ui/DialogForm';
import { Labelled } from '@/ui/Labelled';
import { MomentEntry } from '@/ui/MomentEntry';

const CUSTOMER = 'customer';

/** What it is about: a task or a case. */
export type Written = {
    id: string;
    /** its address */
    at: string;
    customer: string | null;
    writing: MessageWay[];
    hasFiles: boolean;
};

type Reach = { to: string; channel: Channel };

/** For whom it is, and by which means. */
function Whom({
    of,
    value,
    errors,
    onChange,
}: {
    of: Written;
    value: Reach;
    errors: Partial<Record<keyof Reach, string>>;
    onChange: (part: Partial<Reach>) => void;
}) {
    const people = usePeople();
    const reaching = (to: string): Channel[] =>
        of.writing.filter((one) => to !== CUSTOMER || one.toCustomers).map((one) => one.channel);
    const channels = reaching(value.to);
    return (
        <>
            <Labelled label={say('outbox.for')} wrong={errors.to}>
                <PersonChoice
                    people={people}
                    first={
                        of.customer === null
                            ? []
                            : [{ value: CUSTOMER, label: say('outbox.the_customer', { name: of.customer }) }]
                    }
                    value={value.to}
                    onChange={(to) => {
                        const ways = reaching(to);
                        onChange({
                            to,
                            channel: ways.includes(value.channel) ? value.channel : (ways[0] ?? value.channel),
                        });
                    }}
                />
            </Labelled>
            <Labelled label={say('outbox.channel')} wrong={errors.channel}>
                <select
                    className="entry w-40"
                    value={value.channel}
                    onChange={(event) => onChange({ channel: event.target.value as Channel })}
                >
                    {channels.map((one) => (
                        <option key={one} value={one}>
                            {say(`outbox.channels.${one}`)}
                        </option>
                    ))}
                </select>
            </Labelled>
        </>
    );
}

/** What somebody writes: whom it is for, by which means, when. */
function Writing({ of, onClose }: { of: Written; onClose: () => void }) {
    const formats = useFormats();
    const kept = useKeptKey(`written ${of.id}`);
    const [key] = useState(() => crypto.randomUUID());
    const form = useForm<{
        to: string;
        channel: Channel;
        subject: string;
        text: string;
        files: boolean;
        at: string;
    }>({
        to: of.customer === null ? '' : CUSTOMER,
        channel: 'mail',
        subject: '',
        text: keptText(kept),
        files: false,
        at: '',
    });
    const { data, errors } = form;
    const most = of.writing.find((one) => one.channel === data.channel)?.most ?? 0;
    const send = (): void => {
        form.transform((sent) => ({ ...sent, key, at: sent.at === '' ? null : formats.fromLocal(sent.at) }));
        form.post(`${of.at}/messages`, {
            preserveScroll: true,
            onSuccess: unlessRefused(() => {
                keep(kept, '');
                onClose();
            }),
        });
    };
    return (
        <DialogForm busy={form.processing} send={say('outbox.send')} onLeave={onClose} onSend={send}>
            <Whom of={of} value={data} errors={errors} onChange={(part) => form.setData({ ...data, ...part })} />
            {data.channel === 'mail' && (
                <Labelled label={say('outbox.subject')} hint={say('outbox.subject_hint')} wrong={errors.subject}>
                    <input
                        className="entry w-full"
                        dir="auto"
                        maxLength={200}
                        value={data.subject}
                        onChange={(event) => form.setData('subject', event.target.value)}
                    />
                </Labelled>
            )}
            <Labelled
                label={say('outbox.text')}
                hint={say('outbox.left', { left: most - data.text.length, most })}
                wrong={errors.text}
            >
                <textarea
                    data-autofocus
                    className="entry w-full"
                    dir="auto"
                    rows={5}
                    maxLength={most}
                    value={data.text}
                    onChange={(event) => {
                        keep(kept, event.target.value);
                        form.setData('text', event.target.value);
                    }}
                />
            </Labelled>
            {data.channel === 'mail' && of.hasFiles && (
                <label className="flex items-center gap-2">
                    <input
                        type="checkbox"
                        checked={data.files}
                        onChange={(event) => form.setData('files', event.target.checked)}
                    />
                    {say('outbox.with_files')}
                </label>
            )}
            <Labelled label={say('outbox.from_when')} hint={say('outbox.from_when_hint')} wrong={errors.at}>
                <MomentEntry value={data.at} onChange={(at) => form.setData('at', at)} />
            </Labelled>
        </DialogForm>
    );
}

/** A message about a task or a case that somebody writes themselves. */
export function WriteMessage(of: Written) {
    const [writing, setWriting] = useState(false);
    return (
        <>
            <Button look="quiet" className="-ms-3" onClick={() => setWriting(true)}>
                {say('outbox.write')}
            </Button>
            <Dialog open={writing} onOpenChange={setWriting} title={say('outbox.write')}>
                {writing && <Writing of={of} onClose={() => setWriting(false)} />}
            </Dialog>
        </>
    );
}
