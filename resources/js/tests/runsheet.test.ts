import type { SheetBlock } from '@props/Runsheets/RunsheetEditorPage';
import { describe, expect, it } from 'vitest';
import { dropped, indented, keyAt, moved, outdented, turned, withAfter, within, without } from '@/lib/runsheet';
import { blankSheet, blocksIn, outlined, sheetToSend } from '@/lib/sheetDocument';
import { renamed } from '@/lib/sheetKeys';

const step = (key: string): SheetBlock => ({ key, name: key, does: { kind: 'task', task_kind: 'repair', title: key } });
const turn = (key: string, ...blocks: SheetBlock[]): SheetBlock => ({ key, one_after_another: blocks });
const lanes = (key: string, ...blocks: SheetBlock[]): SheetBlock => ({ key, side_by_side: blocks });

/** In short: (a b) one after another, [a b] side by side. */
function short(block: SheetBlock): string {
    const held = within(block)?.map(short).join(' ');
    if (held === undefined) return block.key;
    return block.side_by_side === undefined ? `(${held})` : `[${held}]`;
}

const abc = turn('all', step('a'), step('b'), step('c'));

describe('an outline', () => {
    it('puts what is indented beside the one before, and more of them beside these', () => {
        const one = indented(abc, 'b');
        expect(short(one)).toBe('([a b] c)');
        expect(short(indented(one, 'c'))).toBe('([a b c])');
        expect(short(indented(abc, 'a'))).toBe('(a b c)');
    });

    it('puts what is indented among lanes after the one before', () => {
        expect(short(indented(turn('all', lanes('l', step('a'), step('b'), step('c'))), 'b'))).toBe('([(a b) c])');
    });

    it('takes out what is outdented, and a group of one with it', () => {
        expect(short(outdented(indented(abc, 'b'), 'b'))).toBe('(a b c)');
        expect(short(outdented(abc, 'b'))).toBe('(a b c)');
        const under = { ...lanes('l', step('a'), step('b')), if: { field: 'task.tags', op: 'any_of', value: ['x'] } };
        // A group with a condition stays: it says something.
        expect(short(outdented(turn('all', under, step('c')), 'b'))).toBe('([a] b c)');
    });

    it('moves up and down, and at the edge of a group out of it', () => {
        expect(short(moved(abc, 'a', 1))).toBe('(b a c)');
        expect(short(moved(abc, 'a', -1))).toBe('(a b c)');
        const grouped = turn('all', step('a'), lanes('l', step('b'), step('c'), step('d')));
        expect(short(moved(grouped, 'b', -1))).toBe('(a b [c d])');
        expect(short(moved(grouped, 'd', 1))).toBe('(a [b c] d)');
    });

    it('drops a block where another stands, and never into itself', () => {
        expect(short(dropped(abc, 'a', 'c'))).toBe('(b c a)');
        expect(short(dropped(abc, 'c', 'a'))).toBe('(c a b)');
        const grouped = turn('all', step('a'), lanes('l', step('b'), step('c')));
        expect(short(dropped(grouped, 'l', 'b'))).toBe('(a [b c])');
        expect(short(dropped(grouped, 'a', 'c'))).toBe('([b c a])');
    });

    it('takes steps out, and what is left empty or alone with them', () => {
        const grouped = turn('all', step('a'), lanes('l', step('b'), step('c')));
        expect(short(without(grouped, 'b'))).toBe('(a c)');
        expect(short(without(without(grouped, 'b'), 'c'))).toBe('(a)');
    });

    it('keeps no more than there are as enough', () => {
        const two = { ...lanes('l', step('a'), step('b'), step('c')), first: 3 };
        expect(without(turn('all', two), 'c').one_after_another?.[0]?.first).toBe(2);
        expect(turned(turn('all', two), 'l', false).one_after_another?.[0]?.first).toBeUndefined();
    });

    it('knows the block at a pointer', () => {
        const sheet = { ...blankSheet(), does: turn('all', step('a'), lanes('l', step('b'))) };
        expect(keyAt(sheet, '/does/one_after_another/1/side_by_side/0/does/title')).toBe('b');
        expect(keyAt(sheet, '/does/one_after_another/1')).toBe('l');
        expect(keyAt(sheet, '/name')).toBeNull();
    });
});

describe('what is new', () => {
    it('has keys after its names when it is sent, wherever they are named', () => {
        const more = withAfter(abc, 'a', blocksIn(abc, '1. Second look\n- Second look\n\n* 3rd look'));
        const first = more.one_after_another?.[1]?.key ?? '';
        const named = withAfter(more, 'c', [
            {
                key: 'ask',
                name: first,
                if: { field: `answer.${first}`, op: 'is', value: 'yes' },
                does: { kind: 'approval', back_to: first },
            },
        ]);
        const sent = sheetToSend({ ...blankSheet(), name: 'Looks', does: named });
        expect(sent.id).toBe('looks');
        expect(sent.does.one_after_another?.map((one) => one.key)).toEqual([
            'a',
            'second_look',
            'second_look_2',
            'step_3rd_look',
            'b',
            'c',
            'ask',
        ]);
        const ask = sent.does.one_after_another?.[6];
        expect(ask).toMatchObject({
            name: first,
            if: { field: 'answer.second_look' },
            does: { back_to: 'second_look' },
        });
    });

    it('takes the kind of task of the step before it', () => {
        expect(blocksIn(abc, 'Call\nWrite').map((one) => one.does)).toEqual([
            { kind: 'task', task_kind: 'repair', title: 'Call' },
            { kind: 'task', task_kind: 'repair', title: 'Write' },
        ]);
    });

    it('is what was copied, with keys of its own by which its parts name each other', () => {
        const copied = lanes('l', step('a'), { ...step('b'), does: { kind: 'approval', back_to: 'a' } });
        const [pasted] = blocksIn(abc, JSON.stringify(copied));
        const [first, second] = pasted?.side_by_side ?? [];
        expect(first?.key).not.toBe('a');
        expect(second?.does?.back_to).toBe(first?.key);
        expect(first?.name).toBe('a');
    });

    it('is a line of a list where it is no block', () => {
        expect(blocksIn(abc, '{"key": "x"}').map((one) => one.name)).toEqual(['{"key": "x"}']);
    });

    it('stands in a block that holds all, also where there was a single step', () => {
        expect(short(outlined({ ...blankSheet(), does: step('all') }).does)).toBe('(all)');
        expect(renamed('a', { a: 'b' })).toBe('b');
    });
});
