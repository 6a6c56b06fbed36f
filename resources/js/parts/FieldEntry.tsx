import type { EntryField, EntryValue } from '@props/Intake/NewTaskPage';
import type { Option } from '@props/Rules/Vocabulary';
import { useState } from 'react';
import { durationOf, minutesOf } from '@/lib/criteria';
import { useFormats } from '@/lib/format';
import { offeredOptions } from '@/lib/options';
import { say } from '@/lib/words';
import { PersonChoice } from '@/parts/PersonChoice';
import { Labelled } from '@/ui/Labelled';

type Props = {
    field: EntryField;
    value: EntryValue;
    people: Option[];
    wrong?: string | undefined;
    onChange: (value: EntryValue) => void;
};

/** What is typed of a number or a list is kept as typed until one leaves it. */
function Typed({
    text,
    numeric,
    onText,
    ...rest
}: {
    text: string;
    numeric: boolean;
    onText: (text: string) => void;
    id?: string;
    className?: string;
}) {
    const [typed, setTyped] = useState<string | null>(null);
    return (
        <input
            {...rest}
            inputMode={numeric ? 'decimal' : 'text'}
            value={typed ?? text}
            onChange={(event) => {
                setTyped(event.target.value);
                onText(event.target.value.trim());
            }}
            onBlur={() => setTyped(null)}
        />
    );
}

function Control({ field, value, people, onChange, ...rest }: Omit<Props, 'wrong'>) {
    const formats = useFormats();
    const text = value === null ? '' : String(value);
    const list = Array.isArray(value) ? value : [];
    switch (field.type) {
        case 'line':
        case 'text':
            return (
                <input
                    {...rest}
                    className="entry w-full"
                    maxLength={field.type === 'line' ? 255 : 400}
                    value={text}
                    onChange={(event) => onChange(event.target.value)}
                />
            );
        case 'long_text':
            return (
                <textarea
                    {...rest}
                    className="entry w-full"
                    rows={4}
                    maxLength={20_000}
                    value={text}
                    onChange={(event) => onChange(event.target.value)}
                />
            );
        case 'moment':
            return (
                <input
                    {...rest}
                    type="datetime-local"
                    className="entry"
                    value={text === '' ? '' : formats.toLocal(text)}
                    onChange={(event) =>
                        onChange(event.target.value === '' ? null : formats.fromLocal(event.target.value))
                    }
                />
            );
        case 'date':
            return (
                <input
                    {...rest}
                    type="date"
                    className="entry"
                    value={text}
                    onChange={(event) => onChange(event.target.value === '' ? null : event.target.value)}
                />
            );
        case 'number':
        case 'money':
            return (
                <Typed
                    {...rest}
                    numeric
                    className="entry w-32"
                    text={text}
                    onText={(next) => onChange(next === '' ? null : Number.isNaN(Number(next)) ? next : Number(next))}
                />
            );
        case 'duration':
            return (
                <Typed
                    {...rest}
                    numeric
                    className="entry w-32"
                    text={text === '' ? '' : String(minutesOf(text))}
                    onText={(next) => onChange(/^\d+$/.test(next) ? durationOf(Number(next)) : null)}
                />
            );
        case 'tags':
            return (
                <Typed
                    {...rest}
                    numeric={false}
                    className="entry w-full"
                    text={list.join(', ')}
                    onText={(next) =>
                        onChange(
                            next
                                .split(',')
                                .map((one) => one.trim())
                                .filter((one) => one !== ''),
                        )
                    }
                />
            );
        case 'yes_no':
            return (
                <select
                    {...rest}
                    className="entry"
                    value={value === null ? '' : value === true ? 'yes' : 'no'}
                    onChange={(event) => onChange(event.target.value === '' ? null : event.target.value === 'yes')}
                >
                    <option value="">{say('screen.field_entry.not_known')}</option>
                    <option value="yes">{say('screen.field_entry.yes')}</option>
                    <option value="no">{say('screen.field_entry.no')}</option>
                </select>
            );
        case 'many_of':
            return (
                <select
                    {...rest}
                    multiple
                    className="entry w-full"
                    value={list}
                    onChange={(event) => onChange([...event.target.selectedOptions].map((one) => one.value))}
                >
                    {offeredOptions(field.options, list).map((option) => (
                        <option key={option.value} value={option.value}>
                            {option.label}
                        </option>
                    ))}
                </select>
            );
        case 'person':
            return (
                <PersonChoice
                    {...rest}
                    people={people}
                    first={[{ value: '', label: say('person.none') }]}
                    value={text}
                    onChange={(next) => onChange(next === '' ? null : next)}
                />
            );
        case 'one_of':
            return (
                <select
                    {...rest}
                    className="entry w-full"
                    value={text}
                    onChange={(event) => onChange(event.target.value === '' ? null : event.target.value)}
                >
                    {field.path !== 'task.priority' && <option value="">{say('screen.common.none')}</option>}
                    {offeredOptions(field.options, [text]).map((option) => (
                        <option key={option.value} value={option.value}>
                            {option.label}
                        </option>
                    ))}
                </select>
            );
    }
}

/** The entry of a field by its type. */
export function FieldEntry({ wrong, ...props }: Props) {
    const label = say('screen.field_entry.label', { label: props.field.label, type: props.field.type });
    return (
        <Labelled label={label} wrong={wrong}>
            <Control {...props} />
        </Labelled>
    );
}
