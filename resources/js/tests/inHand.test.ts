import { describe, expect, it } from 'vitest';
import type { TaskLine } from '@props/Tasks/TaskLine';
import type { TaskActionCode, TaskView } from '@props/Tasks/TaskView';
import { groupsOf, inOrder, whyFirst } from '@/lib/inHand';
import { atHand, deedsOf } from '@/parts/task/deeds';

const NOW = Date.parse('2026-03-02T10:00:00Z');

const line = (id: string, of: Partial<TaskLine> = {}): TaskLine =>
    ({ id, status: 'new', priority: 'normal', dueAt: null, startsAt: null, ...of }) as TaskLine;

describe('what is in hand', () => {
    it('stands by what can be done about it now', () => {
        const groups = groupsOf(
            [
                line('begun', { status: 'working' }),
                line('begun, put off', { status: 'working', startsAt: '2026-03-05T09:00:00Z' }),
                line('next'),
                line('put off', { startsAt: '2026-03-04T09:00:00Z' }),
                line('back', { startsAt: '2026-03-02T10:00:00Z' }),
                line('waits', { status: 'waiting', startsAt: '2026-03-05T09:00:00Z' }),
            ],
            { reviews: [line('review')], open: [line('open')], done: [line('done')] },
            NOW,
        );
        expect(inOrder(groups).map((one) => one.id)).toEqual([
            'begun',
            'review',
            'next',
            'back',
            'open',
            'waits',
            'put off',
            'begun, put off',
            'done',
        ]);
    });

    it('says why the first comes first', () => {
        const due = (day: number): string => `2026-03-0${day}T12:00:00Z`;
        expect(whyFirst([line('a')], NOW)).toBeNull();
        expect(whyFirst([line('a', { dueAt: due(1) }), line('b')], NOW)).toBe('late');
        expect(whyFirst([line('a', { dueAt: due(3) }), line('b', { dueAt: due(4) })], NOW)).toBe('due');
        expect(whyFirst([line('a', { priority: 'high' }), line('b')], NOW)).toBe('urgent');
        expect(whyFirst([line('a'), line('b')], NOW)).toBe('age');
    });
});

describe('what can be done with a task', () => {
    const task = (may: TaskActionCode[], of: Partial<TaskView> = {}): TaskView =>
        ({
            status: 'new',
            assignee: { slug: 'ayumi', name: 'Ayumi' },
            watching: false,
            countedSince: null,
            may: Object.fromEntries(may.map((one) => [one, true])),
            ...of,
        }) as unknown as TaskView;
    const doing = { send: () => {}, ask: () => {}, edit: () => {}, askApproval: () => {} };
    const shown = (of: TaskView): string[][] => atHand(deedsOf(of, doing)).map((some) => some.map((one) => one.code));

    it('has the two that are likeliest at hand, and what ends it last', () => {
        expect(shown(task(['drop', 'wait', 'start', 'complete', 'hand_on']))).toEqual([
            ['start', 'complete'],
            ['wait', 'hand_on', 'time', 'watch', 'drop'],
        ]);
        expect(shown(task(['hand_on', 'wait', 'drop'], { assignee: null }))).toEqual([
            ['hand_on', 'wait'],
            ['watch', 'drop'],
        ]);
        expect(shown(task([]))).toEqual([[], ['watch']]);
    });
});
