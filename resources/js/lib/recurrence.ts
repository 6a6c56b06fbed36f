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

function month(number: string): string {
    return new Intl.DateTimeFormat(FORMATS, { month: 'long', timeZone: 'UTC' }).format(
        new Date(Date.UTC(2026, Number(number) - 1, 1)),
    );
}

/** A recurrence rule (RFC 5545) as app/Explain/RecurrenceWords.php says it. */
export function describeRecurrence(rule: string): string {
    const parts = partsOf(rule);
    const every = say(`recurrence.${(parts.FREQ ?? 'DAILY').toLowerCase()}`, { interval: Number(parts.INTERVAL ?? 1) });
    const days = [
        ...weekdays(listed(parts.BYDAY), parts.BYSETPOS),
        ...listed(parts.BYMONTHDAY).map((one) => say('recurrence.day', { day: last(one) })),
    ].join(', ');
    if (days === '') return every;
    return parts.BYMONTH === undefined
        ? say('recurrence.on', { every, days })
        : say('recurrence.month', { every, months: listed(parts.BYMONTH).map(month).join(', '), days });
}
