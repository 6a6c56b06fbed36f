import clsx from 'clsx';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { useOutage } from '@/lib/outage';
import { useShared } from '@/lib/shared';
import { Button } from '@/ui/Button';
import { say } from '@/lib/words';

/** What the last action came to, with its undo; a line under the bar that one can send away. */
export function Notice() {
    const { notice } = useShared();
    const [sentAway, setSentAway] = useState<typeof notice | null>(null);
    const outage = useOutage();
    const text = outage ?? notice.problem ?? notice.done;
    if (text === null || (outage === null && sentAway === notice)) return <div role="status" />;
    const grave = outage !== null || notice.problem !== null;
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
            {outage === null && notice.undo !== null && (
                <Button look="quiet" onClick={() => router.post(notice.undo?.url ?? '', {})}>
                    {notice.undo.label}
                </Button>
            )}
            {outage === null && (
                <Button look="quiet" className="ms-auto" onClick={() => setSentAway(notice)}>
                    {say('screen.common.close')}
                </Button>
            )}
        </div>
    );
}
