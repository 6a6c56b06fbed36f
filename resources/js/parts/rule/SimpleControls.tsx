import type { Control } from '@props/Rules/Control';
import type { Vocabulary } from '@props/Rules/Vocabulary';
import type { ReactNode } from 'react';
import { durationOf, minutesOf } from '@/lib/criteria';
import { offeredOptions } from '@/lib/options';
import { chosen, optionsOf } from '@/lib/parameterOptions';
import type { FieldChange, PeopleGroup, Typed } from '@/lib/parameters';
import { say } from '@/lib/words';
import { AssignmentControl, FieldChangeControl } from './FieldControls';
import { MergedTextControl } from './MergedTextControl';
import { OffsetControl } from './OffsetControl';
import { PeopleControl } from './PeopleControl';
import { RecurrenceControl } from './RecurrenceControl';
import { SpanControl } from './SpanControl';
import { DayEntry } from '@/ui/DayEntry';
import { WordChoice, WordNumber, WordText } from './Word';

export type ControlProps = {
    label: string;
    type: Typed;
    name: string;
    value: unknown;
    vocabulary: Vocabulary;
    /** how deep in other parts */
    depth: number;
    onChange: (value: unknown) => void;
};

const text = (value: unknown): string | undefined => (typeof value === 'string' ? value : undefined);

function Minutes({ label, value, onChange }: ControlProps) {
    const minutes = text(value);
    return (
        <>
            <WordNumber
                label={say('screen.common.in_minutes', { label })}
                value={minutes === undefined || minutes === '' ? null : minutesOf(minutes)}
                onChange={(next) => onChange(durationOf(next))}
            />{' '}
            {say('screen.common.minutes')}
        </>
    );
}

function OneOf({ label, type, name, value, vocabulary, onChange }: ControlProps) {
    return (
        <WordChoice
            label={label}
            value={value === undefined || value === null ? '' : String(value)}
            options={offeredOptions(optionsOf(type, name, vocabulary) ?? [], [value])}
            onChange={(next) => onChange(chosen(type.control, next))}
        />
    );
}

function WholeNumber(props: ControlProps) {
    const { label, type, name, value, vocabulary, onChange } = props;
    return optionsOf(type, name, vocabulary) === null ? (
        <WordNumber label={label} value={typeof value === 'number' ? value : null} onChange={onChange} />
    ) : (
        <OneOf {...props} />
    );
}

function ShortText({ label, value, onChange }: ControlProps) {
    return <WordText label={label} value={text(value) ?? ''} onChange={onChange} />;
}

/** The controls of parameters that hold no other parameter. */
export const SIMPLE: Record<
    Exclude<Control, 'part' | 'list' | 'condition' | 'give'>,
    (props: ControlProps) => ReactNode
> = {
    person: OneOf,
    team: OneOf,
    skill: OneOf,
    checklist: OneOf,
    runsheet: OneOf,
    step: OneOf,
    task_kind: OneOf,
    option: OneOf,
    limit_kind: OneOf,
    field: OneOf,
    settable_field: OneOf,
    choice: OneOf,
    yes_no: OneOf,
    whole_number: WholeNumber,
    short_text: ShortText,
    rotation: ShortText,
    offset: ({ label, value, onChange }) => <OffsetControl label={label} value={text(value)} onChange={onChange} />,
    recurrence: ({ value, onChange }) => <RecurrenceControl value={text(value)} onChange={onChange} />,
    time_of_day: ({ label, value, onChange }) => (
        <WordText label={label} type="time" value={text(value) ?? ''} onChange={onChange} />
    ),
    date: ({ label, value, onChange }) => <DayEntry aria-label={label} value={text(value) ?? ''} onChange={onChange} />,
    minutes: Minutes,
    working_span: ({ label, value, onChange }) => <SpanControl label={label} value={text(value)} onChange={onChange} />,
    people_or_team: ({ label, value, vocabulary, onChange }) => (
        <PeopleControl label={label} value={(value ?? {}) as PeopleGroup} vocabulary={vocabulary} onChange={onChange} />
    ),
    field_change: ({ value, vocabulary, onChange }) => (
        <FieldChangeControl value={(value ?? {}) as FieldChange} vocabulary={vocabulary} onChange={onChange} />
    ),
    assignment: ({ type, value, vocabulary, onChange }) => (
        <AssignmentControl
            value={(value ?? {}) as { field?: string }}
            ofPeople={type.bounds.of === 'people'}
            vocabulary={vocabulary}
            onChange={onChange}
        />
    ),
    merged_text: ({ label, type, value, vocabulary, onChange }) => (
        <MergedTextControl
            label={label}
            value={text(value) ?? ''}
            oneLine={type.bounds.one_line ?? true}
            most={type.bounds.most ?? 200}
            vocabulary={vocabulary}
            onChange={onChange}
        />
    ),
};
