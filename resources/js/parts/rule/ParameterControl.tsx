import type { Part } from '@props/Rules/RulebookPage';
import type { Bounds, Family, Option, Vocabulary } from '@props/Rules/Vocabulary';
import type { ReactNode } from 'react';
import { durationOf, minutesOf } from '@/lib/criteria';
import type { FieldChange, PeopleGroup } from '@/lib/parameters';
import { say } from '@/lib/words';
import { Button } from '@/ui/Button';
import { AssignmentControl, FieldChangeControl } from './FieldControls';
import { MergedTextControl } from './MergedTextControl';
import { OffsetControl } from './OffsetControl';
import { PartEditor } from './PartEditor';
import { PeopleControl } from './PeopleControl';
import { RecurrenceControl } from './RecurrenceControl';
import { SpanControl } from './SpanControl';
import { WordChoice, WordChoices, WordList, WordNumber, WordText } from './Word';

type Type = { control: string; bounds: Bounds };
type Props = {
    type: Type;
    name: string;
    value: unknown;
    vocabulary: Vocabulary;
    depth: number;
    onChange: (value: unknown) => void;
};

const LONGEST_CHOICE = 12;

/** The options of a control that chooses one of something, where it does. */
function optionsOf(type: Type, name: string, vocabulary: Vocabulary): Option[] | null {
    switch (type.control) {
        case 'person':
            return vocabulary.people;
        case 'team':
            return vocabulary.teams;
        case 'skill':
            return vocabulary.skills;
        case 'checklist':
            return vocabulary.checklists;
        case 'task_kind':
            return vocabulary.fields.find((field) => field.path === 'task.kind')?.options ?? [];
        case 'settable_field':
            return vocabulary.fields
                .filter((field) => field.settable)
                .map((field) => ({ value: field.path, label: field.label }));
        case 'field':
            return vocabulary.fields
                .filter((field) => field.type === type.bounds.of)
                .map((field) => ({ value: field.path, label: field.label }));
        case 'choice':
            return (type.bounds.values ?? []).map((value) => ({
                value: String(value),
                label: say(`parameter.${name}.${value}`),
            }));
        case 'yes_no':
            return ['true', 'false'].map((value) => ({ value, label: say(`parameter.${name}.${value}`) }));
        case 'whole_number': {
            const { least = 0, most = 0 } = type.bounds;
            return most - least < LONGEST_CHOICE
                ? Array.from({ length: most - least + 1 }, (_, at) => ({
                      value: String(least + at),
                      label: String(least + at),
                  }))
                : null;
        }
        default:
            return null;
    }
}

function chosen(control: string, value: string): unknown {
    if (control === 'yes_no') return value === 'true';
    return control === 'whole_number' ? Number(value) : value;
}

/** A list: ticked where there are options, otherwise one below the other. */
function ListControl({
    of,
    name,
    label,
    value,
    vocabulary,
    depth,
    onChange,
}: Omit<Props, 'type'> & { of: Type; label: string }) {
    const items: unknown[] = Array.isArray(value) ? value : [];
    const options = optionsOf(of, name, vocabulary);
    if (options !== null)
        return <WordChoices label={label} values={items.map(String)} options={options} onChange={onChange} />;
    if (of.control !== 'part') return <WordList label={label} values={items.map(String)} onChange={onChange} />;
    const rows = items.length === 0 ? [undefined] : items;
    return (
        <span className="block border-l-2 border-line pl-3">
            {rows.map((item, index) => (
                <span key={index} className="block">
                    {index > 0 && say('rule.or').trimStart()}
                    <ParameterControl
                        type={of}
                        name={name}
                        value={item}
                        vocabulary={vocabulary}
                        depth={depth + 1}
                        onChange={(next) => onChange(rows.map((one, at) => (at === index ? next : one)))}
                    />
                    {rows.length > 1 && (
                        <Button
                            look="quiet"
                            className="min-h-6 text-ink2"
                            onClick={() => onChange(rows.filter((_, at) => at !== index))}
                        >
                            {say('screen.common.take_out')}
                        </Button>
                    )}
                </span>
            ))}
            <Button look="quiet" onClick={() => onChange([...rows, { kind: '' }])}>
                {say('screen.parameter_control.or')}
            </Button>
        </span>
    );
}

/** What an optional parameter begins with when it is asked for. */
const BEGINNINGS: Record<string, unknown> = {
    time_of_day: '09:00',
    list: [],
    part: { kind: '' },
    people_or_team: { people: [] },
    minutes: 'PT30M',
    merged_text: '',
};

/** A parameter that may be left out: said as such until it is asked for. */
export function OptionalControl(props: Props): ReactNode {
    const { type, name, value, onChange } = props;
    const label = say(`parameter.${name}.label`).toLowerCase();
    if (value === undefined || value === null) {
        const said = say('rule.any', { name, control: type.control });
        return (
            <button
                type="button"
                className="word"
                aria-label={`${label}: ${said}`}
                onClick={() => onChange(BEGINNINGS[type.control] ?? '')}
            >
                {said}
            </button>
        );
    }
    return (
        <>
            <ParameterControl {...props} />{' '}
            <Button
                look="quiet"
                className="min-h-6 text-ink2"
                aria-label={say('screen.parameter_control.leave_out_of', { label })}
                onClick={() => onChange(undefined)}
            >
                {say('screen.parameter_control.leave_out')}
            </Button>
        </>
    );
}

/** The control of a parameter: one for each type of parameters, none for a kind of its own. */
export function ParameterControl({ type, name, value, vocabulary, depth, onChange }: Props): ReactNode {
    const label = say(`parameter.${name}.label`);
    const options = optionsOf(type, name, vocabulary);
    if (options !== null) {
        return (
            <WordChoice
                label={label}
                value={value === undefined || value === null ? '' : String(value)}
                options={options}
                onChange={(next) => onChange(chosen(type.control, next))}
            />
        );
    }
    switch (type.control) {
        case 'whole_number':
            return <WordNumber label={label} value={typeof value === 'number' ? value : null} onChange={onChange} />;
        case 'offset':
            return (
                <OffsetControl
                    label={label}
                    value={typeof value === 'string' ? value : undefined}
                    onChange={onChange}
                />
            );
        case 'recurrence':
            return <RecurrenceControl value={typeof value === 'string' ? value : undefined} onChange={onChange} />;
        case 'time_of_day':
            return (
                <WordText
                    label={label}
                    type="time"
                    value={typeof value === 'string' ? value : ''}
                    onChange={onChange}
                />
            );
        case 'date':
            return (
                <WordText
                    label={label}
                    type="date"
                    value={typeof value === 'string' ? value : ''}
                    onChange={onChange}
                />
            );
        case 'minutes':
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
        case 'people_or_team':
            return (
                <PeopleControl
                    label={label}
                    value={(value ?? {}) as PeopleGroup}
                    vocabulary={vocabulary}
                    onChange={onChange}
                />
            );
        case 'field_change':
            return (
                <FieldChangeControl value={(value ?? {}) as FieldChange} vocabulary={vocabulary} onChange={onChange} />
            );
        case 'assignment':
            return (
                <AssignmentControl
                    value={(value ?? {}) as { field?: string }}
                    ofPeople={type.bounds.of === 'people'}
                    vocabulary={vocabulary}
                    onChange={onChange}
                />
            );
        case 'merged_text':
            return (
                <MergedTextControl
                    label={label}
                    value={typeof value === 'string' ? value : ''}
                    oneLine={type.bounds.one_line ?? true}
                    most={type.bounds.most ?? 200}
                    vocabulary={vocabulary}
                    onChange={onChange}
                />
            );
        case 'working_span':
            return (
                <SpanControl label={label} value={typeof value === 'string' ? value : undefined} onChange={onChange} />
            );
        case 'part':
            return (
                <PartEditor
                    family={type.bounds.family as Family}
                    only={type.bounds.values?.map(String)}
                    part={value as Part | undefined}
                    vocabulary={vocabulary}
                    depth={depth + 1}
                    onChange={onChange}
                />
            );
        case 'list': {
            const of = typeof type.bounds.of === 'object' ? type.bounds.of : { control: 'short_text' };
            return (
                <ListControl
                    of={{ control: of.control, bounds: of }}
                    name={name}
                    label={label}
                    value={value}
                    vocabulary={vocabulary}
                    depth={depth}
                    onChange={onChange}
                />
            );
        }
        default:
            return <WordText label={label} value={typeof value === 'string' ? value : ''} onChange={onChange} />;
    }
}
