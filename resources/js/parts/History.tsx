import type { HistoryEntry, HistoryPage } from '@props/Tasks/TaskHistory';
import type { Trail } from '@props/Tasks/TaskView';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { useFormats } from '@/lib/format';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { Effects, ReasonTrail } from './ReasonTrail';

function Decision({ of, decision }: { of: string; decision: NonNullable<HistoryEntry['decision']> }) {
    const [trail, setTrail] = useState<Trail | null>(null);
    const open = (): void => void ask<Trail>('GET', `${of}/decisions/${decision.id}`).then(setTrail);
    return (
        <div className="mt-1 border-s-2 border-pine ps-3">
            <p>
                {decision.rule === null ? (
                    <span className="text-ink2">{say('screen.history.rules')}</span>
                ) : (
                    <strong className="font-medium">{decision.rule}</strong>
                )}{' '}
                <span className="text-ink2">{decision.summary}</span>{' '}
                <Button look="quiet" className="min-h-5 py-0" onClick={open}>
                    {say('screen.history.why')}
                </Button>
            </p>
            {decision.late !== null && <p className="text-xs text-ochre">{decision.late}</p>}
            <div className="text-ink2">
                <Effects effects={decision.effects} by={decision.rule} />
            </div>
            {trail !== null && (
                <Dialog
                    open
                    onOpenChange={(still) => !still && setTrail(null)}
                    title={say('screen.history.why_it_was_decided')}
                    wide
                >
                    <ReasonTrail trail={trail} />
                </Dialog>
            )}
        </div>
    );
}

/** An entry with what rules made of it; what followed from that stands indented below. */
function Entry({ of, entry, nested = false }: { of: string; entry: HistoryEntry; nested?: boolean }) {
    const formats = useFormats();
    return (
        <li
            className={
                nested
                    ? 'mt-1 border-s border-line ps-3'
                    : 'grid grid-cols-[110px_1fr] gap-3 border-t border-line py-2 first:border-0'
            }
        >
            {!nested && <span className="text-xs text-ink2 tabular-nums">{formats.moment(entry.at)}</span>}
            <div className="min-w-0">
                {!nested && (
                    <p>
                        {entry.said}
                        {entry.because !== null && <span className="text-ink2">, {entry.because}</span>}
                        {entry.reason !== null && <span className="text-ink2"> “{entry.reason}”</span>}
                    </p>
                )}
                {entry.comment !== null && (
                    <p className="my-1 border-s-2 border-sky ps-3 break-words whitespace-pre-wrap">{entry.comment}</p>
                )}
                {entry.changes.length > 0 && <p className="text-ink2">{entry.changes.join(' · ')}</p>}
                {entry.decision !== null && <Decision of={of} decision={entry.decision} />}
                {entry.follows.length > 0 && (
                    <ul className="ps-3">
                        {entry.follows.map((one) => (
                            <Entry key={one.id} of={of} entry={one} nested />
                        ))}
                    </ul>
                )}
            </div>
        </li>
    );
}

/**
 * All that has happened, the latest first and by pages.
 *
 * `of` is the address of the task or the case, below which the rest of it is asked for.
 */
export function History({ of, latest }: { of: string; latest: HistoryPage }) {
    const [before, setBefore] = useState<HistoryPage & { of: string }>({ of: '', entries: [], earlier: null });
    const key = `${of} ${latest.earlier}`;
    const more = before.of === key ? before : { of: key, entries: [], earlier: latest.earlier };
    const fetchMore = (): void =>
        void ask<HistoryPage>('GET', `${of}/history?before=${more.earlier}`).then((page) =>
            setBefore({ of: more.of, entries: [...page.entries, ...more.entries], earlier: page.earlier }),
        );
    return (
        <>
            <ol aria-label={say('history.title')}>
                {[...more.entries, ...latest.entries].reverse().map((entry) => (
                    <Entry key={entry.id} of={of} entry={entry} />
                ))}
            </ol>
            {more.earlier !== null && (
                <Button look="quiet" onClick={fetchMore}>
                    {say('history.more')}
                </Button>
            )}
        </>
    );
}
