import { Head, router } from '@inertiajs/react';
import type { CalendarPageProps, CalendarView } from '@props/Calendar/CalendarPage';
import { calendarAddress, lookAtCalendar, type By } from '@/lib/calendar';
import { useShortcuts } from '@/lib/keys';
import { say } from '@/lib/words';
import { DayAside } from '@/parts/calendar/DayAside';
import { MonthGrid, WeekGrid } from '@/parts/calendar/Grids';
import { HoursRows } from '@/parts/calendar/HoursRows';
import { PeriodBar, useTitle } from '@/parts/calendar/PeriodBar';
import { TaskPanel } from '@/parts/TaskPanel';
import { Pages } from '@/ui/Pages';

const BYS: By[] = ['day', 'week', 'month'];

/** Goes on in time, and nearer or further away. */
function useKeys(view: CalendarView, today: string): void {
    const step = (by: number): void => {
        const next = BYS[BYS.indexOf(view.by) + by];
        if (next !== undefined) lookAtCalendar({ ...view, by: next, page: 1 });
    };
    useShortcuts('page', say('work_calendar.title'), [
        { key: ',', does: say('work_calendar.earlier'), run: () => lookAtCalendar({ ...view, date: view.earlier }) },
        { key: '.', does: say('work_calendar.later'), run: () => lookAtCalendar({ ...view, date: view.later }) },
        { key: 'h', does: say('work_calendar.today'), run: () => lookAtCalendar({ ...view, date: today }) },
        { key: 'c', does: say('work_calendar.nearer'), run: () => step(-1) },
        { key: 'w', does: say('work_calendar.wider'), run: () => step(1) },
    ]);
}

/** The work by day, week and month. */
export default function Calendar(page: CalendarPageProps) {
    const { view, dates, today, weeks, lanes, hours, shown, task } = page;
    const title = useTitle(view, dates[0]?.date ?? view.date);
    useKeys(view, today);
    const show = (at: CalendarView, beside: Record<string, string>): void =>
        router.visit(calendarAddress(at, beside), { preserveState: true, preserveScroll: true });
    const openDay = (date: string, person?: string): void => {
        // A day of one of several is that day of theirs, by hours.
        if (person !== undefined && view.kind !== 'person') {
            show({ ...view, by: 'day', date, kind: 'person', slug: person, page: 1 }, { show: date });
        } else show(view, { show: date });
    };
    const openTask = (id: string): void => show(view, { task: id, ...(shown === null ? {} : { show: shown.date }) });
    const label = say('work_calendar.label', { days: title, whose: view.name });
    return (
        <div className="flex h-full flex-col">
            <Head title={say('work_calendar.title')} />
            <PeriodBar {...page} title={title} />
            <div className="flex min-h-0 flex-1">
                <section
                    aria-label={label}
                    tabIndex={0}
                    className="min-w-0 flex-1 overflow-auto bg-paper focus-visible:outline-offset-[-2px]"
                >
                    {weeks !== null && (
                        <MonthGrid
                            weeks={weeks}
                            month={view.date.slice(0, 7)}
                            label={title}
                            today={today}
                            shown={shown?.date ?? null}
                            onOpen={openDay}
                        />
                    )}
                    {lanes !== null && (
                        <WeekGrid
                            lanes={lanes}
                            dates={dates}
                            label={title}
                            today={today}
                            shown={null}
                            onOpen={openDay}
                        />
                    )}
                    {hours !== null && (
                        <HoursRows
                            hours={hours}
                            ofOne={view.kind === 'person'}
                            label={title}
                            today={today}
                            shown={shown?.date ?? null}
                            onOpen={openDay}
                            onTask={openTask}
                        />
                    )}
                    {(lanes?.length === 0 || hours?.rows.length === 0) && (
                        <p className="p-5 text-ink2">{say('work_calendar.nobody')}</p>
                    )}
                    <Pages
                        page={view.page}
                        pages={view.pages}
                        onShow={(one) => lookAtCalendar({ ...view, page: one })}
                    />
                </section>
                {(shown !== null || task !== null) && (
                    <aside
                        aria-label={say('screen.common.details')}
                        className="w-[400px] shrink-0 overflow-auto border-s border-line bg-paper"
                    >
                        {task !== null ? (
                            <TaskPanel
                                key={task.id}
                                task={task}
                                place="elsewhere"
                                onClose={() => show(view, shown === null ? {} : { show: shown.date })}
                            />
                        ) : (
                            shown !== null && (
                                <DayAside
                                    shown={shown}
                                    onTask={openTask}
                                    onHours={() => show({ ...view, by: 'day', date: shown.date }, {})}
                                    onClose={() => show(view, {})}
                                />
                            )
                        )}
                    </aside>
                )}
            </div>
        </div>
    );
}
