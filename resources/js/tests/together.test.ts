import { describe, expect, it } from 'vitest';
import type { Rule } from '@props/Rules/RulebookPage';
import { Stub, type Entry } from '@/lib/rules';
import { together } from '@/lib/together';

const stub = (id: string, hash = 'x'): Stub => new Stub(id, hash);
const written = (id: string): Rule => ({ id, name: `Rule ${id}`, when: [] });
const base = [stub('a'), stub('b'), stub('c')];
const hashOf = (entry: Entry): string | null => (entry instanceof Stub ? entry.hash : null);

/** Ids, those that are ours with a star, those that are theirs and new with their hash. */
function told(entries: Entry[] | null): string[] | null {
    return (
        entries?.map((one) => (one instanceof Stub ? `${one.id}${one.hash === 'x' ? '' : one.hash}` : `${one.id}*`)) ??
        null
    );
}

const both = (ours: Entry[], theirs: Stub[], before: Entry[] = base) =>
    told(together({ base: before, ours, theirs, hashOf }));

describe('two who edit at once', () => {
    it('keep what each has changed', () => {
        expect(both([written('a'), stub('b'), stub('c')], [stub('a'), stub('b'), stub('c', '2')])).toEqual([
            'a*',
            'b',
            'c2',
        ]);
    });

    it('keep what each has added, where it stands, and take out what either took out', () => {
        expect(both([stub('a'), written('n'), stub('b'), stub('c')], [stub('a'), stub('b'), stub('m', '1')])).toEqual([
            'a',
            'n*',
            'b',
            'm1',
        ]);
        expect(both([written('n'), stub('b'), stub('c')], base)).toEqual(['n*', 'b', 'c']);
        expect(both([stub('b')], [stub('a'), stub('b')])).toEqual(['b']);
    });

    it('keep the order of whoever has changed it', () => {
        expect(both([stub('c'), stub('a'), stub('b')], [stub('a'), stub('b', '2'), stub('c'), stub('m', '1')])).toEqual(
            ['c', 'm1', 'a', 'b2'],
        );
        expect(both([stub('a'), stub('b'), written('c')], [stub('b'), stub('a'), stub('c')])).toEqual(['b', 'a', 'c*']);
    });

    it('are asked where both have changed the same', () => {
        const theirs = [stub('a', '2'), stub('b'), stub('c')];
        expect(both([written('a'), stub('b'), stub('c')], theirs)).toBeNull();
        expect(both([stub('b'), stub('c')], theirs)).toBeNull();
        expect(both([written('a'), stub('b'), stub('c')], [stub('b'), stub('c')])).toBeNull();
        expect(both([stub('c'), stub('a'), stub('b')], [stub('b'), stub('a'), stub('c')])).toBeNull();
        expect(both([stub('b'), stub('c')], [stub('b'), stub('c')])).toEqual(['b', 'c']);
    });

    it('know what one has saved before by the hash that the server gave it', () => {
        const saved = written('a');
        const known = (entry: Entry): string | null => (entry === saved ? '5' : hashOf(entry));
        const before = [saved, stub('b'), stub('c')];
        const again = { ...saved, name: 'Another' };
        const with_ = (ours: Entry[], theirs: Stub[]) => told(together({ base: before, ours, theirs, hashOf: known }));
        expect(with_([again, stub('b'), stub('c')], [stub('a', '5'), stub('b', '2'), stub('c')])).toEqual([
            'a*',
            'b2',
            'c',
        ]);
        expect(with_([again, stub('b'), stub('c')], [stub('a', '6'), stub('b'), stub('c')])).toBeNull();
        expect(with_([saved, written('b'), stub('c')], [stub('a', '6'), stub('b'), stub('c')])).toEqual([
            'a6',
            'b*',
            'c',
        ]);
    });
});
