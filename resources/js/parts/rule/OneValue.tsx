import { DayEntry } from '@/ui/DayEntry';
import type { FieldInfo, Vocabulary } from '@props/Rules/Vocabulary';
import { durationOf, minutesOf } from '@/lib/criteria';
import { offeredOptions } from '@/lib/options';
import { say } from '@/lib/words';
import { WordChoice, WordNumber, WordText } from './Word';

type One = string | number | boolean | undefined;

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
            return <DayEntry aria-label={label} value={typeof value === 'string' ? value : ''} onChange={onChange} />;
        case 'time':
            return (
                <WordText
                    label={label}
                    type="time"
                    value={typeof value === 'string' ? value : ''}
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
