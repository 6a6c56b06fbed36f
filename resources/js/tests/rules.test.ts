import type { KnownRule, Rule } from '@props/Rules/RulebookPage';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { besideTheirs, KnownRules, Stub, stubs, toSave, type Entry } from '@/lib/rules';

const rule = (id: string, name: string): Rule => ({ id, name, when: [{ kind: 'task_arrives' }] });
const known = (id: string, hash: string, name: string): KnownRule => ({ id, hash, rule: rule(id, name) });

describe('what is sent to save a draft', () => {
    const [rush, quotes, rest] = stubs([
        ['rush', 'h1'],
        ['quotes', 'h2'],
        ['rest', 'h3'],
    ]) as [Stub, Stub, Stub];
    const rules = new KnownRules(() => Promise.resolve([]));
    rules.add([known('quotes', 'h2', 'Quotes')]);

    it('has whole rules only where they are others than on the server', () => {
        const written = rule('rush', 'Urgent');
        const added = rule('new', 'New');
        expect(toSave([rest, written, added, quotes], [rush, quotes, rest], rules.find)).toEqual([
            'rest',
            written,
            added,
            'quotes',
        ]);
        // Saved like that, they stay as they are when something else is changed.
        expect(toSave([written, quotes], [rest, written, added, quotes], rules.find)).toEqual(['rush', 'quotes']);
    });

    it('brings back by an undo what was changed or deleted and saved meanwhile', () => {
        expect(toSave([quotes], [rule('quotes', 'Other')], rules.find)).toEqual([rule('quotes', 'Quotes')]);
        expect(toSave([rush, quotes], [rush], rules.find)).toEqual(['rush', rule('quotes', 'Quotes')]);
    });

    it('takes a rule for the same by its text, whichever page it came with', () => {
        expect(toSave(stubs([['quotes', 'h2']]), [quotes], rules.find)).toEqual(['quotes']);
        expect(toSave([quotes], stubs([['quotes', 'h9']]), rules.find)).toEqual([rule('quotes', 'Quotes')]);
    });

    it('keeps of ours what was seen, and has of all else what others have saved', () => {
        const mine = rule('rush', 'Urgent');
        const theirs = stubs([
            ['rush', 'h7'],
            ['quotes', 'h8'],
            ['more', 'h9'],
        ]);
        const ours: Entry[] = [mine, quotes, rest, new Stub('more', 'h4')];
        expect(besideTheirs(ours, theirs, rules.find)).toEqual([
            mine,
            rule('quotes', 'Quotes'),
            new Stub('more', 'h9'),
        ]);
    });
});

describe('rules that come into view', () => {
    beforeEach(() => void vi.useFakeTimers());
    afterEach(() => void vi.useRealTimers());

    it('are fetched once, many at a time, the latest first', async () => {
        const asked: string[][] = [];
        const rules = new KnownRules((ids) => {
            asked.push(ids);
            return Promise.resolve(ids.map((id) => known(id, 'h', `Rule ${id}`)));
        });
        const heard = vi.fn();
        rules.subscribe(heard);
        const all = Array.from({ length: 60 }, (_, at) => new Stub(`r${at}`, 'h'));
        rules.want(all);
        rules.want(all);
        expect(rules.find(all[0] as Stub)).toBeNull();
        await vi.runAllTimersAsync();
        expect(asked.map((ids) => [ids.length, ids[0]])).toEqual([
            [50, 'r10'],
            [10, 'r0'],
        ]);
        expect(rules.find(all[59] as Stub)).toEqual(rule('r59', 'Rule r59'));
        expect(heard).toHaveBeenCalledTimes(2);
        rules.want(all);
        await vi.runAllTimersAsync();
        expect(asked).toHaveLength(2);
    });

    it('are asked for again where the server could not be reached', async () => {
        let tries = 0;
        const rules = new KnownRules((ids) =>
            ++tries === 1
                ? Promise.reject(new TypeError('out of reach'))
                : Promise.resolve(ids.map((id) => known(id, 'h', 'Rush'))),
        );
        const rush = new Stub('rush', 'h');
        rules.want([rush]);
        await vi.advanceTimersByTimeAsync(100);
        expect([tries, rules.find(rush)]).toEqual([1, null]);
        await vi.advanceTimersByTimeAsync(4000);
        expect([tries, rules.find(rush)]).toEqual([2, rule('rush', 'Rush')]);
    });

    it('are not taken for what they were before somebody changed them, until they are as they were', async () => {
        let hash = 'new';
        const rules = new KnownRules((ids) =>
            Promise.resolve(ids.map((id) => known(id, hash, hash === 'new' ? 'Changed' : 'As it was'))),
        );
        const seen = new Stub('rush', 'old');
        rules.want([seen]);
        await vi.runAllTimersAsync();
        expect([rules.find(seen), rules.find(new Stub('rush', 'new'))]).toEqual([null, rule('rush', 'Changed')]);
        hash = 'old';
        rules.want([seen]);
        await vi.runAllTimersAsync();
        expect(rules.find(seen)).toEqual(rule('rush', 'As it was'));
    });

    it('are drawn as far as it goes where a program has written them', () => {
        const rules = new KnownRules(() => Promise.resolve([]));
        rules.add([
            { id: 'rule-3', hash: 'h', rule: { name: 5, when: 'x', then: null } },
            { id: 'b', hash: 'h', rule: null },
        ]);
        expect(rules.find(new Stub('rule-3', 'h'))).toEqual({ id: 'rule-3', name: '', when: [], then: null });
        expect(rules.find(new Stub('b', 'h'))).toEqual({ id: 'b', name: '', when: [] });
    });
});
