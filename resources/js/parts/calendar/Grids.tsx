import clsx from 'clsx';
import type { CalendarCell, CalendarPageProps } from '@props/Calendar/CalendarPage';
import type { ReactNode } from 'react';
import { stepInGrid } from '@/lib/calendar';
import { weekdayName } from '@/lib/days';
import { weekday } from '@/lib/format';
import { say } from '@/lib/words';
import { PersonName } from '@/parts/PersonMark';
import { Cell } from './Cell';

type Props = Pick<CalendarPageProps, 'dates' | 'today'> & {
    label: string;
    shown: string | null;
    onOpen: (date: string, person?: string) => void;
};

function fullest(cells: CalendarCell[]): number {
    return Math.max(0, ...cells.map((cell) => cell.capacity ?? 0));
}

function Grid({ label, heads, children }: { label: string; heads: ReactNode; children: ReactNode }) {
    return (
        <div role="grid" aria-label={label} className="flex min-h-full min-w-[640px] flex-col" onKeyDown={stepInGrid}>
            <div role="row" className="sticky top-0 z-10 grid border-b border-ink2 bg-paper text-xs text-ink2">
                {heads}
            </div>
            {children}
        </div>
    );
}

/** A month by whole weeks. */
export function MonthGrid({
    weeks,
    month,
    label,
    today,
    shown,
    onOpen,
}: Omit<Props, 'dates'> & { weeks: CalendarCell[][]; month: string }) {
    const most = fullest(weeks.flat());
    const first = weeks.flat().some((cell) => cell.date === today) ? today : `${month}-01`;
    return (
        <Grid
            label={label}
            heads={
                <span className="grid grid-cols-7" role="presentation">
                    {(weeks[0] ?? []).map((cell) => (
                        <span key={cell.date} role="columnheader" className="border-s border-line px-1.5 py-1">
                            {weekdayName(cell.date)}
                        </span>
                    ))}
                </span>
            }
        >
            {weeks.map((week) => (
                <div
                    key={week[0]?.date}
                    role="row"
                    data-cells
                    className="grid min-h-24 flex-1 grid-cols-7 border-b border-line"
                >
                    {week.map((cell) => (
                        <Cell
                            key={cell.date}
                            cell={cell}
                            most={most}
                            today={today}
                            open={cell.date === shown}
                            first={cell.date === (shown ?? first)}
                            dated={false}
                            faint={!cell.date.startsWith(month)}
                            onOpen={() => onOpen(cell.date)}
                        />
                    ))}
                </div>
            ))}
        </Grid>
    );
}

const LANE = 'grid-cols-[176px_repeat(7,minmax(0,1fr))]';

/** A week of several, lane by lane. */
export function WeekGrid({
    lanes,
    dates,
    label,
    today,
    onOpen,
}: Props & { lanes: NonNullable<CalendarPageProps['lanes']> }) {
    const most = fullest(lanes.flatMap((lane) => lane.cells));
    return (
        <Grid
            label={label}
            heads={
                <span className={clsx('grid', LANE)} role="presentation">
                    <span role="columnheader" className="px-3 py-1">
                        {say('work_calendar.person')}
                    </span>
                    {dates.map((one) => (
                        <span
                            key={one.date}
                            role="columnheader"
                            className={clsx(
                                'border-s border-line px-1.5 py-1',
                                one.date === today && 'font-semibold text-ink',
                            )}
                        >
                            {weekday(one.date)}
                            {one.off && `, ${say(`work_calendar.states.${one.holiday ? 'holiday' : 'off'}`)}`}
                        </span>
                    ))}
                </span>
            }
        >
            {lanes.map((lane, place) => (
                <div
                    key={lane.person.slug}
                    role="row"
                    data-cells
                    className={clsx('grid min-h-14 border-b border-line', LANE)}
                >
                    <span role="rowheader" className="flex items-start px-3 py-1.5">
                        <PersonName {...lane.person} />
                    </span>
                    {lane.cells.map((cell, column) => (
                        <Cell
                            key={cell.date}
                            cell={cell}
                            person={lane.person.name}
                            most={most}
                            today={today}
                            open={false}
                            first={place === 0 && column === 0}
                            dated
                            faint={false}
                            onOpen={() => onOpen(cell.date, lane.person.slug)}
                        />
                    ))}
                </div>
            ))}
        </Grid>
    );
}
