import type { Vocabulary } from '@props/Rules/Vocabulary';
import type { ReactNode } from 'react';
import { durationOf, minutesOf } from '@/lib/criteria';
import type { Type } from '@/lib/parameterOptions';
import type { FieldChange, PeopleGroup } from '@/lib/parameters';
import { say } from '@/lib/words';
import { AssignmentControl, FieldChangeControl } from './FieldControls';
import { MergedTextControl } from './MergedTextControl';
import { OffsetControl } from './OffsetControl';
import { PeopleControl } from './PeopleControl';
import { RecurrenceControl } from './RecurrenceControl';
import { SpanControl } from './SpanControl';
import { DayEntry } from '@/ui/DayEntry';
import { WordNumber, WordText } from './Word';

type Props = {
    label: string;
    type: Type;
    value: unknown;
    vocabulary: Vocabulary;
    onChange: (value: unknown) => void;
};

const text = (value: unknown): string | undefined => (typeof value === 'string' ? value : undefined);

function Minutes({ label, value, onChange }: Props) {
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

/** The controls of parameters that hold no other part, by the code that their type has. */
export const SIMPLE: Record<string, (props: Props) => ReactNode> = {
    whole_number: ({ label, value, onChange }) => (
        <WordNumber label={label} value={typeof value === 'number' ? value : null} onChange={onChange} />
    ),
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
