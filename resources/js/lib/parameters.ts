import type { Control } from '@props/Rules/Control';
import type { Part } from '@props/Rules/RulebookPage';
import type { Bounds, Family, Option, Vocabulary } from '@props/Rules/Vocabulary';
import { fieldOf, minutesOf } from './criteria';
import { dayFormat } from './days';
import { describeRecurrence } from './recurrence';
import { say } from './words';

/** A type of parameters: its control and what that needs to know. */
export type Typed = { control: Control; bounds: Bounds };
type DescribePart = (family: Family, part: Part) => string;
type DescribeFieldValue = (value: unknown, path: string) => string;

export type Offset = { amount: number; unit: string };
export type PeopleGroup = { people?: string[]; team?: string };
export type FieldChange = { field?: string; how?: string; from?: unknown; to?: unknown };

export function labelOf(options: Option[], value: string): string {
    return options.find((option) => option.value === value)?.label ?? value;
}

export function describeDuration(minutes: number): string {
    const hours = Math.floor(minutes / 60);
    const rest = minutes % 60;
    if (hours === 0) return say('value.minutes', { minutes: rest });
    return rest === 0 ? say('value.hours', { hours }) : say('value.hours_minutes', { hours, minutes: rest });
}

export function describeDay(date: string): string {
    return dayFormat('UTC').format(new Date(`${date}T00:00:00Z`));
}

/** "-20 days" in documents. */
export function offsetOf(text: string): Offset {
    const [amount, unit] = text.split(' ');
    return { amount: Number(amount ?? 0), unit: unit ?? 'days' };
}

export function describeDistance(text: string): string {
    const { amount, unit } = offsetOf(text);
    return say(`offset.${unit}`, { amount: Math.abs(amount) });
}

/** A day seen from now: "today", "+5 working_days", "end of month". */
export function describeRelative(day: string): string {
    if (day.startsWith('+')) return say('offset.in', { span: describeDistance(day) });
    return day.startsWith('-') ? say('offset.ago', { span: describeDistance(day) }) : say(`offset.${day}`);
}

function describeSpan(span: string): string {
    const days = /^P(\d+)D$/.exec(span);
    return days === null
        ? say('value.working_time', { time: describeDuration(minutesOf(span)) })
        : say('value.working_days', { count: Number(days[1]) });
}

function describePeople(value: PeopleGroup, vocabulary: Vocabulary): string {
    if (value.team !== undefined)
        return value.team === ''
            ? say('rule.blank')
            : say('value.team', { team: labelOf(vocabulary.teams, value.team) });
    const people = value.people ?? [];
    return people.length === 0
        ? say('rule.blank')
        : people.map((one) => labelOf(vocabulary.people, one)).join(say('rule.or'));
}

function describeChange(value: FieldChange, vocabulary: Vocabulary, fieldValue: DescribeFieldValue): string {
    const path = value.field ?? '';
    if (path === '') return say('rule.blank');
    let how = value.how ?? 'any';
    if (how === 'values') how = value.from === undefined ? 'to' : value.to === undefined ? 'from' : 'from_to';
    return say(`field_change.${how}`, {
        field: fieldOf(vocabulary, path)?.label ?? path,
        from: fieldValue(value.from, path),
        to: fieldValue(value.to, path),
    });
}

function isPart(value: unknown): value is Part {
    return typeof value === 'object' && value !== null && 'kind' in value;
}

/** What a value is said with. */
type Saying = {
    value: unknown;
    type: Typed;
    name: string;
    vocabulary: Vocabulary;
    part: DescribePart;
    fieldValue: DescribeFieldValue;
    criteria: (criteria: unknown) => string;
};
type Describe = (saying: Saying) => string;

const plain: Describe = ({ value }) => String(value);
const field: Describe = ({ value, vocabulary }) => fieldOf(vocabulary, String(value))?.label ?? String(value);
const among =
    (options: (vocabulary: Vocabulary) => Option[]): Describe =>
    ({ value, vocabulary }) =>
        labelOf(options(vocabulary), String(value));
const named: Describe = ({ value, name }) => say(`parameter.${name}.${String(value)}`);

/** The type of what a list holds. */
export function itemsOf({ bounds: { of } }: Typed): Typed {
    return typeof of === 'object' ? { control: of.control, bounds: of } : { control: 'short_text', bounds: {} };
}

function describeList({ value, type, ...saying }: Saying): string {
    const items: unknown[] = Array.isArray(value) ? value : [];
    if (items.length === 0) return say('rule.blank');
    const of = itemsOf(type);
    const between = say(type.bounds.all === true ? 'rule.all_of' : 'rule.or');
    return items
        .map((one) => describeParameter({ ...saying, type: of, value: one }))
        .join(of.control === 'part' || of.control === 'choice' ? between : ', ');
}

function describeAssignment({ value, type, vocabulary, fieldValue }: Saying): string {
    const { field: path = '', value: set } = value as { field?: string; value?: unknown };
    if (path === '') return say('rule.blank');
    return say(type.bounds.of === 'people' ? 'field_change.is' : 'field_change.set', {
        field: fieldOf(vocabulary, path)?.label ?? path,
        value: fieldValue(set, path),
    });
}

const DESCRIPTIONS: Record<Control, Describe> = {
    person: among(({ people }) => people),
    team: among(({ teams }) => teams),
    skill: among(({ skills }) => skills),
    checklist: among(({ checklists }) => checklists),
    runsheet: among(({ runsheets }) => runsheets),
    step: among(({ steps }) => steps ?? []),
    limit_kind: ({ value }) => say(`limit.${String(value)}.name`),
    task_kind: among((vocabulary) => fieldOf(vocabulary, 'task.kind')?.options ?? []),
    option: ({ value, type, vocabulary }) =>
        labelOf(fieldOf(vocabulary, String(type.bounds.of))?.options ?? [], String(value)),
    condition: ({ value, criteria }) => criteria(value),
    give: ({ value, part }) => {
        const pool = (value as { pool?: unknown }).pool;
        return isPart(pool) ? part('pool', pool) : say('rule.blank');
    },
    field,
    settable_field: field,
    part: ({ value, type, part }) => (isPart(value) ? part(type.bounds.family as Family, value) : say('rule.blank')),
    list: describeList,
    people_or_team: ({ value, vocabulary }) => describePeople(value as PeopleGroup, vocabulary),
    field_change: ({ value, vocabulary, fieldValue }) => describeChange(value as FieldChange, vocabulary, fieldValue),
    assignment: describeAssignment,
    offset: ({ value }) => describeDistance(String(value)),
    recurrence: ({ value }) => describeRecurrence(String(value)),
    date: ({ value }) => describeDay(String(value)),
    minutes: ({ value }) => describeDuration(minutesOf(String(value))),
    working_span: ({ value }) => describeSpan(String(value)),
    merged_text: ({ value, ...saying }) =>
        String(value).replace(/~([^~|]+)(\|[^~]*)?~/g, (_, path: string) =>
            say('merged.field', { field: field({ ...saying, value: path.trim() }) }),
        ),
    yes_no: named,
    choice: named,
    rotation: plain,
    short_text: plain,
    time_of_day: plain,
    whole_number: plain,
};

/** The value of a parameter, as app/Explain/ParameterWords.php says it. */
export function describeParameter(saying: Saying): string {
    const { value, type } = saying;
    return value === undefined || value === null || value === ''
        ? say('rule.blank')
        : DESCRIPTIONS[type.control](saying);
}

/** What a sentence goes by: a yes or no, a choice, on which side of a date; "none" where nothing is given. */
export function codeOf(type: Typed, value: unknown): string {
    if (value === undefined || value === null) return 'none';
    if (type.control === 'offset') {
        const { amount } = offsetOf(String(value));
        return amount < 0 ? 'before' : amount > 0 ? 'after' : 'same';
    }
    return typeof value === 'string' || typeof value === 'boolean' || typeof value === 'number'
        ? String(value)
        : 'some';
}
