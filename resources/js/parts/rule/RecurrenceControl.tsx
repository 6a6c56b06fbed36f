import {
    byMonths,
    dayOptions,
    monthOptions,
    readRecurrence,
    type Recurrence,
    type Way,
    WAYS,
    writeRecurrence,
} from '@/lib/recurrence';
import { say, sayWith } from '@/lib/words';
import { WordChoice, WordChoices, WordNumber } from './Word';

const FREQUENCIES = ['DAILY', 'WEEKLY', 'MONTHLY', 'YEARLY'].map((value) => ({
    value,
    label: say('screen.recurrence_control.unit', { unit: value }),
}));

/** A working weekday of a year is not known. */
const waysOf = (frequency: string): { value: string; label: string }[] =>
    WAYS.filter((way) => frequency === 'MONTHLY' || way !== 'workday').map((way) => ({
        value: way,
        label: say('screen.recurrence_control.way', { way }),
    }));

function Days({ of, put }: { of: Recurrence; put: (more: Partial<Recurrence>) => void }) {
    const options = dayOptions(of.frequency, of.way);
    const label = say('screen.recurrence_control.days');
    return (
        <>
            {byMonths(of.frequency) && (
                <>
                    <WordChoice
                        label={say('screen.recurrence_control.way_label')}
                        value={of.way}
                        options={waysOf(of.frequency)}
                        onChange={(way) => put({ way: way as Way, days: [] })}
                    />{' '}
                </>
            )}
            {of.way === 'workday' ? (
                <WordChoice
                    label={label}
                    value={of.days[0] ?? ''}
                    options={options}
                    onChange={(day) => put({ days: [day] })}
                />
            ) : (
                <WordChoices label={label} values={of.days} options={options} onChange={(days) => put({ days })} />
            )}
        </>
    );
}

/** How often: a recurrence rule of RFC 5545. What it has besides is kept until something here is changed. */
export function RecurrenceControl({
    value,
    onChange,
}: {
    value: string | undefined;
    onChange: (value: string) => void;
}) {
    const rule = readRecurrence(value ?? 'FREQ=WEEKLY');
    const put = (more: Partial<Recurrence>): void => onChange(writeRecurrence({ ...rule, ...more }));
    const begun = (frequency: string): void =>
        put({
            frequency,
            ...(byMonths(frequency) === byMonths(rule.frequency) && (frequency !== 'YEARLY' || rule.way !== 'workday')
                ? {}
                : { days: [], way: 'day' as const }),
        });
    const slots = {
        amount: (
            <WordNumber
                key="amount"
                label={say('screen.recurrence_control.every_so_many')}
                value={rule.interval}
                onChange={(interval) => put({ interval })}
            />
        ),
        unit: (
            <WordChoice
                key="unit"
                label={say('screen.recurrence_control.how_often')}
                value={rule.frequency}
                options={FREQUENCIES}
                onChange={begun}
            />
        ),
        days: <Days key="days" of={rule} put={put} />,
    };
    return rule.frequency === 'YEARLY' ? (
        <>
            {sayWith('screen.recurrence_control.every_year', {
                ...slots,
                months: (
                    <WordChoices
                        key="months"
                        label={say('screen.recurrence_control.months')}
                        values={rule.months}
                        options={monthOptions()}
                        onChange={(months) => put({ months })}
                    />
                ),
            })}
        </>
    ) : (
        <>{sayWith('screen.recurrence_control.every', slots)}</>
    );
}
