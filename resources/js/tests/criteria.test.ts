import { amountOf, spanOf } from '@/parts/rule/SpanControl';
import {
    BLANK,
    durationOf,
    fieldOf,
    groupOf,
    makeGroup,
    minutesOf,
    operatorsFor,
    topGroup,
    withField,
    withOperator,
} from '@/lib/criteria';
import type { FieldType, OperatorInfo } from '@props/Rules/Vocabulary';
import { describe, expect, it } from 'vitest';
import { house } from './house';

const field = (path: string) => fieldOf(house, path) ?? expect.fail(path);
const operator = (code: string): OperatorInfo => house.operators.find((one) => one.code === code) ?? expect.fail(code);

describe('groups', () => {
    const one = { field: 'task.kind', op: 'is', value: 'quote' };

    it('are all, any or none', () => {
        expect(groupOf({ all: [one] })).toEqual({ kind: 'all', parts: [one] });
        expect(groupOf({ any: [] })).toEqual({ kind: 'any', parts: [] });
        expect(groupOf({ none: [one] })).toEqual({ kind: 'none', parts: [one] });
        expect(groupOf(one)).toBeNull();
        for (const kind of ['all', 'any', 'none'] as const)
            expect(groupOf(makeGroup(kind, [one]))).toEqual({ kind, parts: [one] });
    });

    it('stand at the top, whatever the rule has there', () => {
        expect(topGroup(undefined)).toEqual({ kind: 'all', parts: [] });
        expect(topGroup(one)).toEqual({ kind: 'all', parts: [one] });
        expect(topGroup({ any: [one] })).toEqual({ kind: 'any', parts: [one] });
    });
});

describe('operators', () => {
    const fitting: [FieldType, string, string[]][] = [
        [
            'text',
            'task.title',
            [
                'is',
                'is_not',
                'one_of',
                'none_of',
                'contains',
                'starts_with',
                'ends_with',
                'was',
                'changed',
                'changed_from_to',
                'is_empty',
                'is_filled',
            ],
        ],
        [
            'money',
            'task.value',
            [
                'is',
                'is_not',
                'one_of',
                'none_of',
                'less_than',
                'at_most',
                'more_than',
                'at_least',
                'between',
                'was',
                'changed',
                'changed_from_to',
                'is_empty',
                'is_filled',
            ],
        ],
        [
            'date',
            'task.needed',
            [
                'is',
                'is_not',
                'before',
                'after',
                'between',
                'within_next',
                'within_last',
                'was',
                'changed',
                'changed_from_to',
                'is_empty',
                'is_filled',
            ],
        ],
        ['yes_no', 'task.rush', ['is', 'is_not', 'was', 'changed', 'is_empty', 'is_filled']],
        ['tags', 'task.tags', ['matches_any', 'matches_all', 'matches_none', 'changed', 'is_empty', 'is_filled']],
    ];

    it.each(fitting)('of a %s', (_, path, codes) => {
        expect(operatorsFor(house, field(path)).map((one) => one.code)).toEqual(codes);
    });

    it('stay where the new field has them, and no value is guessed', () => {
        expect(withField({ field: 'task.kind', op: 'is_not', value: 'quote' }, field('task.rush'), house)).toEqual({
            field: 'task.rush',
            op: 'is_not',
        });
        expect(withField({ field: 'task.title', op: 'contains', value: 'x' }, field('task.rush'), house)).toEqual({
            field: 'task.rush',
            op: 'is',
        });
        expect(withField(BLANK, field('task.tags'), house)).toEqual({ field: 'task.tags', op: 'matches_any' });
    });

    it('carry the value along as far as it fits', () => {
        const value = (before: { op: string; value?: unknown }, code: string) =>
            withOperator({ field: 'task.title', ...before } as never, operator(code), house).value;
        expect(value({ op: 'is', value: 'a' }, 'is_not')).toBe('a');
        expect(value({ op: 'is', value: 'a' }, 'one_of')).toEqual(['a']);
        expect(value({ op: 'is', value: 3 }, 'one_of')).toEqual([3]);
        expect(value({ op: 'one_of', value: ['a', 'b'] }, 'none_of')).toEqual(['a', 'b']);
        expect(value({ op: 'one_of', value: ['a', 'b'] }, 'is')).toBe('a');
        expect(value({ op: 'is', value: 'a' }, 'is_empty')).toBeUndefined();
        expect(value({ op: 'is', value: 'a' }, 'between')).toBeUndefined();
        expect(value({ op: 'is' }, 'one_of')).toBeUndefined();
        expect(withOperator({ field: 'task.title', op: 'is', value: 'a' }, operator('is_filled'), house)).toEqual({
            field: 'task.title',
            op: 'is_filled',
        });
    });
});

describe('lengths of time', () => {
    it.each([
        ['PT0M', 0],
        ['PT59M', 59],
        ['PT1H', 60],
        ['PT1H1M', 61],
        ['PT100H30M', 6030],
    ])('%s are %i minutes, and back', (text, minutes) => {
        expect(minutesOf(text)).toBe(minutes);
        expect(durationOf(minutes)).toBe(text);
    });

    it('are nothing where they are none', () => {
        expect([minutesOf(''), minutesOf('P1D'), minutesOf('PT1S')]).toEqual([0, 0, 0]);
        expect(minutesOf('PT90M')).toBe(90);
    });

    it.each([
        [3, 'days', 'P3D'],
        [0, 'days', 'P0D'],
        [4, 'hours', 'PT4H'],
        [90, 'minutes', 'PT1H30M'],
        [45, 'minutes', 'PT45M'],
    ])('%i %s are %s, and back', (amount, unit, span) => {
        expect(spanOf(amount, unit)).toBe(span);
        expect(amountOf(span)).toEqual({ amount, unit });
    });

    it('are shown in the greatest unit that they fill', () => {
        expect(amountOf('PT120M')).toEqual({ amount: 2, unit: 'hours' });
        expect(amountOf('PT61M')).toEqual({ amount: 61, unit: 'minutes' });
    });
});
