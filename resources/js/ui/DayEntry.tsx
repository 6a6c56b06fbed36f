import clsx from 'clsx';
import { Popover as Radix } from 'radix-ui';
import { useState } from 'react';
import { DayPicker } from 'react-day-picker';
import { fromDate, shownDay, toDate, typedDay, type Day } from '@/lib/days';
import { useToday } from '@/lib/format';
import { useAsked } from '@/lib/useAsked';
import { FORMATS, say } from '@/lib/words';

type Marks = { off: Day[]; away: Day[] };

type Props = {
    value: Day | '';
    onChange: (day: Day | '') => void;
    /** by slug: whose days off and absences are marked; of nobody, or '', those of the house */
    person?: string | undefined;
    id?: string | undefined;
    className?: string;
    'aria-label'?: string | undefined;
    'aria-invalid'?: boolean | undefined;
    'aria-describedby'?: string | undefined;
};

const LOOKS = {
    month_caption: 'flex h-8 items-center justify-center font-medium',
    nav: 'absolute inset-x-0 top-0 flex h-8 items-center justify-between',
    button_previous: 'min-h-8 min-w-8 rounded hover:bg-pine-wash',
    button_next: 'min-h-8 min-w-8 rounded hover:bg-pine-wash',
    months: 'relative',
    weekday: 'size-9 text-xs font-normal text-ink2',
    week_number: 'pe-2 text-end font-mono text-xs text-ink2',
    day: 'p-0 text-center',
    day_button: 'size-9 rounded border border-transparent hover:border-ink2',
    today: 'font-bold underline',
    outside: 'text-ink2 opacity-60',
    selected: 'rounded bg-pine text-paper',
};

/** The calendar of an entry: weeks from Monday on with their numbers; what is off or away is marked. */
function Calendar({
    value,
    person,
    onChoose,
}: {
    value: Day | '';
    person?: string | undefined;
    onChoose: (day: Day) => void;
}) {
    const today = useToday();
    const [month, setMonth] = useState(() => toDate(value === '' ? today : value));
    const query = new URLSearchParams({
        month: fromDate(month).slice(0, 7),
        ...(person === undefined || person === '' ? {} : { person }),
    });
    const marks = useAsked<Marks>(`/days?${query.toString()}`, 0).answer ?? { off: [], away: [] };
    const format = (options: Intl.DateTimeFormatOptions) => (date: Date) =>
        new Intl.DateTimeFormat(FORMATS, options).format(date);
    return (
        <DayPicker
            mode="single"
            autoFocus
            showOutsideDays
            showWeekNumber
            ISOWeek
            month={month}
            onMonthChange={setMonth}
            today={toDate(today)}
            selected={value === '' ? undefined : toDate(value)}
            onDayClick={(day) => onChoose(fromDate(day))}
            dir={document.documentElement.dir}
            modifiers={{ off: marks.off.map(toDate), away: marks.away.map(toDate) }}
            modifiersClassNames={{ off: 'bg-chalk text-ink2', away: 'ruled' }}
            classNames={LOOKS}
            formatters={{
                formatCaption: format({ month: 'long', year: 'numeric' }),
                formatWeekdayName: format({ weekday: 'short' }),
                formatDay: format({ day: 'numeric' }),
                formatWeekNumber: (week) => new Intl.NumberFormat(FORMATS).format(week),
                formatWeekNumberHeader: () => '',
            }}
            labels={{
                labelDayButton: (date, is) =>
                    say('day.of', {
                        day: format({ weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' })(date),
                        state: is.away === true ? 'away' : is.off === true ? 'off' : 'none',
                    }),
                labelPrevious: () => say('day.previous'),
                labelNext: () => say('day.next'),
                labelGrid: format({ month: 'long', year: 'numeric' }),
                labelNav: () => say('day.months'),
                labelWeekNumber: (week) => say('day.week', { week }),
                labelWeekNumberHeader: () => say('day.weeks'),
                labelWeekday: format({ weekday: 'long' }),
            }}
        />
    );
}

/** A day: typed as one writes it, or chosen from the calendar. What is no day stays as it was typed, and is said. */
export function DayEntry({ value, onChange, person, className, ...rest }: Props) {
    const today = useToday();
    const [typed, setTyped] = useState<string | null>(null);
    const [open, setOpen] = useState(false);
    const wrong = typed !== null && typed.trim() !== '' && typedDay(typed, today) === null;
    const type = (text: string): void => {
        setTyped(text);
        const day = typedDay(text, today);
        if (day !== null || text.trim() === '') onChange(day ?? '');
    };
    const choose = (day: Day): void => {
        setTyped(null);
        setOpen(false);
        onChange(day);
    };
    return (
        <span className={clsx('inline-flex', className)}>
            <input
                {...rest}
                className="entry w-32 min-w-0 rounded-e-none"
                inputMode="numeric"
                autoComplete="off"
                placeholder={shownDay(today)}
                aria-invalid={rest['aria-invalid'] === true || wrong}
                title={wrong ? say('day.wrong', { example: shownDay(today) }) : undefined}
                value={typed ?? (value === '' ? '' : shownDay(value))}
                onChange={(event) => type(event.target.value)}
                onBlur={() => !wrong && setTyped(null)}
                onKeyDown={(event) => {
                    if (event.key !== 'ArrowDown') return;
                    event.preventDefault();
                    setOpen(true);
                }}
            />
            <Radix.Root open={open} onOpenChange={setOpen}>
                <Radix.Trigger asChild>
                    <button
                        type="button"
                        className="rounded-e border border-s-0 border-ink2 px-2 hover:bg-pine-wash"
                        aria-label={say('day.choose')}
                    >
                        <CalendarMark />
                    </button>
                </Radix.Trigger>
                <Radix.Portal>
                    <Radix.Content
                        aria-label={say('day.choose')}
                        sideOffset={4}
                        collisionPadding={12}
                        className="box z-50 p-3 text-sm"
                    >
                        <Calendar value={value} person={person} onChoose={choose} />
                    </Radix.Content>
                </Radix.Portal>
            </Radix.Root>
        </span>
    );
}

function CalendarMark() {
    return (
        <svg width="14" height="14" viewBox="0 0 14 14" fill="none" stroke="currentColor" aria-hidden="true">
            <path d="M1.5 3.5h11v9h-11zM1.5 6h11M4.5 1.5v3M9.5 1.5v3" />
        </svg>
    );
}
