import type { WholeMessage } from '@props/Messages/OutboxPage';
import { useState } from 'react';
import { useFormats } from '@/lib/format';
import { useShortcuts } from '@/lib/keys';
import { isWaiting, whenOf } from '@/lib/messages';
import { say } from '@/lib/words';
import { MessageBody } from '../outbox/MessageBody';

type Props = { messages: WholeMessage[]; keys: boolean };

/** Messages about a task: those that wait for somebody stand open, the others in a line. */
export function Messages({ messages, keys }: Props) {
    const formats = useFormats();
    const [editing, setEditing] = useState<number | null>(null);
    const ready = messages.find((one) => one.may.release && one.may.edit);
    useShortcuts(
        'part',
        say('keys.task'),
        keys && ready !== undefined
            ? [{ key: 'm', does: say('outbox.edit').toLocaleLowerCase(), run: () => setEditing(ready.id) }]
            : [],
    );
    return (
        <ul>
            {messages.map((message) => (
                <li key={message.id} className="border-t border-line first:border-0">
                    <details open={isWaiting(message) || editing === message.id} className="py-1">
                        <summary className="cursor-pointer">
                            {say('outbox.message_to', { to: message.to })}{' '}
                            <span className="text-ink2">
                                {say(`outbox.states.${message.state}`).toLocaleLowerCase()} {whenOf(message, formats)}
                            </span>
                        </summary>
                        <MessageBody
                            message={message}
                            editing={editing === message.id}
                            onEdit={(on) => setEditing(on ? message.id : null)}
                        />
                    </details>
                </li>
            ))}
        </ul>
    );
}
