import type { Part } from '@props/Rules/RulebookPage';
import type { Bounds, Family, Option, Vocabulary } from '@props/Rules/Vocabulary';
import { fieldOf, minutesOf } from './criteria';
import { dayFormat } from './days';
import { describeRecurrence } from './recurrence';
import { say } from './words';

export type Typed = { control: string; bounds: Bounds };
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

/** The value of a parameter by its type, as app/Explain/ParameterWords.php says it. */
export function describeParameter(
    type: Typed,
    name: string,
    value: unknown,
    vocabulary: Vocabulary,
    part: DescribePart,
    fieldValue: DescribeFieldValue,
): string {
    if (value === undefined || value === null || value === '') return say('rule.blank');
    const field = (path: string): string => fieldOf(vocabulary, path)?.label ?? path;
    switch (type.control) {
        case 'person':
            return labelOf(vocabulary.people, String(value));
        case 'team':
            return labelOf(vocabulary.teams, String(value));
        case 'skill':
            return labelOf(vocabulary.skills, String(value));
        case 'field':
        case 'settable_field':
            return field(String(value));
        case 'task_kind':
            return labelOf(fieldOf(vocabulary, 'task.kind')?.options ?? [], String(value));
        case 'checklist':
            return labelOf(vocabulary.checklists, String(value));
        case 'part':
            return isPart(value) ? part(type.bounds.family as Family, value) : say('rule.blank');
        case 'list': {
            const of = typeof type.bounds.of === 'object' ? type.bounds.of : { control: 'short_text' };
            const items: unknown[] = Array.isArray(value) ? value : [];
            if (items.length === 0) return say('rule.blank');
            return items
                .map((one) =>
                    describeParameter({ control: of.control, bounds: of }, name, one, vocabulary, part, fieldValue),
                )
                .join(of.control === 'part' || of.control === 'choice' ? say('rule.or') : ', ');
        }
        case 'people_or_team':
            return describePeople(value as PeopleGroup, vocabulary);
        case 'field_change':
            return describeChange(value as FieldChange, vocabulary, fieldValue);
        case 'assignment': {
            const { field: path = '', value: set } = value as { field?: string; value?: unknown };
            return path === ''
                ? say('rule.blank')
                : say(type.bounds.of === 'people' ? 'field_change.is' : 'field_change.set', {
                      field: field(path),
                      value: fieldValue(set, path),
                  });
        }
        case 'offset':
            return describeDistance(String(value));
        case 'recurrence':
            return describeRecurrence(String(value));
        case 'date':
            return describeDay(String(value));
        case 'minutes':
            return describeDuration(minutesOf(String(value)));
        case 'working_span':
            return describeSpan(String(value));
        case 'merged_text':
            return String(value).replace(/~([^~|]+)(\|[^~]*)?~/g, (_, path: string) =>
                say('merged.field', { field: field(path.trim()) }),
            );
        case 'yes_no':
        case 'choice':
            return say(`parameter.${name}.${String(value)}`);
        default:
            return String(value);
    }
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
