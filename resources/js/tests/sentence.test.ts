import { proposedName, sentence } from '@/lib/describe';
import type { Rule } from '@props/Rules/RulebookPage';
import { describe, expect, it } from 'vitest';
import { house, rule, text } from './house';

const say = (one: Rule): string => text(sentence(one, house, (iso) => `<${iso}>`));

describe('the sentence of a rule', () => {
    const give = {
        pool: { kind: 'team', team: 'brass-bench' },
        method: { kind: 'round_robin', rotation: 'Brass bench' },
    };

    it('says all that a rule has', () => {
        const whole = rule({
            if: {
                all: [
                    { field: 'task.kind', op: 'is', value: 'bench-repair' },
                    {
                        any: [
                            { field: 'task.rush', op: 'is', value: true },
                            { field: 'task.value', op: 'more_than', value: 400 },
                        ],
                    },
                    { none: [{ field: 'task.tags', op: 'matches_any', value: ['vip'] }] },
                ],
            },
            give: {
                ...give,
                limits: [
                    { kind: 'open_tasks_at_most', tasks: 6 },
                    { kind: 'skill_at_least', skill: 'brass', level: 2 },
                ],
                otherwise: { kind: 'unplaced' },
            },
            then: [
                { kind: 'due_in', after: 'P3D' },
                { kind: 'tag', tag: 'brass' },
            ],
            valid_from: '2026-03-02T09:00:00Z',
            valid_until: '2026-04-01T00:00:00Z',
        });
        expect(say(whole)).toBe(
            'When a task arrives, if Kind of task is Bench repair and (Rush is yes or Value is more than ALQ 400) ' +
                'and none of this holds: Tags has any of vip, ' +
                'give it to Brass bench, by round-robin “Brass bench”, at most 6 open each, ' +
                'with Brass at 2 or above; ' +
                'otherwise wait as unplaced; then make it due in 3 working days, tag it “brass”, ' +
                'from <2026-03-02T09:00:00Z>, until <2026-04-01T00:00:00Z>.',
        );
    });

    it.each([
        [
            'whatever it is',
            rule({ give }),
            'When a task arrives, whatever it is, give it to Brass bench, by round-robin “Brass bench”.',
        ],
        [
            'only follow-ups',
            rule({ then: [{ kind: 'tag', tag: 'seen' }] }),
            'When a task arrives, whatever it is, tag it “seen”.',
        ],
        [
            'one comparison alone',
            rule({ if: { field: 'task.title', op: 'is_empty' }, give }),
            'When a task arrives, if Title is empty, give it to Brass bench, by round-robin “Brass bench”.',
        ],
        [
            'the next rule goes without saying',
            rule({ give: { ...give, otherwise: { kind: 'next_rule' } } }),
            'When a task arrives, whatever it is, give it to Brass bench, by round-robin “Brass bench”.',
        ],
        [
            'any at the top',
            rule({
                if: {
                    any: [
                        { field: 'task.rush', op: 'is', value: true },
                        { field: 'task.rush', op: 'is_empty' },
                    ],
                },
                give,
            }),
            'When a task arrives, if Rush is yes or Rush is empty, ' +
                'give it to Brass bench, by round-robin “Brass bench”.',
        ],
        [
            'blanks',
            rule({ if: { all: [{ field: '', op: '' }] }, give: { pool: { kind: '' } } }),
            'When a task arrives, if …  …, give it to …, ….',
        ],
    ] as const)('says of %s', (_, one, expected) => {
        expect(say(one as Rule)).toBe(expected);
    });

    it('says in bold what can be changed', () => {
        const bold = sentence(
            rule({ if: { field: 'task.kind', op: 'is', value: 'quote' }, give }),
            house,
            (iso) => iso,
        ).filter((piece) => piece.bold === true);
        expect(bold.map((piece) => piece.text)).toEqual(['Quote', 'Brass bench', 'by round-robin “Brass bench”']);
    });

    it('proposes a name from what it does', () => {
        expect(proposedName(rule({ give }), house)).toBe('Any task → Brass bench, by round-robin “Brass bench”');
        expect(
            proposedName(
                rule({
                    if: {
                        all: [
                            { field: 'task.kind', op: 'is', value: 'quote' },
                            { field: 'task.rush', op: 'is', value: true },
                            { field: '', op: '' },
                        ],
                    },
                    give: { pool: { kind: 'people', people: ['ayumi'] }, method: { kind: 'open' } },
                }),
                house,
            ),
        ).toBe('Quote, Rush yes → Ayumi Kato, open for anyone of them to claim');
        expect(proposedName(rule({ then: [{ kind: 'tag', tag: 'x'.repeat(300) }] }), house)).toHaveLength(200);
    });
});
