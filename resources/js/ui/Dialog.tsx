import clsx from 'clsx';
import { Dialog as Radix } from 'radix-ui';
import { useEffect, useState, type ReactNode } from 'react';
import { forgetRefused, useRefused } from '@/lib/refused';
import { useShared } from '@/lib/shared';

type Props = {
    open: boolean;
    onOpenChange: (open: boolean) => void;
    title: string;
    description?: string;
    wide?: boolean;
    /** Where what is opened next takes the focus, it does not go back to what was pressed before. */
    leavesFocus?: boolean;
    children: ReactNode;
};

/**
 * One comes to a dialog to type, so that its first empty entry has the focus, or what says of itself that it should; to
 * one that only asks, to say so.
 */
function focusOnEntry(event: Event): void {
    const content = event.currentTarget as HTMLElement | null;
    const entries = [
        ...(content?.querySelectorAll<HTMLElement>('input:not([type=hidden]):not([type=checkbox]), select, textarea') ??
            []),
    ];
    const entry =
        content?.querySelector<HTMLElement>('[data-autofocus]') ??
        entries.find((one) => (one as HTMLInputElement).value === '') ??
        entries[0] ??
        content?.querySelector<HTMLElement>('button[type=submit]');
    if (entry !== undefined && entry !== null) {
        event.preventDefault();
        entry.focus();
    }
}

/** Why what was sent from here was not done, where no entry says it. */
function Refused() {
    const refused = useRefused();
    const { notice } = useShared();
    const [before] = useState(notice);
    useEffect(() => forgetRefused, []);
    const said = refused ?? (notice === before ? null : notice.problem);
    return said === null ? null : (
        <p role="alert" className="mt-3 text-brick">
            {said}
        </p>
    );
}

export function Dialog({ open, onOpenChange, title, description, wide = false, leavesFocus = false, children }: Props) {
    return (
        <Radix.Root open={open} onOpenChange={onOpenChange}>
            <Radix.Portal>
                <Radix.Overlay className="fixed inset-0 z-40 bg-ink/30 dark:bg-black/60" />
                <Radix.Content
                    className={clsx(
                        'box fixed top-[8vh] left-1/2 z-50 max-h-[84vh] w-[calc(100vw-32px)] -translate-x-1/2',
                        'overflow-auto p-6',
                        wide ? 'max-w-3xl' : 'max-w-lg',
                    )}
                    onOpenAutoFocus={focusOnEntry}
                    onCloseAutoFocus={(event) => leavesFocus && event.preventDefault()}
                    {...(description === undefined ? { 'aria-describedby': undefined } : {})}
                >
                    <Radix.Title className="text-lg">{title}</Radix.Title>
                    {description !== undefined && (
                        <Radix.Description className="mt-1 text-ink2">{description}</Radix.Description>
                    )}
                    <div className="mt-4">{children}</div>
                    <Refused />
                </Radix.Content>
            </Radix.Portal>
        </Radix.Root>
    );
}
