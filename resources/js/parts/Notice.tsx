import clsx from 'clsx';
import { router } from '@inertiajs/react';
import { useState } from 'react';
import { useOutage } from '@/lib/outage';
import { forgetRefused, useRefused } from '@/lib/refused';
import { useShortcuts } from '@/lib/keys';
import { useShared } from '@/lib/shared';
import { useNow } from '@/lib/useNow';
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
            {text === last && notice.undo !== null && <Undo of={notice} undo={notice.undo} />}
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

/** Seconds for which what was done can be taken back. */
const OPEN = 10;

/** of: what it takes back; each begins its time anew, two of one task as well. */
function Undo({ of, undo }: { of: object; undo: { label: string; url: string } }) {
    const now = useNow(1);
    const [begun, setBegun] = useState({ of, at: now });
    if (begun.of !== of) setBegun({ of, at: now });
    const left = Math.ceil((begun.at + OPEN * 1000 - now) / 1000);
    const run = (): void => router.post(undo.url, {}, { preserveScroll: true });
    useShortcuts('anywhere', say('keys.anywhere'), left > 0 ? [{ key: 'z', does: say('keys.undo'), run }] : []);
    return left <= 0 ? null : (
        <span className="flex items-center">
            <Button look="quiet" onClick={run}>
                {undo.label}
            </Button>
            <span aria-hidden className="text-xs text-ink2">
                {say('in_hand.undo_soon', { seconds: left })}
            </span>
        </span>
    );
}
