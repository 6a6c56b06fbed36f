import clsx from 'clsx';
import type { CalendarPageProps, CalendarRow, DueLine } from '@props/Calendar/CalendarPage';
import { stepInGrid } from '@/lib/calendar';
import { useFormats, weekday } from '@/lib/format';
import { say } from '@/lib/words';
import { PersonName } from '@/parts/PersonMark';
import { HourHeads, HoursLane, type Axis } from '@/parts/floor/HoursLane';
import { saidOf } from './Cell';

const HOUR = 3_600_000;

const LANE = 'grid-cols-[176px_minmax(0,1fr)]';

function axisOf(row: CalendarRow, hours: { from: number; to: number }): Axis {
    const at = (hour: number): string => new Date(Date.parse(row.begin) + hour * HOUR).toISOString();
    return { from: at(hours.from), to: at(hours.to) };
}

/** What is due on a day, in a line under its lane. */
function Dues({ lines, onTask }: { lines: DueLine[]; onTask: (id: string) => void }) {
    const { toLocal } = useFormats();
    if (lines.length === 0) return null;
    return (
        <ul
            className="flex max-h-18 flex-wrap gap-x-4 overflow-auto text-xs"
            aria-label={say('work_calendar.due', { count: lines.length })}
        >
            {lines.map((line) => (
                <li key={line.id} className="min-w-0">
                    <button
                        type="button"
                        className="max-w-72 min-h-6 truncate text-start hover:underline"
                        onClick={() => onTask(line.id)}
                    >
                        <span className={clsx('font-mono', line.late ? 'text-brick' : 'text-ink2')}>
                            {line.at === null ? '' : toLocal(line.at).slice(11)}
                        </span>{' '}
                        {line.title}
                    </button>
                </li>
            ))}
        </ul>
    );
}

type Props = {
    hours: NonNullable<CalendarPageProps['hours']>;
    /** rows are days of one person, rather than people of one day */
    ofOne: boolean;
    label: string;
    today: string;
    shown: string | null;
    onOpen: (date: string, person?: string) => void;
    onTask: (id: string) => void;
};

/** Time from left to right: the week of one person, a day to a lane, or one day of several. */
export function HoursRows({ hours, ofOne, label, today, shown, onOpen, onTask }: Props) {
    const head = hours.rows[0];
    return (
        <div className="min-w-[640px]" role="group" aria-label={label} onKeyDown={stepInGrid}>
            {head !== undefined && (
                <div className={clsx('sticky top-0 z-10 grid border-b border-ink2 bg-paper text-xs text-ink2', LANE)}>
                    <span />
                    <HourHeads axis={axisOf(head, hours.axis)} />
                </div>
            )}
            {hours.rows.map((row) => (
                <div
                    key={`${row.person.slug} ${row.date}`}
                    data-cells
                    className={clsx(
                        'grid border-b border-line',
                        LANE,
                        (row.state === 'off' || row.state === 'holiday') && 'bg-chalk',
                    )}
                >
                    <button
                        type="button"
                        data-cell
                        aria-expanded={ofOne && row.date === shown}
                        onClick={() => onOpen(row.date, row.person.slug)}
                        className={clsx(
                            'flex flex-col items-start px-3 py-1.5 text-start hover:bg-pine-wash',
                            ofOne && row.date === shown && 'bg-pine-wash',
                        )}
                    >
                        <span className="sr-only">{saidOf(row, row.person.name)}</span>
                        {ofOne ? (
                            <span
                                aria-hidden
                                className={row.date === today ? 'border-b-2 border-pine font-semibold' : ''}
                            >
                                {weekday(row.date)}
                            </span>
                        ) : (
                            <PersonName {...row.person} />
                        )}
                        <span aria-hidden className="text-xs text-ink2">
                            {row.state === 'works'
                                ? say('work_calendar.due', { count: row.due })
                                : say(`work_calendar.states.${row.state}`)}
                            {row.late > 0 && (
                                <b className="font-semibold text-brick">
                                    {' '}
                                    {say('work_calendar.late', { count: row.late })}
                                </b>
                            )}
                        </span>
                    </button>
                    <div className={clsx('min-w-0 border-s border-line px-0 py-1', row.state === 'away' && 'ruled')}>
                        <HoursLane
                            hours={row.hours}
                            axis={axisOf(row, hours.axis)}
                            name={ofOne ? weekday(row.date) : row.person.name}
                            onTask={onTask}
                        />
                        <div className="px-1.5">
                            <Dues lines={row.first} onTask={onTask} />
                        </div>
                    </div>
                </div>
            ))}
        </div>
    );
}
