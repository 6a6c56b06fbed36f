import { useState } from 'react';
import { MORNING, type Day } from '@/lib/days';
import { say } from '@/lib/words';
import { DayEntry } from './DayEntry';

type Props = {
    /** a reading of the clock, YYYY-MM-DDTHH:MM, or nothing */
    value: string;
    onChange: (reading: string) => void;
    person?: string | undefined;
    id?: string | undefined;
    'aria-label'?: string | undefined;
    'aria-invalid'?: boolean | undefined;
    'aria-describedby'?: string | undefined;
};

/** A day and a time of it; the day alone is the morning of that day. */
export function MomentEntry({ value, onChange, person, ...rest }: Props) {
    const [day, time = ''] = value.split('T') as [Day | '', string?];
    // A time that is typed before its day waits for it.
    const [early, setEarly] = useState('');
    const set = (nextDay: Day | '', nextTime: string): void =>
        onChange(nextDay === '' ? '' : `${nextDay}T${(nextTime === '' ? MORNING : nextTime).slice(0, 5)}`);
    return (
        <span className="inline-flex flex-wrap gap-2">
            <DayEntry
                {...rest}
                value={day}
                person={person}
                onChange={(next) => set(next, time === '' ? early : time)}
            />
            <input
                type="time"
                className="entry w-28"
                aria-label={say('day.time', { label: rest['aria-label'] ?? '' })}
                value={time === '' ? early : time.slice(0, 5)}
                onChange={(event) => (day === '' ? setEarly(event.target.value) : set(day, event.target.value))}
            />
        </span>
    );
}
