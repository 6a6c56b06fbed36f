import type { Comparison, CriteriaValue } from '@props/Rules/RulebookPage';
import type { FieldInfo, OperatorInfo, Vocabulary } from '@props/Rules/Vocabulary';
import { durationOf, minutesOf } from '@/lib/criteria';
import { offeredOptions } from '@/lib/options';
import { offsetOf } from '@/lib/parameters';
import { say } from '@/lib/words';
import { OffsetControl } from './OffsetControl';
import { WordChoice, WordChoices, WordList, WordNumber, WordText } from './Word';

type One = string | number | boolean | undefined;
type Props = {
    field: FieldInfo;
    operator: OperatorInfo;
    comparison: Comparison;
    vocabulary: Vocabulary;
    onChange: (value: CriteriaValue) => void;
};

/** One value of a field's type. */
export function OneValue({
    field,
    value,
    vocabulary,
    onChange,
    label,
}: {
    field: FieldInfo;
    value: One;
    vocabulary: Vocabulary;
    onChange: (value: string | number | boolean) => void;
    label: string;
}) {
    switch (field.type) {
        case 'yes_no':
            return (
                <WordChoice
                    label={label}
                    value={value === undefined ? '' : value === true ? 'yes' : 'no'}
                    options={[
                        { value: 'yes', label: say('value.yes') },
                        { value: 'no', label: say('value.no') },
                    ]}
                    onChange={(next) => onChange(next === 'yes')}
                />
            );
        case 'number':
            return (
                <WordNumber
                    label={label}
                    whole={false}
                    value={typeof value === 'number' ? value : null}
                    onChange={onChange}
                />
            );
        case 'money':
            return (
                <>
                    {vocabulary.currency}{' '}
                    <WordNumber
                        label={label}
                        whole={false}
                        value={typeof value === 'number' ? value : null}
                        onChange={onChange}
                    />
                </>
            );
        case 'duration':
            return (
                <>
                    <WordNumber
                        label={say('screen.common.in_minutes', { label })}
                        value={typeof value === 'string' && value !== '' ? minutesOf(value) : null}
                        onChange={(minutes) => onChange(durationOf(minutes))}
                    />{' '}
                    {say('screen.common.minutes')}
                </>
            );
        case 'date':
            return (
                <WordText
                    label={label}
                    type="date"
                    value={value === undefined ? '' : String(value)}
                    onChange={onChange}
                />
            );
        case 'one_of':
        case 'many_of':
            return (
                <WordChoice
                    label={label}
                    value={value === undefined ? '' : String(value)}
                    options={offeredOptions(field.options, [value])}
                    onChange={onChange}
                />
            );
        case 'person':
            return (
                <WordChoice
                    label={label}
                    value={value === undefined ? '' : String(value)}
                    options={vocabulary.people}
                    onChange={onChange}
                />
            );
        case 'text':
        case 'tags':
            return <WordText label={label} value={value === undefined ? '' : String(value)} onChange={onChange} />;
    }
}

type VaryingProps = {
    field: FieldInfo;
    value: CriteriaValue | undefined;
    vocabulary: Vocabulary;
    onChange: (value: CriteriaValue) => void;
    label: string;
};

function others(field: FieldInfo, vocabulary: Vocabulary): FieldInfo[] {
    return vocabulary.fields.filter((one) => one.type === field.type && one.path !== field.path);
}

/** Another field of the same type. */
function FieldValue({ field, value, vocabulary, onChange, label }: VaryingProps) {
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
function VaryingValue({ field, value, vocabulary, onChange, label }: VaryingProps) {
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
function DistanceValue({
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
            sides={false}
            onChange={(next) => {
                const { amount, unit } = offsetOf(next);
                onChange(
                    unit === 'days' ? Math.abs(amount) : { now: `${ahead ? '+' : '-'}${Math.abs(amount)} ${unit}` },
                );
            }}
        />
    );
}

/** The value of a comparison, in whatever shape the operator asks for. */
export function ValueEditor({ field, operator, comparison, vocabulary, onChange }: Props) {
    const label = say('screen.value_editor.value_for', { field: field.label });
    const value = comparison.value;
    const list = Array.isArray(value) ? value : [];
    switch (operator.shape) {
        case 'nothing':
            return null;
        case 'days':
            return (
                <DistanceValue
                    ahead={operator.code === 'within_next'}
                    value={value}
                    onChange={onChange}
                    label={label}
                />
            );
        case 'one':
            return (
                <VaryingValue field={field} value={value} vocabulary={vocabulary} onChange={onChange} label={label} />
            );
        case 'field':
            return <FieldValue field={field} value={value} vocabulary={vocabulary} onChange={onChange} label={label} />;
        case 'team':
            return (
                <WordChoice
                    label={label}
                    value={value === undefined ? '' : String(value)}
                    options={vocabulary.teams}
                    onChange={onChange}
                />
            );
        case 'several': {
            const options = field.type === 'person' ? vocabulary.people : offeredOptions(field.options, list);
            if (options.length > 0)
                return <WordChoices label={label} values={list.map(String)} options={options} onChange={onChange} />;
            return (
                <WordList
                    label={label}
                    values={list}
                    numbers={field.type === 'number' || field.type === 'money'}
                    onChange={onChange}
                />
            );
        }
        case 'from_to':
        case 'pair': {
            const set = (index: number, next: string | number | boolean): void =>
                onChange([0, 1].map((at) => (at === index && typeof next !== 'boolean' ? next : (list[at] ?? ''))));
            return (
                <>
                    {operator.shape === 'from_to' && `${say('screen.value_editor.from')} `}
                    <OneValue
                        field={field}
                        value={list[0]}
                        vocabulary={vocabulary}
                        onChange={(next) => set(0, next)}
                        label={say('screen.value_editor.label_from', { label })}
                    />{' '}
                    {operator.shape === 'from_to' ? say('screen.value_editor.to') : say('screen.value_editor.and')}{' '}
                    <OneValue
                        field={field}
                        value={list[1]}
                        vocabulary={vocabulary}
                        onChange={(next) => set(1, next)}
                        label={say('screen.value_editor.label_to', { label })}
                    />
                </>
            );
        }
    }
}
