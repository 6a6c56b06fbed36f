import type { TaskStatus } from '@props/Tasks/TaskLine';
import { expect, it } from 'vitest';
import { isLate } from '@/lib/task';

it('is late what is open and should have been done', () => {
    const now = Date.parse('2026-03-02T10:00:00Z');
    const late = (status: TaskStatus, dueAt: string | null): boolean => isLate({ status, dueAt }, now);
    for (const status of ['new', 'working', 'waiting', 'in_review'] as const) {
        expect([
            late(status, '2026-03-02T09:59:59Z'),
            late(status, '2026-03-02T10:00:00Z'),
            late(status, null),
        ]).toEqual([true, false, false]);
    }
    expect([late('done', '2026-03-01T10:00:00Z'), late('dropped', '2026-03-01T10:00:00Z')]).toEqual([false, false]);
});
