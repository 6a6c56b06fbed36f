import { dayFormat } from './days';
import { useShared } from './shared';
import { FORMATS, say } from './words';

const DAY = 86_400_000;

export type Formats = {
    /** 14:05 today, else Tue 24 Nov, 14:05 */
    moment: (iso: string) => string;
    /** a due date, said as close as it is */
    due: (iso: string) => string;
    /** the end of an absence; one that ends at midnight is said by its last day */
    until: (iso: string) => string;
    /** the end of an absence as a day: the last one away */
    lastDay: (iso: string) => string;
    /** days of the calendar, first and last, whatever the zone */
    days: (first: string, last: string) => string;
    /** the clock reading of a moment as an entry of date and time has it, and back */
    toLocal: (iso: string) => string;
    fromLocal: (reading: string) => string;
    zone: string;
};

/** A clock reading of a zone as a moment; one that comes twice stands for its first coming. */
export function momentOf(reading: string, zone: string): string {
    const asUtc = Date.parse(`${reading}Z`);
    const offsets = [-DAY, DAY].map((by) => offsetOf(asUtc + by, zone));
    const found = offsets.map((offset) => asUtc - offset).filter((at) => at + offsetOf(at, zone) === asUtc);
    const instant = found.length === 0 ? asUtc - (offsets[0] ?? 0) : Math.min(...found);
    return `${new Date(instant).toISOString().slice(0, 19)}Z`;
}

/** The clock reading of a moment in a zone, as YYYY-MM-DDTHH:MM. */
export function readingOf(iso: string, zone: string): string {
    return new Date(Date.parse(iso) + offsetOf(Date.parse(iso), zone)).toISOString().slice(0, 16);
}

/** Milliseconds to add to UTC for the clocks of a zone. */
function offsetOf(at: number, zone: string): number {
    const parts = new Intl.DateTimeFormat('en-CA', {
        timeZone: zone,
        hour12: false,
        year: 'numeric',
        month: '2-digit',
        day: '2-digit',
        hour: '2-digit',
        minute: '2-digit',
        second: '2-digit',
    }).formatToParts(new Date(at));
    const part = (type: string): string => parts.find((one) => one.type === type)?.value ?? '00';
    const hour = part('hour') === '24' ? '00' : part('hour');
    return (
        Date.parse(`${part('year')}-${part('month')}-${part('day')}T${hour}:${part('minute')}:${part('second')}Z`) -
        Math.floor(at / 1000) * 1000
    );
}

/** The date where the reader is. */
export function useToday(): string {
    const timeZone = useShared().status?.zone ?? 'UTC';
    return new Intl.DateTimeFormat('en-CA', { year: 'numeric', month: '2-digit', day: '2-digit', timeZone }).format(
        new Date(),
    );
}

/** Moments in the zone of the reader. */
export function useFormats(): Formats {
    const zone = useShared().status?.zone ?? 'UTC';
    const time = new Intl.DateTimeFormat(FORMATS, {
        hour: '2-digit',
        minute: '2-digit',
        hour12: false,
        timeZone: zone,
    });
    const day = new Intl.DateTimeFormat('en-CA', { year: 'numeric', month: '2-digit', day: '2-digit', timeZone: zone });
    const long = dayFormat(zone);

    const calendar = dayFormat('UTC');
    const short = new Intl.DateTimeFormat(FORMATS, { weekday: 'short', day: 'numeric', timeZone: zone });

    const dayOf = (at: Date): number => Date.parse(`${day.format(at)}T00:00:00Z`) / DAY;
    const moment = (iso: string): string => {
        const at = new Date(iso);
        return dayOf(at) === dayOf(new Date()) ? time.format(at) : `${long.format(at)}, ${time.format(at)}`;
    };

    return {
        moment,
        until: (iso) => {
            const at = new Date(iso);
            return time.format(at).startsWith('00:00') || time.format(at).startsWith('24:00')
                ? say('value.until_end_of', { day: long.format(new Date(at.getTime() - 60_000)) })
                : say('value.until', { moment: moment(iso) });
        },
        days: (first, last) =>
            [...new Set([first, last])].map((one) => calendar.format(new Date(`${one}T00:00:00Z`))).join(' – '),
        lastDay: (iso) => short.format(new Date(Date.parse(iso) - 60_000)),
        toLocal: (iso) => readingOf(iso, zone),
        fromLocal: (reading) => momentOf(reading, zone),
        zone,
        due: (iso) => {
            const at = new Date(iso);
            const days = dayOf(at) - dayOf(new Date());
            if (days === 0) return say('value.today', { time: time.format(at) });
            if (days === 1) return say('value.tomorrow', { time: time.format(at) });
            if (days === -1) return say('value.yesterday', { time: time.format(at) });
            return long.format(at);
        },
    };
}

/** 95 minutes are "1 h 35". */
export function duration(minutes: number): string {
    const hours = Math.floor(minutes / 60);
    const rest = minutes % 60;
    if (hours === 0) return say('value.minutes', { minutes: rest });
    return rest === 0
        ? say('value.hours', { hours })
        : say('value.hours_short', { hours, minutes: String(rest).padStart(2, '0') });
}

/** With one decimal: "1.6", "2.0". */
export function tenths(number: number): string {
    return new Intl.NumberFormat(FORMATS, { minimumFractionDigits: 1, maximumFractionDigits: 1 }).format(number);
}

export function weekday(date: string): string {
    return new Intl.DateTimeFormat(FORMATS, { weekday: 'short', day: 'numeric', timeZone: 'UTC' }).format(
        new Date(`${date}T00:00:00Z`),
    );
}

/** Made once for a language: a table that is sorted compares thousands of times. */
let collator: { formats: string; compare: (one: string, other: string) => number } | null = null;

/** The order of texts in the language of the reader: numbers by their value, capitals and accents last of all. */
export function compareTexts(one: string, other: string): number {
    if (collator?.formats !== FORMATS)
        collator = { formats: FORMATS, compare: new Intl.Collator(FORMATS, { numeric: true }).compare };
    return collator.compare(one, other);
}

/** A month of the calendar, short. */
export function month(date: string): string {
    return new Intl.DateTimeFormat(FORMATS, { month: 'short', timeZone: 'UTC' }).format(new Date(`${date}T00:00:00Z`));
}
