import type { Comparison, Criteria, CriteriaValue } from '@props/RulebookPage';
import type { FieldInfo, OperatorInfo, Vocabulary } from '@props/Vocabulary';

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
    return vocabulary.fields.find((field) => field.path === path);
}

export function operatorsFor(vocabulary: Vocabulary, field: FieldInfo): OperatorInfo[] {
    return vocabulary.operators.filter((operator) => operator.types.includes(field.type));
}

/** The value with which a comparison begins. */
export function firstValue(field: FieldInfo, operator: OperatorInfo, vocabulary: Vocabulary): CriteriaValue | undefined {
    const one = oneValue(field, vocabulary);
    switch (operator.shape) {
        case 'nothing':
            return undefined;
        case 'days':
            return 7;
        case 'one':
            return one;
        case 'several':
            return typeof one === 'boolean' || one === '' ? [] : [one];
        case 'pair':
            return typeof one === 'boolean' ? [] : [one, one];
    }
}

function oneValue(field: FieldInfo, vocabulary: Vocabulary): string | number | boolean {
    switch (field.type) {
        case 'yes_no':
            return true;
        case 'number':
        case 'money':
            return 0;
        case 'duration':
            return 'PT1H';
        case 'date':
            return new Date().toISOString().slice(0, 10);
        case 'one_of':
        case 'many_of':
            return field.options[0]?.value ?? '';
        case 'person':
            return vocabulary.people[0]?.value ?? '';
        case 'text':
        case 'tags':
            return '';
    }
}

/** The same comparison with another operator; its value stays where it fits. */
export function withOperator(comparison: Comparison, operator: OperatorInfo, field: FieldInfo, vocabulary: Vocabulary): Comparison {
    const before = vocabulary.operators.find((one) => one.code === comparison.op);
    const value = before?.shape === operator.shape ? comparison.value : carried(comparison.value, operator) ?? firstValue(field, operator, vocabulary);
    return { field: comparison.field, op: operator.code, ...(value === undefined ? {} : { value }) };
}

function carried(value: CriteriaValue | undefined, operator: OperatorInfo): CriteriaValue | undefined {
    if (operator.shape === 'several' && (typeof value === 'string' || typeof value === 'number')) return [value];
    if (operator.shape === 'one' && Array.isArray(value)) return value[0];
    return undefined;
}

export function newComparison(vocabulary: Vocabulary): Comparison {
    const field = vocabulary.fields[0];
    const operator = field === undefined ? undefined : operatorsFor(vocabulary, field)[0];
    if (field === undefined || operator === undefined) return { field: '', op: 'is' };
    const value = firstValue(field, operator, vocabulary);
    return { field: field.path, op: operator.code, ...(value === undefined ? {} : { value }) };
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
