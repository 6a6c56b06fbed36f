import type { HoursPattern, PersonDocument, WeekHours } from '@props/People/PeoplePage';
import { useState } from 'react';
import { ask } from '@/lib/ask';
import { say } from '@/lib/words';
import { faultsOf } from '@/parts/FaultList';
import { Button } from '@/ui/Button';

const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as const;

/** house: they are the hours of the house itself */
type Props = {
    document: PersonDocument;
    wrong: Record<string, string>;
    house?: boolean;
    onChange: (changes: Partial<PersonDocument>) => void;
};

/** "09:00-13:00 13:30-17:30" as ranges; what is not right the server says. */
function ranges(text: string): string[] {
    return text.split(/[\s,]+/).filter((one) => one !== '');
}

/** What is wrong at a place or below it. */
function wrongAt(wrong: Record<string, string>, pointer: string): string | undefined {
    return Object.entries(wrong).find(([at]) => at === pointer || at.startsWith(`${pointer}/`))?.[1];
}

function Week({
    week,
    label,
    at,
    wrong,
    onChange,
}: {
    week: WeekHours;
    label: string;
    at: string;
    wrong: Record<string, string>;
    onChange: (next: WeekHours) => void;
}) {
    return (
        <div className="grid grid-cols-[repeat(7,minmax(0,1fr))] gap-1">
            {WEEKDAYS.map((day) => {
                const problem = wrongAt(wrong, `${at}/${day}`);
                return (
                    <label key={day} className="text-xs text-ink2">
                        {say(`people.weekdays.${day}`)}
                        <textarea
                            rows={2}
                            className={`entry w-full px-1 font-mono text-xs ${problem === undefined ? '' : 'border-brick'}`}
                            aria-label={`${label}, ${say(`people.weekdays.${day}`)}`}
                            aria-invalid={problem !== undefined}
                            title={problem}
                            defaultValue={(week[day] ?? []).join(' ')}
                            onBlur={(event) => onChange({ ...week, [day]: ranges(event.target.value) })}
                        />
                    </label>
                );
            })}
        </div>
    );
}

function Pattern({
    pattern,
    at,
    wrong,
    onChange,
    onRemove,
}: {
    pattern: HoursPattern;
    at: string;
    wrong: Record<string, string>;
    onChange: (next: HoursPattern) => void;
    onRemove: () => void;
}) {
    const { from, then = [], ...first } = pattern;
    const put = (place: number, week: WeekHours): void =>
        onChange({ ...pattern, then: then.map((one, index) => (index === place ? week : one)) });
    const problem = wrongAt(wrong, at);
    return (
        <div className="space-y-1 border-l-2 border-line pl-3">
            <p className="flex items-center gap-2">
                <label>
                    {say('people.pattern_from')}{' '}
                    <input
                        type="date"
                        className="entry"
                        value={from}
                        onChange={(event) => onChange({ ...pattern, from: event.target.value })}
                    />
                </label>
                <Button look="quiet" className="ml-auto" onClick={onRemove}>
                    {say('people.take_out')}
                </Button>
            </p>
            <Week
                week={first}
                label={say('people.week', { number: 1 })}
                at={at}
                wrong={wrong}
                onChange={(week) => onChange({ from, ...week, ...(then.length > 0 ? { then } : {}) })}
            />
            {then.map((week, place) => (
                <div key={place}>
                    <p className="flex items-baseline justify-between text-xs text-ink2">
                        {say('people.week', { number: place + 2 })}
                        <Button
                            look="quiet"
                            className="min-h-6"
                            onClick={() => onChange({ ...pattern, then: then.filter((_, index) => index !== place) })}
                        >
                            {say('people.take_out')}
                        </Button>
                    </p>
                    <Week
                        week={week}
                        label={say('people.week', { number: place + 2 })}
                        at={`${at}/then/${place}`}
                        wrong={wrong}
                        onChange={(next) => put(place, next)}
                    />
                </div>
            ))}
            <Button look="quiet" className="min-h-6" onClick={() => onChange({ ...pattern, then: [...then, {}] })}>
                {say('people.another_week')}
            </Button>
            {problem !== undefined && <p className="text-xs text-brick">{problem}</p>}
        </div>
    );
}

/** When somebody works: as the house, or by patterns of their own from a date on. */
export function HoursEditor({ document, wrong, house = false, onChange }: Props) {
    const patterns = document.hours ?? (house ? [] : null);
    const begin = (): HoursPattern => ({ from: new Date().toISOString().slice(0, 10) });
    return (
        <fieldset className="space-y-2">
            <legend className="font-medium">{say('people.hours')}</legend>
            {!house && (
                <label className="flex items-center gap-2">
                    <input
                        type="checkbox"
                        checked={patterns === null}
                        onChange={(event) =>
                            onChange({ hours: event.target.checked ? undefined : [begin()] } as Partial<PersonDocument>)
                        }
                    />
                    {say('people.as_the_house')}
                </label>
            )}
            {patterns?.map((pattern, place) => (
                <Pattern
                    key={place}
                    pattern={pattern}
                    at={`/hours/${place}`}
                    wrong={wrong}
                    onChange={(next) =>
                        onChange({ hours: patterns.map((one, index) => (index === place ? next : one)) })
                    }
                    onRemove={() =>
                        onChange({
                            hours: patterns.length === 1 ? undefined : patterns.filter((_, index) => index !== place),
                        } as Partial<PersonDocument>)
                    }
                />
            ))}
            {patterns !== null && (
                <>
                    <p className="text-xs text-ink2">{say('people.hours_hint')}</p>
                    <Button look="quiet" onClick={() => onChange({ hours: [...patterns, begin()] })}>
                        {say('people.another_pattern')}
                    </Button>
                </>
            )}
        </fieldset>
    );
}

type FromCalendar = {
    holidays: string[];
    hours: HoursPattern | null;
    notUnderstood: { title: string; reason: string }[];
};

/** Takes holidays, and hours that come back every week, from a calendar into what is being edited. */
export function CalendarHours({ document, onChange }: Pick<Props, 'document' | 'onChange'>) {
    const [said, setSaid] = useState<string[]>([]);
    const read = async (file: File | undefined): Promise<void> => {
        if (file === undefined) return;
        try {
            const found = await ask<FromCalendar>('POST', '/absences/calendars/hours', await file.text());
            onChange({
                ...(found.holidays.length > 0
                    ? { holidays: [...new Set([...(document.holidays ?? []), ...found.holidays])].sort() }
                    : {}),
                ...(found.hours !== null
                    ? {
                          hours: [
                              ...(document.hours ?? []).filter((one) => one.from !== found.hours?.from),
                              found.hours,
                          ],
                      }
                    : {}),
            });
            setSaid([
                say('people.from_calendar_found', { days: found.holidays.length, hours: String(found.hours !== null) }),
                ...found.notUnderstood.map((one) => `${one.title}: ${one.reason}`),
            ]);
        } catch (error) {
            setSaid(faultsOf(error));
        }
    };
    return (
        <div>
            <label className="block text-xs text-ink2">
                {say('people.from_calendar')}
                <input
                    type="file"
                    className="entry w-full"
                    accept=".ics,text/calendar"
                    onChange={(event) => void read(event.target.files?.[0])}
                />
            </label>
            {said.map((one) => (
                <p key={one} role="status" className="text-xs text-ink2">
                    {one}
                </p>
            ))}
        </div>
    );
}

/** Dates on which somebody works otherwise, and the days off that they have. */
export function DatesEditor({ document, wrong, house = false, onChange }: Props) {
    const exceptions = document.exceptions ?? [];
    const put = (next: NonNullable<PersonDocument['exceptions']>): void =>
        onChange({ exceptions: next.length === 0 ? undefined : next } as Partial<PersonDocument>);
    const holidays = document.holidays ?? (house ? [] : null);
    return (
        <fieldset className="space-y-2">
            <legend className="font-medium">{say('people.dates')}</legend>
            {exceptions.map((one, place) => {
                const set = (changes: Partial<(typeof exceptions)[number]>): void =>
                    put(exceptions.map((other, index) => (index === place ? { ...other, ...changes } : other)));
                const problem = wrongAt(wrong, `/exceptions/${place}`);
                return (
                    <div key={place} className="grid grid-cols-[auto_1fr_1fr_auto] items-end gap-2">
                        <label className="text-xs text-ink2">
                            {say('people.on')}
                            <input
                                type="date"
                                className="entry block"
                                value={one.date}
                                onChange={(event) => set({ date: event.target.value })}
                            />
                        </label>
                        <label className="text-xs text-ink2">
                            {say('people.adds')}
                            <input
                                className="entry w-full font-mono text-xs"
                                defaultValue={(one.add ?? []).join(' ')}
                                onBlur={(event) => set({ add: ranges(event.target.value) })}
                            />
                        </label>
                        <label className="text-xs text-ink2">
                            {say('people.removes')}
                            <input
                                className="entry w-full font-mono text-xs"
                                defaultValue={(one.remove ?? []).join(' ')}
                                onBlur={(event) => set({ remove: ranges(event.target.value) })}
                            />
                        </label>
                        <Button look="quiet" onClick={() => put(exceptions.filter((_, index) => index !== place))}>
                            {say('people.take_out')}
                        </Button>
                        {problem !== undefined && <p className="col-span-4 text-xs text-brick">{problem}</p>}
                    </div>
                );
            })}
            <Button look="quiet" onClick={() => put([...exceptions, { date: new Date().toISOString().slice(0, 10) }])}>
                {say('people.another_date')}
            </Button>
            {!house && (
                <label className="flex items-center gap-2">
                    <input
                        type="checkbox"
                        checked={holidays === null}
                        onChange={(event) =>
                            onChange({ holidays: event.target.checked ? undefined : [] } as Partial<PersonDocument>)
                        }
                    />
                    {say('people.holidays_as_the_house')}
                </label>
            )}
            {holidays !== null && (
                <label className="block text-xs text-ink2">
                    {say('people.holidays')}
                    <textarea
                        className={`entry w-full font-mono text-xs ${wrongAt(wrong, '/holidays') === undefined ? '' : 'border-brick'}`}
                        rows={3}
                        placeholder="2026-12-25 2026-12-26"
                        key={holidays.join(' ')}
                        defaultValue={holidays.join(' ')}
                        onBlur={(event) => onChange({ holidays: ranges(event.target.value) })}
                    />
                    {wrongAt(wrong, '/holidays')}
                </label>
            )}
        </fieldset>
    );
}
