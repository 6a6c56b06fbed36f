import { FORMATS } from './words';

/** A date of the calendar: YYYY-MM-DD. */
export type Day = string;

const DAY = 86_400_000;

/** When a day begins where nobody says when. */
export const MORNING = '09:00';

export function morningOf(day: Day): string {
    return `${day}T${MORNING}`;
}

export function addDays(day: Day, count: number): Day {
    return new Date(Date.parse(`${day}T00:00:00Z`) + count * DAY).toISOString().slice(0, 10);
}

/** The last day of a stretch that begins on a day: as it is, unless that lies before it. */
export function lastFrom(first: Day | '', last: Day | ''): Day | '' {
    return last === '' || last < first ? first : last;
}

/** As a moment of the clock of this machine, for libraries that go by it; noon, which no clock skips. */
export function toDate(day: Day): Date {
    const [year = 0, month = 1, date = 1] = day.split('-').map(Number);
    return new Date(year, month - 1, date, 12);
}

export function fromDate(date: Date): Day {
    const two = (number: number): string => String(number).padStart(2, '0');
    return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
}

function written(year: number, month: number, date: number): Day | null {
    const day = new Date(Date.UTC(year, month - 1, date));
    const found = day.toISOString().slice(0, 10);
    return day.getUTCMonth() === month - 1 && day.getUTCDate() === date ? found : null;
}

/** In which order the locale writes day, month and year. */
function order(): string[] {
    return new Intl.DateTimeFormat(FORMATS, { day: 'numeric', month: 'numeric', year: 'numeric' })
        .formatToParts(new Date(2026, 0, 2))
        .map((part) => part.type)
        .filter((type) => type === 'day' || type === 'month' || type === 'year');
}

/** As it is typed and shown in an entry. */
export function shownDay(day: Day): string {
    return new Intl.DateTimeFormat(FORMATS, {
        day: 'numeric',
        month: 'numeric',
        year: 'numeric',
        numberingSystem: 'latn',
        timeZone: 'UTC',
    })
        .format(new Date(`${day}T00:00:00Z`))
        .replace(/[\u200e\u200f]/g, '');
}

/**
 * What somebody has typed as a day: 2026-03-16, day and month in the order of the locale with the year or without it,
 * or so many days from today, such as +3. Null where it is none of these.
 */
export function typedDay(text: string, today: Day): Day | null {
    const typed = text.trim().replace(/[\u200e\u200f]/g, '');
    const relative = /^[+-]\d{1,4}$/.exec(typed);
    if (relative !== null) return addDays(today, Number(relative[0]));
    const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(typed);
    if (iso !== null) return written(Number(iso[1]), Number(iso[2]), Number(iso[3]));
    const numbers = /^(\d{1,4})[./\s-]+(\d{1,2})(?:[./\s-]+(\d{1,4}))?[.]?$/.exec(typed);
    if (numbers === null) return null;
    const given = numbers
        .slice(1)
        .filter((one) => one !== undefined)
        .map(Number);
    const types = order().filter((type) => given.length === 3 || type !== 'year');
    const part = (type: string): number | undefined => given[types.indexOf(type)];
    const [date, month] = [part('day') ?? 0, part('month') ?? 0];
    const year = part('year');
    if (year !== undefined) return written(year < 100 ? 2000 + year : year, month, date);
    // Without a year the next such day, or one of the last two months.
    const thisYear = written(Number(today.slice(0, 4)), month, date);
    return thisYear !== null && thisYear < addDays(today, -61)
        ? written(Number(today.slice(0, 4)) + 1, month, date)
        : thisYear;
}

/** Mon 2 Mar. Platforms differ in a comma after the weekday; it is left out, as app/Words/Locale.php does. */
export function dayFormat(timeZone: string): { format: (at: Date) => string } {
    const format = new Intl.DateTimeFormat(FORMATS, { weekday: 'short', day: 'numeric', month: 'short', timeZone });
    return { format: (at) => format.format(at).replace(/^(\p{L}+\.?), /u, '$1 ') };
}

function utc(options: Intl.DateTimeFormatOptions, day: Day): string {
    return new Intl.DateTimeFormat(FORMATS, { ...options, timeZone: 'UTC' }).format(new Date(`${day}T00:00:00Z`));
}

/** Tuesday 1 December 2026, as the locale writes it. */
export function longDay(day: Day): string {
    return utc({ weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' }, day);
}

/** Tuesday, short. */
export function weekdayName(day: Day): string {
    return utc({ weekday: 'short' }, day);
}

/** December 2026. */
export function monthOf(day: Day): string {
    return utc({ month: 'long', year: 'numeric' }, day);
}

/** The number of the week by ISO 8601: that of its Thursday. */
export function weekNumber(day: Day): number {
    const at = new Date(`${day}T00:00:00Z`);
    const thursday = Date.parse(addDays(day, 4 - (at.getUTCDay() || 7)));
    const first = Date.UTC(new Date(thursday).getUTCFullYear(), 0, 1);
    return 1 + Math.floor((thursday - first) / DAY / 7);
}
