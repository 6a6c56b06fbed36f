import clsx from 'clsx';
import type { GiveLine } from '@props/Floor/FloorPage';
import { useFormats } from '@/lib/format';
import { full } from '@/lib/levelling';
import { say } from '@/lib/words';

/** What a lane would become with what is to be given. */
export function GiveStrip({ line, whole = false }: { line: GiveLine | undefined; whole?: boolean }) {
    const { moment, lastDay } = useFormats();
    if (line === undefined) return <span className="text-ink2">{say('give.working')}</span>;
    if (line.holds) return <span className="text-ink2">{say('give.holds')}</span>;
    const against = [
        ...line.against,
        ...(line.awayUntil === null ? [] : [say('people.away_to', { day: lastDay(line.awayUntil) })]),
    ];
    const late = [
        ...(line.late > 0 ? [say('give.late', { count: line.late })] : []),
        ...(line.othersLate > 0 ? [say('give.others_late', { count: line.othersLate })] : []),
    ];
    return (
        <span className={clsx('flex min-w-0 items-baseline gap-x-3', whole && 'flex-wrap')}>
            <span className="whitespace-nowrap tabular-nums">
                {full(line.loadBefore)} →{' '}
                <b className={(line.loadAfter ?? 101) > 100 ? 'text-brick' : ''}>{full(line.loadAfter)}</b>
            </span>
            <span className={`whitespace-nowrap ${late.length > 0 ? 'text-brick' : ''}`}>
                {line.finishAt === null ? say('level.never') : say('give.done', { moment: moment(line.finishAt) })}
                {[...late, ...(late.length === 0 && line.dated > 0 ? [say('give.in_time')] : [])].map(
                    (one) => `, ${one}`,
                )}
            </span>
            {against.length > 0 && (
                <span className={clsx('text-ochre', !whole && 'truncate')} title={against.join('; ')}>
                    {against.join('; ')}
                </span>
            )}
        </span>
    );
}
