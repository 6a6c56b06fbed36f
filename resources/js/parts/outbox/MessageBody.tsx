import type { WholeMessage } from '@props/Messages/OutboxPage';
import { useState } from 'react';
import { useFormats } from '@/lib/format';
import { problemOf, whenOf } from '@/lib/messages';
import { say } from '@/lib/words';
import { EditMessage } from './EditMessage';
import { SteerBar } from './SteerBar';

type Props = { message: WholeMessage; editing: boolean; onEdit: (on: boolean) => void };

/** A message: how it stands with it, what is done with it, what it says, why, and what became of it. */
export function MessageBody({ message, editing, onEdit }: Props) {
    const { may } = message;
    return (
        <>
            <Standing message={message} />
            {editing ? (
                <EditMessage message={message} onDone={() => onEdit(false)} />
            ) : (
                <>
                    <div className="my-2 border-y border-line py-2" dir="auto">
                        {message.mailSubject !== null && <p className="font-semibold">{message.mailSubject}</p>}
                        <p className="break-words whitespace-pre-wrap">{message.text}</p>
                    </div>
                    {message.files.length > 0 && (
                        <p className="text-ink2">
                            {message.files.map((file) => say('outbox.with_file', { file: file.name })).join(', ')}
                        </p>
                    )}
                    {(may.release || may.hold || may.drop) && (
                        <SteerBar ids={[message.id]} may={may} onEdit={may.edit ? () => onEdit(true) : undefined} />
                    )}
                </>
            )}
            {message.said !== null && (
                <details className="border-b border-line py-2">
                    <summary className="cursor-pointer text-ink2">{say('outbox.said')}</summary>
                    <p className="whitespace-pre-wrap" dir="auto">
                        {message.said}
                    </p>
                </details>
            )}
        </>
    );
}

/** By what, where to, how far it is; and what is no longer as it was when it was prepared. */
function Standing({ message }: { message: WholeMessage }) {
    const formats = useFormats();
    return (
        <>
            <p className="text-ink2">
                {[
                    say(`outbox.channels.${message.channel}`),
                    message.address ?? say('outbox.no_address'),
                    say(`outbox.states.${message.state}`),
                    whenOf(message, formats),
                ]
                    .filter((part) => part !== '')
                    .join(' · ')}
            </p>
            {message.reasonGone !== null && (
                <p className="mt-2 border-s-2 border-ochre ps-3 text-ochre">
                    {say(`outbox.gone.${message.reasonGone}`)}
                </p>
            )}
        </>
    );
}

/** What became of it, step by step. */
export function MessageSteps({ message }: { message: WholeMessage }) {
    const formats = useFormats();
    const [open, setOpen] = useState(message.steps.length <= SHORT);
    return (
        <details open={open} onToggle={(event) => setOpen(event.currentTarget.open)}>
            <summary className="cursor-pointer py-1 text-ink2">{say('outbox.became')}</summary>
            <ol>
                {message.steps.map((one) => (
                    <li key={one.id} className="flex gap-3 border-t border-line py-1">
                        <span className="w-32 shrink-0 text-xs text-ink2 tabular-nums">{formats.moment(one.at)}</span>
                        <span className="min-w-0 flex-1 break-words">
                            {say(`outbox.steps.${one.step}`)}
                            {one.by !== null && <span className="text-ink2">, {one.by}</span>}
                            {one.note !== null && <span className="text-ink2">: {noteOf(one.step, one.note)}</span>}
                        </span>
                    </li>
                ))}
            </ol>
        </details>
    );

    function noteOf(step: string, note: string): string {
        if (step === 'postponed') return say('outbox.not_before', { moment: formats.moment(note) });
        return step === 'held' ? say(`outbox.gone.${note}`) : problemOf(note);
    }
}

const SHORT = 8;
