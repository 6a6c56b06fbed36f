import { describe, expect, it } from 'vitest';
import type { Rule } from '@props/Rules/RulebookPage';
import { merged, valueAt, varying, withValue } from '@/lib/ruleTable';

const rule = (id: string, family: string, most = 6): Rule => ({
    id,
    name: `Rule ${id}`,
    when: [{ kind: 'task_arrives' }],
    if: { all: [{ field: 'task.family', op: 'is', value: family }] },
    give: { limits: [{ kind: 'open_tasks_at_most', tasks: most }] },
});
const columns = [
    { pointer: '/if/all/0/value', label: 'Family' },
    { pointer: '/give/limits/0/tasks', label: 'Tasks' },
    { pointer: '/give/limits/0/count_waiting', label: 'Waiting' },
];
const named = (one: Rule, name: string | null): Rule => ({ ...one, id: `new-${name ?? 'none'}`, name: name ?? 'none' });
const family = (one: Rule): unknown => valueAt(one, '/if/all/0/value');

describe('values of rules in a table', () => {
    it('are read and put in their places, and nothing else is touched', () => {
        const brass = rule('a', 'brass');
        const other = withValue(brass, '/give/limits/0/tasks', 3);
        expect(valueAt(other, '/give/limits/0/tasks')).toBe(3);
        expect(withValue(other, '/give/limits/0/tasks', 6)).toEqual(brass);
        expect(brass).toEqual(rule('a', 'brass'));
    });

    it('can be put where there was none, and left out', () => {
        const waiting = withValue(rule('a', 'brass'), '/give/limits/0/count_waiting', true);
        expect(waiting.give?.limits).toEqual([{ kind: 'open_tasks_at_most', tasks: 6, count_waiting: true }]);
        expect(withValue(waiting, '/give/limits/0/count_waiting', undefined)).toEqual(rule('a', 'brass'));
        expect(valueAt(rule('a', 'brass'), '/then/0/tag')).toBeUndefined();
    });

    it('have columns where they differ; of one rule where it says something', () => {
        const labels = (...rules: Rule[]): string[] => varying(rules, columns).map(({ label }) => label);
        expect(labels(rule('a', 'brass'), rule('b', 'strings'))).toEqual(['Family']);
        expect(labels(rule('a', 'brass'), rule('b', 'brass', 3))).toEqual(['Tasks']);
        expect(labels(rule('a', 'brass'))).toEqual(['Family', 'Tasks']);
        expect(labels()).toEqual([]);
    });
});

describe('a table from a spreadsheet', () => {
    const rows = [rule('a', 'brass'), rule('b', 'strings')];
    const line = (name: string | null, value: string) => ({ name, values: { '/if/all/0/value': value } });

    it('changes rows of its names, and adds the others after them', () => {
        const result = merged(
            rows,
            [line('rule B ', 'keys'), line('New', 'reeds')],
            rule('a', 'brass', 2),
            false,
            named,
        );
        expect(result.rows.map(({ id }) => id)).toEqual(['a', 'b', 'new-New']);
        expect(result.rows.map(family)).toEqual(['brass', 'keys', 'reeds']);
        expect([result.fresh, result.changed, result.gone]).toEqual([1, 1, 0]);
        expect(valueAt(result.rows[2] ?? rule('', ''), '/give/limits/0/tasks')).toBe(2);
    });

    it('that is the whole table takes the others out, and knows rows without names by their places', () => {
        const [first] = rows;
        expect(first).toBeDefined();
        const result = merged(rows, [line('Rule b', 'strings')], rule('a', 'brass'), true, named);
        expect(result.rows.map(({ id }) => id)).toEqual(['b']);
        expect([result.fresh, result.changed, result.gone]).toEqual([0, 0, 1]);
        const plain = merged(
            rows,
            [line(null, 'x'), line(null, 'y'), line(null, 'z')],
            rows[0] ?? rule('', ''),
            true,
            named,
        );
        expect(plain.rows.map(({ id }) => id)).toEqual(['a', 'b', 'new-none']);
        expect([plain.fresh, plain.changed, plain.gone]).toEqual([1, 2, 0]);
    });

    it('makes a second line of one name a row of its own', () => {
        const result = merged(rows, [line('Rule a', 'x'), line('Rule a', 'y')], rule('a', 'brass'), false, named);
        expect(result.rows.map(family)).toEqual(['x', 'strings', 'y']);
        expect([result.fresh, result.changed]).toEqual([1, 1]);
    });
});
