import type { NoticeLine } from '@props/Tasks/NoticeLine';
import { expect, it } from 'vitest';
import { inOneGo } from '@/lib/notices';

const notice = (id: string, said: string, time: string): NoticeLine => ({
    id,
    at: `2026-03-02T${time}Z`,
    said,
    taskId: `task-${id}`,
    caseId: null,
    number: 1,
    title: 'Horn',
    read: false,
});
const ids = (notices: NoticeLine[]): string[] => inOneGo(notices).map((group) => group.map((one) => one.id).join(''));

it('has what came in one go and says the same as one, whatever came between', () => {
    expect(
        ids([
            notice('g', 'given to you', '10:02:00'),
            notice('f', 'now with Femi', '10:01:50'),
            notice('e', 'given to you', '10:01:00'),
            notice('d', 'given to you', '10:00:00'),
            notice('c', 'now with Femi', '10:00:49'),
        ]),
    ).toEqual(['ged', 'f', 'c']);
});

it('keeps apart what came more than a minute before', () => {
    expect(
        ids([
            notice('c', 'given to you', '10:02:01'),
            notice('b', 'given to you', '10:01:00'),
            notice('a', 'given to you', '10:00:00'),
        ]),
    ).toEqual(['c', 'ba']);
    expect(ids([])).toEqual([]);
});
