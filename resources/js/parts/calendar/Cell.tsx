import clsx from 'clsx';
import type { CalendarCell, DueLine } from '@props/Calendar/CalendarPage';
import { useFormats } from '@/lib/format';
import { load } from '@/lib/load';
import { longDay } from '@/lib/days';
import { say } from '@/lib/words';

/** All that a cell has, in words. */
export function saidOf(cell: CalendarCell, person?: string): string {
    return [
        ...(person === undefined ? [] : [person]),
        longDay(cell.date),
        ...(cell.state === 'works' ? [] : [say(`work_calendar.states.${cell.state}`)]),
        say('work_calendar.due', { count: cell.due }),
        ...(cell.late > 0 ? [say('work_calendar.late', { count: cell.late })] : []),
        ...(cell.done > 0 ? [say('work_calendar.done', { count: cell.done })] : []),
        ...(cell.awayInAll > 0 ? [say('work_calendar.away', { count: cell.awayInAll })] : []),
        ...(cell.capacity === null || cell.planned === null
            ? []
            : [
                  say('work_calendar.planned', {
                      planned: load(cell.planned),
                      capacity: load(cell.capacity),
                  }),
              ]),
    ].join(', ');
}

/** How full a day is: ink on a line as long as what can be done. */
export function Fullness({ cell, most }: { cell: CalendarCell; most: number }) {
    if (cell.capacity === null || cell.planned === null || most === 0) return null;
    return (
        <span aria-hidden className="relative block h-1.5" style={{ width: `${(100 * cell.capacity) / most}%` }}>
            <span className="absolute inset-x-0 bottom-0 border-b border-ink2" />
            <span
                className="absolute bottom-0 start-0 h-1.5 bg-bar"
                style={{ width: cell.capacity === 0 ? 0 : `${Math.min(100, (100 * cell.planned) / cell.capacity)}%` }}
            />
        </span>
    );
}

function Title({ line }: { line: DueLine }) {
    const { toLocal } = useFormats();
    return (
        <span className="block truncate text-xs">
            {line.at !== null && (
                <span className={clsx('font-mono', line.late ? 'text-brick' : 'text-ink2')}>
                    {toLocal(line.at).slice(11)}{' '}
                </span>
            )}
            {line.title}
        </span>
    );
}

type Props = {
    cell: CalendarCell;
    /** whose it is, where it is that of one of several */
    person?: string;
    most: number;
    today: string;
    open: boolean;
    /** takes the focus when one comes to the grid */
    first: boolean;
    /** a date stands above the column */
    dated: boolean;
    /** outside of the month */
    faint: boolean;
    onOpen: () => void;
};

/** A day: what is due on it, how full it is, who is away. Its button is as large as it is. */
export function Cell({ cell, person, most, today, open, first, dated, faint, onOpen }: Props) {
    const left = cell.due - cell.first.length;
    return (
        <div
            role="gridcell"
            className={clsx(
                'min-w-0 border-s border-line',
                (cell.state === 'off' || cell.state === 'holiday') && 'bg-chalk',
            )}
        >
            <button
                type="button"
                data-cell
                tabIndex={first ? 0 : -1}
                aria-expanded={open}
                onClick={onOpen}
                className={clsx(
                    'flex h-full w-full flex-col items-stretch gap-0.5 px-1.5 py-1 text-start',
                    open ? 'bg-pine-wash' : 'hover:bg-pine-wash',
                    cell.state === 'away' && 'ruled',
                )}
            >
                <span className="sr-only">{saidOf(cell, person)}</span>
                <span aria-hidden className="flex items-baseline gap-1.5">
                    {!dated && (
                        <span
                            className={clsx(
                                'tabular-nums',
                                cell.date === today ? 'border-b-2 border-pine font-semibold' : faint && 'text-ink2',
                            )}
                        >
                            {Number(cell.date.slice(8))}
                        </span>
                    )}
                    <span className="ms-auto truncate text-xs text-ink2">
                        {cell.late > 0 && (
                            <b className="font-semibold text-brick">
                                {say('work_calendar.late', { count: cell.late })}
                            </b>
                        )}
                        {cell.done > 0 && ` ${say('work_calendar.done', { count: cell.done })}`}
                        {(cell.state === 'part' || (cell.state === 'holiday' && !dated)) &&
                            ` ${say(`work_calendar.states.${cell.state}`)}`}
                        {cell.state === 'away' && (
                            <span className="bg-paper px-1">{say('work_calendar.states.away')}</span>
                        )}
                    </span>
                </span>
                {cell.first.map((line) => (
                    <Title key={line.id} line={line} />
                ))}
                {left > 0 && (
                    <span aria-hidden className="text-xs text-ink2">
                        {say('work_calendar.more', { count: left })}
                    </span>
                )}
                <span className="mt-auto">
                    {cell.away.length > 0 && (
                        <span className="flex gap-1 text-xs text-ink2">
                            <span aria-hidden className="whitespace-nowrap">
                                {say('work_calendar.away', { count: cell.awayInAll })}
                            </span>
                            <span className="truncate">{cell.away.map((one) => one.name).join(', ')}</span>
                        </span>
                    )}
                    <Fullness cell={cell} most={most} />
                </span>
            </button>
        </div>
    );
}
