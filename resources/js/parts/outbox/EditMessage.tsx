import { useForm } from '@inertiajs/react';
import type { WholeMessage } from '@props/Messages/OutboxPage';
import { keep, keptText, useKeptKey } from '@/lib/kept';
import { sendsOnCtrlEnter } from '@/lib/keys';
import { unlessRefused } from '@/lib/refused';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { Labelled } from '@/ui/Labelled';

type Props = { message: WholeMessage; onDone: () => void };

/** It says something else, or goes elsewhere, for this once; and goes, or waits on. */
export function EditMessage({ message, onDone }: Props) {
    const key = useKeptKey(`message ${message.id}`);
    const kept = keptText(key);
    const form = useForm({
        address: message.address ?? '',
        subject: message.mailSubject ?? '',
        text: kept === '' ? message.text : kept,
        files: message.files.map((file) => file.id),
    });
    const send = (goes: boolean): void => {
        form.transform((data) => ({ ...data, send: goes }));
        form.put(`/messages/${message.id}`, {
            preserveScroll: true,
            onSuccess: unlessRefused(() => {
                keep(key, '');
                onDone();
            }),
        });
    };
    return (
        <form
            className="my-3 space-y-3"
            onKeyDown={sendsOnCtrlEnter}
            onSubmit={(event) => {
                event.preventDefault();
                send(message.may.release);
            }}
        >
            <Labelled
                label={say('outbox.text')}
                hint={say('outbox.left', { left: message.most - form.data.text.length, most: message.most })}
                wrong={form.errors.text}
            >
                <textarea
                    className="entry w-full"
                    dir="auto"
                    rows={8}
                    autoFocus
                    maxLength={message.most}
                    value={form.data.text}
                    onChange={(event) => {
                        keep(key, event.target.value);
                        form.setData('text', event.target.value);
                    }}
                />
            </Labelled>
            {message.hasSubject && (
                <Labelled label={say('outbox.subject')} wrong={form.errors.subject}>
                    <input
                        className="entry w-full"
                        dir="auto"
                        maxLength={200}
                        value={form.data.subject}
                        onChange={(event) => form.setData('subject', event.target.value)}
                    />
                </Labelled>
            )}
            <Labelled label={say('outbox.address')} wrong={form.errors.address}>
                <input
                    className="entry w-full"
                    maxLength={200}
                    value={form.data.address}
                    onChange={(event) => form.setData('address', event.target.value)}
                />
            </Labelled>
            <FilesOf files={message.files} kept={form.data.files} onKeep={(files) => form.setData('files', files)} />
            <div className="flex flex-wrap justify-end gap-2">
                <Button
                    onClick={() => {
                        keep(key, '');
                        onDone();
                    }}
                >
                    {say('screen.common.leave_it')}
                </Button>
                {message.may.release && (
                    <Button disabled={form.processing} onClick={() => send(false)}>
                        {say('outbox.keep_held')}
                    </Button>
                )}
                <Button type="submit" look="main" disabled={form.processing} aria-keyshortcuts="Control+Enter">
                    {say(message.may.release ? 'outbox.save_and_send' : 'screen.common.save')}
                </Button>
            </div>
        </form>
    );
}

type FilesProps = { files: WholeMessage['files']; kept: string[]; onKeep: (ids: string[]) => void };

/** Which of its files go with it. */
function FilesOf({ files, kept, onKeep }: FilesProps) {
    const keepOrNot = (id: string, on: boolean): void =>
        onKeep(files.map((one) => one.id).filter((one) => (one === id ? on : kept.includes(one))));
    return files.map((file) => (
        <label key={file.id} className="flex items-center gap-2">
            <input
                type="checkbox"
                checked={kept.includes(file.id)}
                onChange={(event) => keepOrNot(file.id, event.target.checked)}
            />
            {say('outbox.with_file', { file: file.name })}
        </label>
    ));
}
