import { describe, expect, it } from 'vitest';
import { rulesIn } from '@/lib/usePaste';

const rule = { id: 'r', name: 'R', when: [{ kind: 'task_arrives' }] };

describe('rules that a text holds', () => {
    it.each([
        ['one', rule, ['R']],
        ['a list', [rule, { ...rule, name: 'S' }], ['R', 'S']],
        ['a rulebook', { openbaton: 'rulebook/2', fields: [], rules: [rule] }, ['R']],
        ['something else', { name: 'R' }, []],
        ['a list with something else', [rule, 3], []],
        ['nothing', null, []],
    ])('%s', (_, document, names) => {
        expect(rulesIn(JSON.stringify(document)).map((one) => one.name)).toEqual(names);
    });

    it('of a text that is no document there are none', () => {
        expect(rulesIn('Brass repairs')).toEqual([]);
        expect(rulesIn('')).toEqual([]);
    });
});
