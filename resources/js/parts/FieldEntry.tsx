import { MomentEntry } from '@/ui/MomentEntry';
import { DayEntry } from '@/ui/DayEntry';
import type { EntryField, EntryValue } from '@props/Intake/NewTaskPage';
import type { Option } from '@props/Rules/Vocabulary';
import type { ReactNode } from 'react';
import { durationOf, minutesOf } from '@/lib/criteria';
import { useFormats } from '@/lib/format';
import { offeredOptions } from '@/lib/options';
import { say } from '@/lib/words';
import { CustomerFinder } from '@/parts/Finder';
import { PersonChoice } from '@/parts/PersonChoice';
import { Labelled } from '@/ui/Labelled';
import { Typed } from '@/ui/Typed';

type Props = {
    field: EntryField;
    value: EntryValue;
    people: Option[];
    wrong?: string | undefined;
    /** it can't be left empty */
    required?: boolean;
    onChange: (value: EntryValue) => void;
};

/** entry: what ties a control to its label */
type ControlProps = Omit<Props, 'wrong' | 'required'> & { entry: { id?: string } };

function LineControl({ field, value, onChange, entry }: ControlProps) {
    return (
        <input
            {...entry}
            className="entry w-full"
            maxLength={field.type === 'line' ? 255 : 400}
            value={textOf(value)}
            onChange={(event) => onChange(event.target.value)}
        />
    );
}

function ProseControl({ value, onChange, entry }: ControlProps) {
    return (
        <textarea
            {...entry}
            className="entry w-full"
            rows={4}
            maxLength={20_000}
            value={textOf(value)}
            onChange={(event) => onChange(event.target.value)}
        />
    );
}

function MomentControl({ value, onChange, entry }: ControlProps) {
    const formats = useFormats();
    const text = textOf(value);
    return (
        <MomentEntry
            {...entry}
            value={text === '' ? '' : formats.toLocal(text)}
            onChange={(day) => onChange(day === '' ? null : formats.fromLocal(day))}
        />
    );
}

function DateControl({ value, onChange, entry }: ControlProps) {
    return <DayEntry {...entry} value={textOf(value)} onChange={(day) => onChange(day === '' ? null : day)} />;
}

function NumberControl({ value, onChange, entry }: ControlProps) {
    return (
        <Typed
            {...entry}
            numeric
            className="entry w-32"
            text={textOf(value)}
            onText={(next) => onChange(next === '' ? null : Number.isNaN(Number(next)) ? next : Number(next))}
        />
    );
}

function DurationControl({ value, onChange, entry }: ControlProps) {
    const text = textOf(value);
    return (
        <Typed
            {...entry}
            numeric
            className="entry w-32"
            text={text === '' ? '' : String(minutesOf(text))}
            onText={(next) => onChange(/^\d+$/.test(next) ? durationOf(Number(next)) : null)}
        />
    );
}

function TimeControl({ value, onChange, entry }: ControlProps) {
    return (
        <input
            {...entry}
            type="time"
            className="entry w-32"
            value={textOf(value)}
            onChange={(event) => onChange(event.target.value === '' ? null : event.target.value)}
        />
    );
}

function TagsControl({ value, onChange, entry }: ControlProps) {
    const tags = (text: string): string[] => text.split(',').map((one) => one.trim());
    return (
        <Typed
            {...entry}
            numeric={false}
            className="entry w-full"
            text={listOf(value).join(', ')}
            onText={(next) => onChange(tags(next).filter((one) => one !== ''))}
        />
    );
}

function YesNoControl({ value, onChange, entry }: ControlProps) {
    return (
        <select
            {...entry}
            className="entry"
            value={value === null ? '' : value === true ? 'yes' : 'no'}
            onChange={(event) => onChange(event.target.value === '' ? null : event.target.value === 'yes')}
        >
            <option value="">{say('screen.field_entry.not_known')}</option>
            <option value="yes">{say('screen.field_entry.yes')}</option>
            <option value="no">{say('screen.field_entry.no')}</option>
        </select>
    );
}

function ManyOfControl({ field, value, onChange, entry }: ControlProps) {
    return (
        <select
            {...entry}
            multiple
            className="entry w-full"
            value={listOf(value)}
            onChange={(event) => onChange([...event.target.selectedOptions].map((one) => one.value))}
        >
            <Options options={offeredOptions(field.options, listOf(value))} />
        </select>
    );
}

function OneOfControl({ field, value, onChange, entry }: ControlProps) {
    const text = textOf(value);
    return (
        <select
            {...entry}
            className="entry w-full"
            value={text}
            onChange={(event) => onChange(event.target.value === '' ? null : event.target.value)}
        >
            {field.path !== 'task.priority' && <option value="">{say('screen.common.none')}</option>}
            <Options options={offeredOptions(field.options, [text])} />
        </select>
    );
}

function PersonControl({ value, people, onChange, entry }: ControlProps) {
    return (
        <PersonChoice
            {...entry}
            people={people}
            first={[{ value: '', label: say('person.none') }]}
            value={textOf(value)}
            onChange={(next) => onChange(next === '' ? null : next)}
        />
    );
}

function Options({ options }: { options: Option[] }) {
    return options.map((option) => (
        <option key={option.value} value={option.value}>
            {option.label}
        </option>
    ));
}

function textOf(value: EntryValue): string {
    return value === null ? '' : String(value);
}

function listOf(value: EntryValue): string[] {
    return Array.isArray(value) ? value : [];
}

/** Its one option is what is chosen. */
function CustomerControl({ field, value, onChange, entry }: ControlProps) {
    return (
        <CustomerFinder
            {...entry}
            value={textOf(value)}
            label={field.options.find((one) => one.value === value)?.label ?? textOf(value)}
            onChange={(slug) => onChange(slug === '' ? null : slug)}
        />
    );
}

const CONTROLS: Record<EntryField['type'], (props: ControlProps) => ReactNode> = {
    line: LineControl,
    text: LineControl,
    long_text: ProseControl,
    moment: MomentControl,
    date: DateControl,
    number: NumberControl,
    money: NumberControl,
    duration: DurationControl,
    time: TimeControl,
    tags: TagsControl,
    yes_no: YesNoControl,
    many_of: ManyOfControl,
    person: PersonControl,
    one_of: OneOfControl,
    customer: CustomerControl,
};

function Control({ field, value, people, onChange, ...entry }: Omit<Props, 'wrong' | 'required'>) {
    const OfType = CONTROLS[field.type];
    return <OfType {...{ field, value, people, onChange, entry }} />;
}

/** The entry of a field by its type. */
export function FieldEntry({ wrong, required = false, ...props }: Props) {
    const label = say('screen.field_entry.label', { label: props.field.label, type: props.field.type });
    return (
        <Labelled label={label} hint={required ? say('asked.needed') : undefined} wrong={wrong}>
            <Control {...props} />
        </Labelled>
    );
}
