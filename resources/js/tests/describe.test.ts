import { describePart, describeCriteriaValue, operatorWords, sentence, slotsOf, wordsOf } from '@/lib/describe';
import { describeDuration, labelOf } from '@/lib/parameters';
import type { Family } from '@props/Rules/Vocabulary';
import { describe, expect, it } from 'vitest';
import { house, rule, text } from './house';
import sentences from './sentences.json';

describe('parts of rules', () => {
    it.each(sentences.map((one) => [one.say, one] as const))('says "%s" as the server does', (expected, one) => {
        expect(describePart(one.family as Family, one.part, house)).toBe(expected);
    });

    it('has a sentence among these for every kind there is', () => {
        const said = new Set(sentences.map((one) => `${one.family}.${one.part.kind}`));
        const kinds = Object.entries(house.kinds).flatMap(([family, list]) =>
            list.map((kind) => `${family}.${kind.kind}`),
        );
        expect(kinds.filter((kind) => !said.has(kind))).toEqual([]);
        expect(kinds.length).toBeGreaterThan(20);
    });

    it('shows a blank where something is still to be chosen', () => {
        expect(describePart('pool', undefined, house)).toBe('…');
        expect(describePart('pool', { kind: '' }, house)).toBe('…');
        expect(describePart('pool', { kind: 'team' }, house)).toBe('…');
        expect(describePart('pool', { kind: 'people', people: [] }, house)).toBe('…');
        expect(
            describePart(
                'pool',
                { kind: 'union', pools: [{ kind: '' }, { kind: 'people', people: ['ayumi'] }] },
                house,
            ),
        ).toBe('… or Ayumi Kato');
        expect(describePart('follow_up', { kind: 'due_in' }, house)).toBe('make it due in …');
    });

    it('keeps the code of a kind that it does not know', () => {
        expect(describePart('limit', { kind: 'name_has_at_most', letters: 3 }, house)).toBe('name_has_at_most');
    });

    it('says a variant where the kind has one and the sentence where it has none', () => {
        expect(wordsOf('pool', 'people', 'step')).toBe('pool.people.step');
        expect(wordsOf('pool', 'union', 'step')).toBe('pool.union.say');
        expect(describePart('pool', { kind: 'people', people: ['ayumi'] }, house, 'step')).toBe('named');
        expect(describePart('pool', { kind: 'people', people: ['ayumi', 'callum'] }, house, 'step')).toBe(
            'named people',
        );
    });

    it('fills slots with what is said, the code and the count', () => {
        const parameters = house.kinds.pool.find((kind) => kind.kind === 'team')?.parameters ?? [];
        expect(slotsOf(parameters, { kind: 'team', team: 'brass-bench', with_lead: false }, house, 'say')).toEqual({
            team: 'Brass bench',
            team_code: 'brass-bench',
            team_count: 0,
            with_sub_teams: 'without sub-teams',
            with_sub_teams_code: 'false',
            with_sub_teams_count: 0,
            with_lead: 'without its lead',
            with_lead_code: 'false',
            with_lead_count: 0,
        });
    });
});

describe('values of criteria', () => {
    it.each([
        [undefined, 'task.kind', '…'],
        ['', 'task.kind', '…'],
        [[], 'task.tags', '…'],
        ['quote', 'task.kind', 'Quote'],
        ['rest', 'task.kind', 'rest'],
        [['quote', 'bench-repair'], 'task.kind', 'Quote, Bench repair'],
        [12.5, 'task.value', 'ALQ 12.5'],
        [[1, 2], 'task.value', 'ALQ 1, ALQ 2'],
        ['PT1H30M', 'task.estimate', '1 h 30 min'],
        [true, 'task.rush', 'yes'],
        [false, 'task.rush', 'no'],
        ['tobias', 'task.repaired_by', 'Tobias Lindqvist'],
        ['x', 'task.gone', 'x'],
    ] as const)('says %j of %s as "%s"', (value, path, expected) => {
        expect(describeCriteriaValue(value as never, path, house)).toBe(expected);
    });

    it('says lengths and operators', () => {
        expect([describeDuration(0), describeDuration(59), describeDuration(60), describeDuration(135)]).toEqual([
            '0 min',
            '59 min',
            '1 h',
            '2 h 15 min',
        ]);
        expect(operatorWords('at_least', '5')).toBe('is at least 5');
        expect(operatorWords('is_empty', '')).toBe('is empty');
        expect(
            text(
                sentence(
                    rule({
                        if: { field: 'task.needed', op: 'within_next', value: 1 },
                        then: [{ kind: 'tag', tag: 'x' }],
                    }),
                    house,
                    String,
                ),
            ),
        ).toContain('if Needed on is within the next 1 day, tag');
        expect(
            text(
                sentence(
                    rule({
                        if: { field: 'task.needed', op: 'within_last', value: 7 },
                        then: [{ kind: 'tag', tag: 'x' }],
                    }),
                    house,
                    String,
                ),
            ),
        ).toContain('if Needed on was within the last 7 days, tag');
        expect(operatorWords('resembles', '5')).toBe('resembles 5');
        expect(labelOf(house.people, 'nobody')).toBe('nobody');
    });
});
