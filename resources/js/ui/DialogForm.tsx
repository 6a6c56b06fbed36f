import type { ReactNode } from 'react';
import { sendsOnCtrlEnter } from '@/lib/keys';
import { say } from '@/lib/words';
import { Button } from './Button';

type Props = {
    children: ReactNode;
    busy?: boolean;
    leave?: string;
    send?: string;
    look?: 'main' | 'grave';
    onLeave: () => void;
    onSend: () => void;
};

/** What a dialog asks for, with the way back and the way on. */
export function DialogForm({
    children,
    busy = false,
    leave = say('screen.common.leave_it'),
    send = say('screen.common.save'),
    look = 'main',
    onLeave,
    onSend,
}: Props) {
    return (
        <form
            className="space-y-4"
            onKeyDown={sendsOnCtrlEnter}
            onSubmit={(event) => {
                event.preventDefault();
                // A dialog may stand in a form; that one is not sent with it.
                event.stopPropagation();
                onSend();
            }}
        >
            {children}
            <div className="flex justify-end gap-2">
                <Button onClick={onLeave}>{leave}</Button>
                <Button type="submit" look={look} disabled={busy} aria-keyshortcuts="Control+Enter">
                    {send}
                </Button>
            </div>
        </form>
    );
}
