import type { Option } from '@props/Rules/Vocabulary';
import { offsetOf } from '@/lib/parameters';
import { WordChoice, WordNumber } from './Word';
import { say } from '@/lib/words';

const UNITS = ['minutes', 'hours', 'days', 'working_days', 'weeks', 'months'];

const SIDES = ['before', 'same', 'after'];

/** Units of whole days. */
export const OF_DAYS = UNITS.slice(2);

const unitsAs = (units: readonly string[]): Option[] =>
    units.map((unit) => ({ value: unit, label: say('screen.offset_control.unit', { unit }) }));

const sidesAs = (sides: readonly string[]): Option[] =>
    sides.map((side) => ({ value: side, label: say('screen.offset_control.side', { side }) }));

function written(amount: number, unit: string, side: string): string {
    const signed = side === 'same' ? 0 : side === 'before' ? -amount : amount;
    return `${signed < 0 ? '-' : '+'}${Math.abs(signed)} ${unit}`;
}

type Props = {
    label: string;
    value: string | undefined;
    onChange: (value: string) => void;
    /** on which sides of the date it may lie; none: it is how far ahead */
    sides?: readonly string[];
    units?: readonly string[];
};

/** How long before or after a date; without sides, how far ahead. "-20 days" in documents. */
export function OffsetControl({ label, value, onChange, sides: offered = SIDES, units = UNITS }: Props) {
    const sides = offered.length > 0;
    const offset = value === undefined || value === '' ? null : offsetOf(value);
    const amount = offset === null ? null : Math.abs(offset.amount);
    const unit = offset?.unit ?? 'days';
    const side = offset === null ? 'before' : offset.amount < 0 ? 'before' : offset.amount > 0 ? 'after' : 'same';
    return (
        <>
            {(side !== 'same' || !sides) && (
                <>
                    <WordNumber
                        label={label}
                        value={amount}
                        onChange={(next) => onChange(written(next, unit, sides ? side : 'after'))}
                    />{' '}
                    <WordChoice
                        label={say('screen.common.unit_of', { label: label.toLocaleLowerCase() })}
                        value={unit}
                        options={unitsAs(units)}
                        onChange={(next) => onChange(written(amount ?? 1, next, sides ? side : 'after'))}
                    />{' '}
                </>
            )}
            {sides && (
                <WordChoice
                    label={say('screen.offset_control.before_or_after')}
                    value={side}
                    options={sidesAs(offered)}
                    onChange={(next) => onChange(written(amount === null || amount === 0 ? 1 : amount, unit, next))}
                />
            )}
        </>
    );
}
