import type { Rule } from '@props/Rules/RulebookPage';
import { describe, expect, it } from 'vitest';
import { pointedAt, remedied } from '@/lib/pointed';
import { house } from './house';

const rule: Rule = {
    id: 'r',
    name: 'R',
    when: [{ kind: 'task_arrives' }, { kind: 'dropped' }],
    if: {
        all: [
            { field: 'task.rush', op: 'is', value: true },
            {
                any: [
                    { field: 'task.kind', op: 'is', value: 'quote' },
                    { field: 'task.value', op: 'between', value: [1, 5] },
                ],
            },
        ],
    },
    give: {
        pool: { kind: 'team', team: 'brass-bench' },
        method: { kind: 'in_order' },
        limits: [{ kind: 'open_tasks_at_most', tasks: 6 }, { kind: 'on_now' }],
    },
    then: [
        { kind: 'priority', priority: 'high' },
        { kind: 'tag', tag: 'vip' },
    ],
};

describe('what a pointer points at', () => {
    it.each([
        ['/if/all/0', 'Rush is yes'],
        ['/if/all/1', 'Kind of task is Quote or Value is between ALQ 1 and ALQ 5'],
        ['/if/all/1/any/0', 'Kind of task is Quote'],
        ['/when/1', 'it is dropped'],
        ['/give/pool', 'Brass bench'],
        ['/give/limits/0', 'at most 6 open each'],
        ['/then/1', 'tag it “vip”'],
        ['/if', ''],
        ['/give', ''],
        ['/give/limits', ''],
        ['/then/7', ''],
    ])('%s', (pointer, words) => {
        expect(pointedAt(rule, pointer, house)).toBe(words);
    });
});

describe('a press', () => {
    const press = (kind: 'take_out_part' | 'make_all', at: string): Rule => remedied(rule, { kind, at, label: '' });

    it('takes a part out', () => {
        expect(press('take_out_part', '/then/0').then).toEqual([{ kind: 'tag', tag: 'vip' }]);
        expect(press('take_out_part', '/give/limits/1').give?.limits).toEqual([
            { kind: 'open_tasks_at_most', tasks: 6 },
        ]);
        expect(rule.then).toHaveLength(2);
    });

    it('asks for all of a group', () => {
        expect(press('make_all', '/if/all/1').if).toEqual({
            all: [
                { field: 'task.rush', op: 'is', value: true },
                {
                    all: [
                        { field: 'task.kind', op: 'is', value: 'quote' },
                        { field: 'task.value', op: 'between', value: [1, 5] },
                    ],
                },
            ],
        });
        const any: Rule = { ...rule, if: { any: [{ field: 'task.rush', op: 'is_filled' }] } };
        expect(remedied(any, { kind: 'make_all', at: '/if', label: '' }).if).toEqual({
            all: [{ field: 'task.rush', op: 'is_filled' }],
        });
    });

    it('leaves alone what is not there any more', () => {
        expect(press('make_all', '/if/all/5')).toEqual(rule);
        expect(press('take_out_part', '/give/limits/0/tasks')).toEqual(rule);
    });
});
