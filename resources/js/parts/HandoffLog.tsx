import clsx from 'clsx';
import type { HandoffLine } from '@props/Tasks/HandoffLine';
import { useFormats } from '@/lib/format';
import { PersonMark } from './PersonMark';
import { say } from '@/lib/words';

/** The one curved thing: work goes from one lane to another. */
export function Arc() {
    return (
        <svg width="26" height="14" viewBox="0 0 26 14" aria-hidden="true" className="shrink-0">
            <path d="M2 12C4 0 20 0 23 10" fill="none" className="stroke-ink2" strokeWidth="1.5" />
            <path d="M19.5 7.5L23.2 11.2L25.5 6.5" fill="none" className="stroke-ink2" strokeWidth="1.5" />
        </svg>
    );
}

function cause(handoff: HandoffLine): string {
    if (handoff.standsInFor !== null) return say('cover.in_place', { person: handoff.standsInFor.name });
    return say('screen.handoff_log.cause', { cause: handoff.cause });
}

export function HandoffRow({
    handoff,
    withTask = false,
    onTask,
}: {
    handoff: HandoffLine;
    withTask?: boolean;
    onTask?: (id: string) => void;
}) {
    const formats = useFormats();
    return (
        <li
            className={clsx(
                'border-t border-line py-1.5',
                handoff.standsInFor === null ? '' : 'border-s-2 border-s-plum ps-2',
            )}
        >
            <div className="flex items-center gap-1.5 text-sm whitespace-nowrap">
                {handoff.from === null ? (
                    <span className="text-ink2">{say('screen.handoff_log.arrived')}</span>
                ) : (
                    <>
                        <PersonMark slug={handoff.from.slug} size={18} />{' '}
                        <span className="truncate">{handoff.from.name}</span>
                    </>
                )}
                <Arc />
                {handoff.to !== null && (
                    <>
                        <PersonMark slug={handoff.to.slug} size={18} />{' '}
                        <span className="truncate font-medium">{handoff.to.name}</span>
                        {handoff.together && <span className="text-ink2">{say('screen.handoff_log.shared')}</span>}
                    </>
                )}
                {handoff.cause === 'gave_back' && (
                    <span className="truncate text-ink2">{say('screen.handoff_log.to_all')}</span>
                )}
                {handoff.to === null && handoff.together && (
                    <span className="truncate text-ink2">{say('screen.handoff_log.others')}</span>
                )}
                <span className="ms-auto ps-2 text-xs text-ink2">{cause(handoff)}</span>
            </div>
            <div className="flex items-baseline gap-3 text-xs">
                {withTask && (
                    <button
                        type="button"
                        onClick={() => onTask?.(handoff.taskId)}
                        className="min-w-0 truncate text-start text-sky underline"
                    >
                        № {handoff.number} {handoff.title}
                    </button>
                )}
                <span className="ms-auto whitespace-nowrap text-ink2">{formats.moment(handoff.at)}</span>
            </div>
            {handoff.awayUntil !== null && (
                <p className="text-xs text-plum">
                    {say('screen.handoff_log.away', {
                        person: handoff.standsInFor?.name ?? '',
                        until: formats.until(handoff.awayUntil),
                    })}
                </p>
            )}
            {handoff.reason !== null && <p className="text-xs text-ink2">“{handoff.reason}”</p>}
        </li>
    );
}

export function HandoffLog({ handoffs }: { handoffs: HandoffLine[] }) {
    if (handoffs.length === 0) return <p className="text-ink2">{say('screen.handoff_log.nobody_has_held_this')}</p>;
    return (
        <ul aria-label={say('screen.handoff_log.handoff_log')}>
            {handoffs.map((handoff) => (
                <HandoffRow key={handoff.id} handoff={handoff} />
            ))}
        </ul>
    );
}
