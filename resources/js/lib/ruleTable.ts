import type { Comparison, Part, Rule } from '@props/Rules/RulebookPage';
import type { ReadRow, RuleColumn } from '@props/Rules/RuleTablePage';
import type { Family, FieldInfo, OperatorInfo, ParameterInfo, Vocabulary } from '@props/Rules/Vocabulary';
import { fieldOf } from './criteria';
import { kindOf } from './describe';

type Tree = Record<string, unknown> | unknown[];

const stepsOf = (pointer: string): string[] => pointer.slice(1).split('/');

function inner(tree: unknown, step: string): unknown {
    return typeof tree === 'object' && tree !== null ? (tree as Record<string, unknown>)[step] : undefined;
}

/** What stands at a place of a rule. */
export function valueAt(rule: Rule, pointer: string): unknown {
    return stepsOf(pointer).reduce<unknown>(inner, rule);
}

function put(tree: Tree, [step = '', ...rest]: string[], value: unknown): Tree {
    const before = inner(tree, step);
    const next = rest.length === 0 ? value : put((before ?? {}) as Tree, rest, value);
    if (Array.isArray(tree)) return tree.map((one, at) => (String(at) === step ? next : (one as unknown)));
    const others = Object.entries(tree).filter(([name]) => name !== step);
    if (next === undefined || next === null) return Object.fromEntries(others);
    return step in tree ? { ...tree, [step]: next } : Object.fromEntries([...others, [step, next]]);
}

/** The rule with something else at a place; undefined: nothing. */
export function withValue(rule: Rule, pointer: string, value: unknown): Rule {
    return put(rule, stepsOf(pointer), value) as Rule;
}

const sameAs = (one: unknown, other: unknown): boolean => JSON.stringify(one) === JSON.stringify(other);

/** The columns in which rules differ; of a single rule all that say something. */
export function varying(rules: Rule[], columns: RuleColumn[]): RuleColumn[] {
    const [first, ...others] = rules;
    if (first === undefined) return [];
    return columns.filter(({ pointer }) => {
        const value = valueAt(first, pointer);
        return others.length === 0 ? value !== undefined : others.some((one) => !sameAs(valueAt(one, pointer), value));
    });
}

const FAMILIES: [RegExp, Family][] = [
    [/^\/when/, 'event'],
    [/^\/give\/pool/, 'pool'],
    [/^\/give\/method/, 'method'],
    [/^\/give\/limits/, 'limit'],
    [/^\/give\/otherwise/, 'otherwise'],
    [/^\/then/, 'follow_up'],
];

/** What a value is edited by. */
export type Cell =
    | { of: 'comparison'; comparison: Comparison; field: FieldInfo; operator: OperatorInfo }
    | { of: 'field'; field: FieldInfo }
    | { of: 'parameter'; parameter: ParameterInfo };

/** What stands at a place of a rule, by what it stands in; null: that is not known any more. */
export function cellAt(rule: Rule, pointer: string, vocabulary: Vocabulary): Cell | null {
    const cut = pointer.lastIndexOf('/');
    const [parent, name] = [valueAt(rule, pointer.slice(0, cut)), pointer.slice(cut + 1)];
    if (typeof parent !== 'object' || parent === null) return null;
    if ('op' in parent) {
        const comparison = parent as Comparison;
        const field = fieldOf(vocabulary, comparison.field);
        const operator = vocabulary.operators.find((one) => one.code === comparison.op);
        return field === undefined || operator === undefined ? null : { of: 'comparison', comparison, field, operator };
    }
    if (!('kind' in parent)) {
        const field = fieldOf(vocabulary, String((parent as { field?: unknown }).field ?? ''));
        return field === undefined ? null : { of: 'field', field };
    }
    const own = FAMILIES.find(([at]) => at.test(pointer))?.[1] ?? 'pool';
    for (const family of [own, 'pool'] as const) {
        const parameter = kindOf(vocabulary, family, (parent as Part).kind)?.parameters.find(
            (one) => one.name === name,
        );
        if (parameter !== undefined) return { of: 'parameter', parameter };
    }
    return null;
}

/** What a table from a spreadsheet makes of the rows that there are. */
export type Merged = { rows: Rule[]; fresh: number; changed: number; gone: number };

const plainName = (name: string): string => name.trim().toLowerCase();

/**
 * Rows of the same name get what the table says; others are new, after them. Where the table is all there is, what is
 * not in it goes; then rows without names are known by their places.
 */
export function merged(
    rows: Rule[],
    read: ReadRow[],
    template: Rule,
    isAll: boolean,
    made: (rule: Rule, name: string | null) => Rule,
): Merged {
    const byName = new Map(rows.map((one) => [plainName(one.name), one]));
    const used = new Set<string>();
    let fresh = 0;
    let changed = 0;
    const said = read.map(({ name, values }, place) => {
        const known = name === null ? (isAll ? rows[place] : undefined) : byName.get(plainName(name));
        const before = known !== undefined && !used.has(known.id) ? known : undefined;
        const filled = Object.entries(values).reduce<Rule>(
            (rule, [pointer, value]) => withValue(rule, pointer, value),
            before ?? template,
        );
        if (before === undefined) {
            fresh += 1;
            return made(filled, name);
        }
        used.add(before.id);
        if (!sameAs(filled, before)) changed += 1;
        return filled;
    });
    const kept = isAll ? [] : rows.map((one) => said.find(({ id }) => id === one.id) ?? one);
    const added = said.filter(({ id }) => !kept.some((one) => one.id === id));
    return { rows: [...kept, ...added], fresh, changed, gone: isAll ? rows.length - used.size : 0 };
}
