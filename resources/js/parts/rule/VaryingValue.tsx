import type { CriteriaValue } from '@props/Rules/RulebookPage';
import type { FieldInfo, Vocabulary } from '@props/Rules/Vocabulary';
import { offsetOf } from '@/lib/parameters';
import { say } from '@/lib/words';
import { OffsetControl } from './OffsetControl';
import { WordChoice } from './Word';
import { OneValue } from './OneValue';

type VaryingProps = {
    field: FieldInfo;
    value: CriteriaValue | undefined;
    vocabulary: Vocabulary;
    onChange: (value: CriteriaValue) => void;
    label: string;
};

function others(field: FieldInfo, vocabulary: Vocabulary): FieldInfo[] {
    return vocabulary.fields.filter((one) => one.type === field.type && one.path !== field.path && !one.retired);
}

/** Another field of the same type. */
export function FieldValue({ field, value, vocabulary, onChange, label }: VaryingProps) {
    const path = typeof value === 'object' && 'field' in value ? value.field : '';
    return (
        <WordChoice
            label={say('screen.value_editor.another_field', { label })}
            value={path}
            options={others(field, vocabulary).map((one) => ({ value: one.path, label: one.label }))}
            onChange={(next) => onChange({ field: next })}
        />
    );
}

const MOMENTS = ['today', 'start of week', 'end of week', 'start of month', 'end of month'].map((value) => ({
    value,
    label: say(`offset.${value}`),
}));

/** A value, what stands in another field, or, of a date, a day seen from now. */
export function VaryingValue({ field, value, vocabulary, onChange, label }: VaryingProps) {
    const by =
        typeof value === 'object' && 'now' in value
            ? 'now'
            : typeof value === 'object' && 'field' in value
              ? 'field'
              : 'value';
    const ways = [
        {
            value: 'value',
            label: say(field.type === 'date' ? 'screen.value_editor.the_day' : 'screen.value_editor.the_value'),
        },
        ...(others(field, vocabulary).length > 0
            ? [{ value: 'field', label: say('screen.value_editor.the_field') }]
            : []),
        ...(field.type === 'date' ? [{ value: 'now', label: say('screen.value_editor.from_now') }] : []),
    ];
    const now = typeof value === 'object' && 'now' in value ? value.now : '';
    const distance = /^[+-]/.test(now);
    return (
        <>
            {ways.length > 1 && (
                <>
                    <WordChoice
                        label={say('screen.value_editor.compared_with', { label })}
                        value={by}
                        options={ways}
                        onChange={(next) =>
                            onChange(next === 'now' ? { now: 'today' } : next === 'field' ? { field: '' } : '')
                        }
                    />{' '}
                </>
            )}
            {by === 'field' && (
                <FieldValue field={field} value={value} vocabulary={vocabulary} onChange={onChange} label={label} />
            )}
            {by === 'value' && (
                <OneValue
                    field={field}
                    value={typeof value === 'object' ? undefined : value}
                    vocabulary={vocabulary}
                    onChange={onChange}
                    label={label}
                />
            )}
            {by === 'now' && (
                <>
                    <WordChoice
                        label={say('screen.value_editor.which_day', { label })}
                        value={distance ? 'distance' : now}
                        options={[...MOMENTS, { value: 'distance', label: say('screen.value_editor.so_far') }]}
                        onChange={(next) => onChange({ now: next === 'distance' ? '+1 days' : next })}
                    />{' '}
                    {distance && (
                        <OffsetControl
                            label={say('screen.value_editor.how_far', { label })}
                            value={now}
                            onChange={(next) => onChange({ now: next })}
                        />
                    )}
                </>
            )}
        </>
    );
}

/** A number of days, or a distance in another unit. */
export function DistanceValue({
    ahead,
    value,
    onChange,
    label,
}: {
    ahead: boolean;
    value: CriteriaValue | undefined;
    onChange: (value: CriteriaValue) => void;
    label: string;
}) {
    const text =
        typeof value === 'number'
            ? `+${value} days`
            : typeof value === 'object' && 'now' in value
              ? value.now
              : undefined;
    return (
        <OffsetControl
            label={say('screen.value_editor.in_days', { label })}
            value={text}
            sides={[]}
            onChange={(next) => {
                const { amount, unit } = offsetOf(next);
                onChange(
                    unit === 'days' ? Math.abs(amount) : { now: `${ahead ? '+' : '-'}${Math.abs(amount)} ${unit}` },
                );
            }}
        />
    );
}
