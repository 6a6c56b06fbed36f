import clsx from 'clsx';
import type { CalendarPageProps, CalendarView } from '@props/Calendar/CalendarPage';
import { lookAtCalendar, type By } from '@/lib/calendar';
import { addDays, longDay, monthOf, weekNumber } from '@/lib/days';
import { useFormats } from '@/lib/format';
import { usePeople } from '@/lib/usePeople';
import { useShared } from '@/lib/shared';
import { say } from '@/lib/words';
import { PersonChoice } from '@/parts/PersonChoice';
import { SecretAddress } from '@/parts/SecretAddress';
import { Button } from '@/ui/Button';
import { DayEntry } from '@/ui/DayEntry';
import { Popover } from '@/ui/Popover';

/** The days that are shown, in words. */
export function useTitle(view: CalendarView, first: string): string {
    const { days } = useFormats();
    if (view.by === 'day') return longDay(view.date);
    if (view.by === 'month') return monthOf(view.date);
    return say('work_calendar.week', { week: weekNumber(first), days: days(first, addDays(first, 6)) });
}

/** Whose work it is: one's own, that of somebody, a team or everybody. */
function Whose({ view, choices }: Pick<CalendarPageProps, 'view' | 'choices'>) {
    const leads = useShared().viewer?.places.some((one) => one.place === 'floor') ?? false;
    const people = usePeople(leads);
    const teams = choices.teams.map((team) => ({
        value: `team:${team.slug}`,
        label: say('floor.of_team', { name: team.name }),
    }));
    const own = choices.own;
    return (
        <PersonChoice
            aria-label={say('floor.whose')}
            className="w-56"
            people={
                leads
                    ? people.map((one) => ({ value: `person:${one.value}`, label: one.label }))
                    : own === null
                      ? []
                      : [{ value: `person:${own}`, label: say('work_calendar.own') }]
            }
            first={[{ value: 'all:', label: say('floor.everybody') }, ...teams]}
            value={`${view.kind}:${view.slug}`}
            onChange={(chosen) => {
                const [kind, slug] = [chosen.slice(0, chosen.indexOf(':')), chosen.slice(chosen.indexOf(':') + 1)];
                if (kind !== '') lookAtCalendar({ ...view, kind: kind as CalendarView['kind'], slug, page: 1 });
            }}
        />
    );
}

/** Which days, of whom, and how one goes on from there. */
export function PeriodBar({
    view,
    title,
    choices,
    feed,
    today,
}: Pick<CalendarPageProps, 'view' | 'choices' | 'feed' | 'today'> & { title: string }) {
    const to = (date: string): void => lookAtCalendar({ ...view, date });
    return (
        <header className="flex flex-wrap items-center gap-x-4 gap-y-2 border-b border-line bg-paper px-4 py-2">
            <h1 className="w-72 text-base font-semibold">{title}</h1>
            <div className="flex items-center gap-1">
                <Button look="quiet" onClick={() => to(view.earlier)}>
                    {say('work_calendar.earlier')}
                </Button>
                <Button look="quiet" disabled={view.date === today} onClick={() => to(today)}>
                    {say('work_calendar.today')}
                </Button>
                <Button look="quiet" onClick={() => to(view.later)}>
                    {say('work_calendar.later')}
                </Button>
                <DayEntry
                    aria-label={say('work_calendar.go_to')}
                    value={view.date}
                    onChange={(day) => day !== '' && to(day)}
                />
            </div>
            <div role="group" aria-label={say('work_calendar.by')} className="flex">
                {(['day', 'week', 'month'] as By[]).map((by) => (
                    <button
                        key={by}
                        type="button"
                        aria-pressed={by === view.by}
                        onClick={() => lookAtCalendar({ ...view, by, page: 1 })}
                        className={clsx(
                            'min-h-8 border-b-2 px-2.5',
                            by === view.by
                                ? 'border-pine font-semibold'
                                : 'border-transparent text-ink2 hover:text-ink',
                        )}
                    >
                        {say(`work_calendar.bys.${by}`)}
                    </button>
                ))}
            </div>
            <Whose view={view} choices={choices} />
            {feed !== null && (
                <Popover
                    label={say('work_calendar.feed')}
                    trigger={
                        <Button look="quiet" className="ms-auto">
                            {say('work_calendar.feed')}
                        </Button>
                    }
                >
                    <div className="w-96 max-w-full space-y-2">
                        <p>{say('work_calendar.feed_means')}</p>
                        <SecretAddress
                            name={view.name}
                            address={feed.address}
                            data={{ what: 'work', ...(feed.team === null ? {} : { team: feed.team }) }}
                        />
                    </div>
                </Popover>
            )}
        </header>
    );
}
