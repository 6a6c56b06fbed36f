import { FORMATS, say } from './words';

type Parts = Record<string, string>;

export function partsOf(rule: string): Parts {
    return Object.fromEntries(rule.split(';').map((part) => part.split('=') as [string, string]));
}

export function listed(value: string | undefined): string[] {
    return value === undefined || value === '' ? [] : value.split(',');
}

const last = (number: string): string => (number === '-1' ? 'last' : number);

const WORKDAYS = 'MO,TU,WE,TH,FR';

const nthOf = (nth: string, day: string): string => say('recurrence.nth', { nth: last(nth), day });

function day(code: string, position: string | undefined): string {
    const name = say(`recurrence.${code.slice(-2)}`);
    const nth = code.slice(0, -2) === '' ? position : code.slice(0, -2);
    return nth === undefined ? name : nthOf(nth, name);
}

/** With a position that holds for all of them together they are one. */
function weekdays(codes: string[], position: string | undefined): string[] {
    if (position === undefined || codes.length < 2) return codes.map((code) => day(code, position));
    const names = codes.map((code) => day(code, undefined)).join(', ');
    return [
        nthOf(
            position,
            codes.join(',') === WORKDAYS ? say('recurrence.weekday') : say('recurrence.of', { days: names }),
        ),
    ];
}

const dayOfMonth = (one: string): string => say('recurrence.day', { day: last(one) });

function month(number: string): string {
    return new Intl.DateTimeFormat(FORMATS, { month: 'long', timeZone: 'UTC' }).format(
        new Date(Date.UTC(2026, Number(number) - 1, 1)),
    );
}

/** A recurrence rule (RFC 5545) as app/Explain/RecurrenceWords.php says it. */
export function describeRecurrence(rule: string): string {
    const parts = partsOf(rule);
    const every = say(`recurrence.${(parts.FREQ ?? 'DAILY').toLowerCase()}`, { interval: Number(parts.INTERVAL ?? 1) });
    const days = [...weekdays(listed(parts.BYDAY), parts.BYSETPOS), ...listed(parts.BYMONTHDAY).map(dayOfMonth)].join(
        ', ',
    );
    if (days === '') return every;
    return parts.BYMONTH === undefined
        ? say('recurrence.on', { every, days })
        : say('recurrence.month', { every, months: listed(parts.BYMONTH).map(month).join(', '), days });
}

/** On what days of a month something comes. */
export const WAYS = ['day', 'nth', 'workday'] as const;

export type Way = (typeof WAYS)[number];

/** What a control of a rule edits of it. */
export type Recurrence = {
    frequency: string;
    interval: number;
    way: Way;
    /** weekdays, days of the month, weekdays with their place in it, or the place of a working weekday, by way */
    days: string[];
    /** of a rule that comes by the year */
    months: string[];
};

/** Whether it comes by months, so that days are days of a month. */
export const byMonths = (frequency: string): boolean => frequency === 'MONTHLY' || frequency === 'YEARLY';

export function readRecurrence(rule: string): Recurrence {
    const parts = partsOf(rule);
    const frequency = parts.FREQ ?? 'WEEKLY';
    const way: Way =
        !byMonths(frequency) || parts.BYDAY === undefined ? 'day' : parts.BYSETPOS === undefined ? 'nth' : 'workday';
    const days =
        way === 'workday' ? parts.BYSETPOS : way === 'nth' || !byMonths(frequency) ? parts.BYDAY : parts.BYMONTHDAY;
    return {
        frequency,
        interval: Number(parts.INTERVAL ?? 1),
        way,
        days: listed(days),
        months: listed(parts.BYMONTH),
    };
}

export function writeRecurrence({ frequency, interval, way, days, months }: Recurrence): string {
    const joined = days.join(',');
    const on =
        joined === ''
            ? ''
            : !byMonths(frequency) || way === 'nth'
              ? `;BYDAY=${joined}`
              : way === 'day'
                ? `;BYMONTHDAY=${joined}`
                : `;BYDAY=${WORKDAYS};BYSETPOS=${joined}`;
    const every = `FREQ=${frequency}${interval > 1 ? `;INTERVAL=${interval}` : ''}`;
    return `${every}${frequency === 'YEARLY' && months.length > 0 ? `;BYMONTH=${months.join(',')}` : ''}${on}`;
}

const NTHS = ['1', '2', '3', '4', '-1'];
const CODES = ['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU'];
const DAYS_OF_MONTH = [...Array.from({ length: 28 }, (_, at) => String(at + 1)), '-1'];

/** The days that there are to choose from. */
export function dayOptions(frequency: string, way: Way): { value: string; label: string }[] {
    if (!byMonths(frequency)) return CODES.map((value) => ({ value, label: say(`recurrence.${value}`) }));
    if (way === 'day') return DAYS_OF_MONTH.map((value) => ({ value, label: dayOfMonth(value) }));
    if (way === 'workday') return NTHS.map((value) => ({ value, label: nthOf(value, say('recurrence.weekday')) }));
    return NTHS.flatMap((nth) =>
        CODES.map((code) => ({ value: `${nth}${code}`, label: day(`${nth}${code}`, undefined) })),
    );
}

export function monthOptions(): { value: string; label: string }[] {
    return Array.from({ length: 12 }, (_, at) => String(at + 1)).map((value) => ({ value, label: month(value) }));
}
