import { DayEntry } from '@/ui/DayEntry';
import clsx from 'clsx';
import type { HoursPattern, PersonDocument, WeekHours } from '@props/People/PeoplePage';
import { useToday } from '@/lib/format';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { ranges, wrongAt } from './hours';

const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as const;

/** house: they are the hours of the house itself */
export type Props = {
    document: PersonDocument;
    wrong: Record<string, string>;
    house?: boolean;
    onChange: (changes: Partial<PersonDocument>) => void;
};

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
                            className={clsx(
                                'entry w-full px-1 font-mono text-xs',
                                problem === undefined ? '' : 'border-brick',
                            )}
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
        <div className="space-y-1 border-s-2 border-line ps-3">
            <p className="flex items-center gap-2">
                <label>
                    {say('people.pattern_from')}{' '}
                    <DayEntry value={from} onChange={(day) => onChange({ ...pattern, from: day })} />
                </label>
                <Button look="quiet" className="ms-auto" onClick={onRemove}>
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
    const today = useToday();
    const begin = (): HoursPattern => ({ from: today });
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
