import { durationOf, minutesOf } from '@/lib/criteria';
import { WordChoice, WordNumber } from './Word';
import { say } from '@/lib/words';

const UNITS = ['days', 'hours', 'minutes'].map((unit) => ({
    value: unit,
    label: say('screen.span_control.unit', { unit }),
}));

/** An amount and its unit; P3D and PT4H in documents. */
export function spanOf(amount: number, unit: string): string {
    return unit === 'days' ? `P${amount}D` : durationOf(unit === 'hours' ? amount * 60 : amount);
}

export function amountOf(span: string): { amount: number; unit: string } {
    const days = /^P(\d+)D$/.exec(span);
    if (days !== null) return { amount: Number(days[1]), unit: 'days' };
    const minutes = minutesOf(span);
    return minutes % 60 === 0 ? { amount: minutes / 60, unit: 'hours' } : { amount: minutes, unit: 'minutes' };
}

/** A length of working time. */
export function SpanControl({
    label,
    value,
    onChange,
}: {
    label: string;
    value: string | undefined;
    onChange: (value: string) => void;
}) {
    const { amount, unit } = value === undefined ? { amount: null, unit: 'days' } : amountOf(value);
    return (
        <>
            <WordNumber label={label} value={amount} onChange={(next) => onChange(spanOf(next, unit))} />{' '}
            <WordChoice
                label={say('screen.common.unit_of', { label: label.toLocaleLowerCase() })}
                value={unit}
                options={UNITS}
                onChange={(next) => onChange(spanOf(amount ?? 1, next))}
            />
        </>
    );
}
