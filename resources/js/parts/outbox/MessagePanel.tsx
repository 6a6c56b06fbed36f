import { Link } from '@inertiajs/react';
import type { WholeMessage } from '@props/Messages/OutboxPage';
import { useState } from 'react';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { MessageBody, MessageSteps } from './MessageBody';

/** A message beside the list of them. */
export function MessagePanel({ message, onClose }: { message: WholeMessage; onClose: () => void }) {
    const [editing, setEditing] = useState(false);
    return (
        <article className="p-5" aria-label={say('outbox.message_to', { to: message.to })}>
            <header className="flex items-start gap-3">
                <h2 className="min-w-0 flex-1 text-lg break-words">{message.to}</h2>
                <Button look="quiet" onClick={onClose}>
                    {say('outbox.close')}
                </Button>
            </header>
            <MessageBody message={message} editing={editing} onEdit={setEditing} />
            <p className="py-2 text-ink2">
                {message.rule !== null && say('outbox.by_rule', { rule: message.rule })}{' '}
                {message.task !== null && (
                    <Link className="text-sky underline" href={`/tasks/${message.task.id}`}>
                        № {message.task.number} {message.task.title}
                    </Link>
                )}
                {message.case !== null && (
                    <Link className="text-sky underline" href={`/cases/${message.case.id}`}>
                        {say('case.number', { number: message.case.number })} {message.case.title}
                    </Link>
                )}
            </p>
            <MessageSteps message={message} />
        </article>
    );
}
