import { describe, expect, it, vi } from 'vitest';
import { Scopes, type Shortcut } from '@/lib/keys';

const key = (name: string, does: string): Shortcut => ({ key: name, does, run: vi.fn() });

describe('single keys', () => {
    it('are taken by the innermost that has them, alone, whoever came first', () => {
        const [newTask, newRule, begin] = [key('n', 'new task'), key('n', 'new rule'), key('b', 'begin')];
        const scopes = new Scopes();
        const leave = scopes.add({ place: 'page', where: 'Rulebook', shortcuts: [newRule] });
        scopes.add({ place: 'anywhere', where: 'Anywhere', shortcuts: [newTask, key('?', 'these keys')] });
        scopes.add({ place: 'part', where: 'The open task', shortcuts: [begin] });
        expect([scopes.of('n'), scopes.of('b'), scopes.of('x')]).toEqual([newRule, begin, undefined]);
        leave();
        expect(scopes.of('n')).toBe(newTask);
    });

    it('are listed from the outside to the inside, each as it acts', () => {
        const scopes = new Scopes();
        scopes.add({ place: 'part', where: 'The open task', shortcuts: [] });
        scopes.add({
            place: 'page',
            where: 'Rulebook',
            shortcuts: [key('n', 'new rule'), { key: 'Space', does: 'take the rule up' }],
        });
        scopes.add({ place: 'anywhere', where: 'Anywhere', shortcuts: [key('?', 'these keys'), key('n', 'new task')] });
        expect(scopes.list().map((one) => `${one.where}: ${one.key} ${one.does}`)).toEqual([
            'Anywhere: ? these keys',
            'Rulebook: n new rule',
            'Rulebook: Space take the rule up',
        ]);
    });
});
