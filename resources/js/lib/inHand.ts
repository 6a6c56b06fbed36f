import type { TaskLine } from '@props/Tasks/TaskLine';
import { isLate, isPostponed } from './task';

/** What is in somebody's hands, by what they can do about it now. */
export type InHandGroups = Record<'working' | 'reviews' | 'next' | 'open' | 'elsewhere' | 'later' | 'done', TaskLine[]>;

/**
 * @param tasks    that they hold, in the order of the plan
 * @param now      milliseconds
 */
export function groupsOf(
    tasks: TaskLine[],
    others: Pick<InHandGroups, 'reviews' | 'open' | 'done'>,
    now: number,
): InHandGroups {
    const later = tasks.filter((one) => isPostponed(one, now));
    const present = tasks.filter((one) => !isPostponed(one, now));
    return {
        working: present.filter((one) => one.status === 'working'),
        reviews: others.reviews,
        next: present.filter((one) => one.status === 'new'),
        open: others.open,
        elsewhere: present.filter((one) => one.status === 'waiting' || one.status === 'in_review'),
        later: later.sort((one, other) => String(one.startsAt).localeCompare(String(other.startsAt))),
        done: others.done,
    };
}

/** In the order in which one goes from one to the next. */
export function inOrder(groups: InHandGroups): TaskLine[] {
    return [
        ...groups.working,
        ...groups.reviews,
        ...groups.next,
        ...groups.open,
        ...groups.elsewhere,
        ...groups.later,
        ...groups.done,
    ];
}

/** Why the first of the tasks that are next comes first; null: there is none beside it. */
export function whyFirst(next: TaskLine[], now: number): 'late' | 'due' | 'urgent' | 'age' | null {
    const [first, second] = next;
    if (first === undefined || second === undefined) return null;
    if (isLate(first, now)) return 'late';
    if (first.dueAt !== second.dueAt) return 'due';
    return first.priority === second.priority ? 'age' : 'urgent';
}
