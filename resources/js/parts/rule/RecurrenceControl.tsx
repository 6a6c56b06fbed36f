import { listed, partsOf } from '@/lib/recurrence';
import { say, sayWith } from '@/lib/words';
import { WordChoice, WordChoices, WordNumber } from './Word';

const FREQUENCIES = ['DAILY', 'WEEKLY', 'MONTHLY'].map((value) => ({
    value,
    label: say('screen.recurrence_control.unit', { unit: value }),
}));

const DAYS = ['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU'].map((value) => ({ value, label: say(`recurrence.${value}`) }));

const DAYS_OF_MONTH = [...Array.from({ length: 28 }, (_, at) => String(at + 1)), '-1'].map((value) => ({
    value,
    label: say('recurrence.day', { day: value === '-1' ? 'last' : value }),
}));

function written(frequency: string, interval: number, days: string[]): string {
    const every = `FREQ=${frequency}${interval > 1 ? `;INTERVAL=${interval}` : ''}`;
    if (days.length === 0) return every;
    return frequency === 'MONTHLY' ? `${every};BYMONTHDAY=${days.join(',')}` : `${every};BYDAY=${days.join(',')}`;
}

/** How often: a recurrence rule of RFC 5545. What it has besides is kept until something here is changed. */
export function RecurrenceControl({
    value,
    onChange,
}: {
    value: string | undefined;
    onChange: (value: string) => void;
}) {
    const parts = partsOf(value ?? 'FREQ=WEEKLY');
    const frequency = parts.FREQ ?? 'WEEKLY';
    const interval = Number(parts.INTERVAL ?? 1);
    const days = listed(frequency === 'MONTHLY' ? parts.BYMONTHDAY : parts.BYDAY);
    return (
        <>
            {sayWith('screen.recurrence_control.every', {
                amount: (
                    <WordNumber
                        key="amount"
                        label={say('screen.recurrence_control.every_so_many')}
                        value={interval}
                        onChange={(next) => onChange(written(frequency, next, days))}
                    />
                ),
                unit: (
                    <WordChoice
                        key="unit"
                        label={say('screen.recurrence_control.how_often')}
                        value={frequency}
                        options={FREQUENCIES}
                        onChange={(next) =>
                            onChange(written(next, interval, next === 'MONTHLY' || frequency === 'MONTHLY' ? [] : days))
                        }
                    />
                ),
                days: (
                    <WordChoices
                        key="days"
                        label={say('screen.recurrence_control.days')}
                        values={days}
                        options={frequency === 'MONTHLY' ? DAYS_OF_MONTH : DAYS}
                        onChange={(next) => onChange(written(frequency, interval, next))}
                    />
                ),
            })}
        </>
    );
}
