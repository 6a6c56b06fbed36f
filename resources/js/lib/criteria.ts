import type { Comparison, Criteria, CriteriaValue } from '@props/Rules/RulebookPage';
import type { FieldInfo, OperatorInfo, Vocabulary } from '@props/Rules/Vocabulary';

export type GroupKind = 'all' | 'any' | 'none';

export function groupOf(criteria: Criteria): { kind: GroupKind; parts: Criteria[] } | null {
    if ('all' in criteria) return { kind: 'all', parts: criteria.all };
    if ('any' in criteria) return { kind: 'any', parts: criteria.any };
    if ('none' in criteria) return { kind: 'none', parts: criteria.none };
    return null;
}

export function makeGroup(kind: GroupKind, parts: Criteria[]): Criteria {
    if (kind === 'all') return { all: parts };
    if (kind === 'any') return { any: parts };
    return { none: parts };
}

/** A rule's criteria as a group at the top, which is how they are edited. */
export function topGroup(criteria: Criteria | undefined): { kind: GroupKind; parts: Criteria[] } {
    if (criteria === undefined) return { kind: 'all', parts: [] };
    return groupOf(criteria) ?? { kind: 'all', parts: [criteria] };
}

export function fieldOf(vocabulary: Vocabulary, path: string): FieldInfo | undefined {
    if (path.startsWith('person.')) return vocabulary.personFields.find((one) => one.path === path);
    return (path.startsWith('moment.') ? vocabulary.momentFields : vocabulary.fields).find((one) => one.path === path);
}

/** The fields of tasks that are offered; one that is retired stays where it is chosen already. */
export function offered(vocabulary: Vocabulary, chosen = ''): FieldInfo[] {
    return vocabulary.fields.filter((field) => !field.retired || field.path === chosen);
}

/** The fields that comparisons are offered. */
export function comparable(vocabulary: Vocabulary, chosen: string): FieldInfo[] {
    return [...offered(vocabulary, chosen), ...vocabulary.momentFields];
}

/** A moment was never another one. */
export function operatorsFor(vocabulary: Vocabulary, field: FieldInfo): OperatorInfo[] {
    const ofMoment = vocabulary.momentFields.includes(field);
    return vocabulary.operators.filter(({ types, history }) => types.includes(field.type) && !(ofMoment && history));
}

/** A comparison of which nothing is chosen yet: it is unfinished, and what is unfinished never acts. */
export const BLANK: Comparison = { field: '', op: '' };

/** The comparison with another field: the operator stays where it fits, and no value is guessed. */
export function withField(comparison: Comparison, field: FieldInfo, vocabulary: Vocabulary): Comparison {
    const operators = operatorsFor(vocabulary, field);
    const operator = operators.find((one) => one.code === comparison.op) ?? operators[0];
    return { field: field.path, op: operator?.code ?? '' };
}

/** The same comparison with another operator; its value stays where it fits. */
export function withOperator(comparison: Comparison, operator: OperatorInfo, vocabulary: Vocabulary): Comparison {
    const before = vocabulary.operators.find((one) => one.code === comparison.op);
    const value = before?.shape === operator.shape ? comparison.value : carried(comparison.value, operator);
    return {
        field: comparison.field,
        op: operator.code,
        ...(value === undefined || operator.shape === 'nothing' ? {} : { value }),
    };
}

function carried(value: CriteriaValue | undefined, operator: OperatorInfo): CriteriaValue | undefined {
    if (operator.shape === 'several' && (typeof value === 'string' || typeof value === 'number')) return [value];
    if (operator.shape === 'one' && Array.isArray(value)) return value[0];
    return undefined;
}

export function minutesOf(duration: string): number {
    const parts = /^PT(?:(\d+)H)?(?:(\d+)M)?$/.exec(duration);
    return parts === null ? 0 : Number(parts[1] ?? 0) * 60 + Number(parts[2] ?? 0);
}

export function durationOf(minutes: number): string {
    const hours = Math.floor(minutes / 60);
    const rest = minutes % 60;
    return `PT${hours > 0 ? `${hours}H` : ''}${rest > 0 || hours === 0 ? `${rest}M` : ''}`;
}
