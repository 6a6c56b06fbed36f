import clsx from 'clsx';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { useOutage } from '@/lib/outage';
import { forgetRefused, useRefused } from '@/lib/refused';
import { useShared } from '@/lib/shared';
import { Button } from '@/ui/Button';
import { say } from '@/lib/words';

/** What the last action came to, with its undo; a line under the bar that one can send away. */
export function Notice() {
    const { notice } = useShared();
    const [sentAway, setSentAway] = useState<typeof notice | null>(null);
    const outage = useOutage();
    const refused = useRefused();
    const last = sentAway === notice ? null : (notice.problem ?? notice.done);
    const text = outage ?? refused ?? last;
    if (text === null) return <div role="status" />;
    const grave = text !== notice.done;
    return (
        <div
            role="status"
            className={clsx(
                'flex shrink-0 items-center gap-4 border-b px-4 py-1',
                grave ? 'border-brick text-brick' : 'border-line',
                'bg-paper',
            )}
        >
            <span className={grave ? 'font-semibold' : ''}>{text}</span>
            {text === last && notice.undo !== null && (
                <Button look="quiet" onClick={() => router.post(notice.undo?.url ?? '', {})}>
                    {notice.undo.label}
                </Button>
            )}
            {outage === null && (
                <Button
                    look="quiet"
                    className="ms-auto"
                    onClick={() => (refused === null ? setSentAway(notice) : forgetRefused())}
                >
                    {say('screen.common.close')}
                </Button>
            )}
        </div>
    );
}
