import type { TaskStatus } from '@props/Tasks/TaskLine';

/** Whether anything is still to be done of a task. */
export function isOpen(task: { status: TaskStatus }): boolean {
    return task.status !== 'done' && task.status !== 'dropped';
}

/** Whether a task should have been done by now; what is closed is late no more. */
export function isLate(task: { status: TaskStatus; dueAt: string | null }, now = Date.now()): boolean {
    return isOpen(task) && task.dueAt !== null && Date.parse(task.dueAt) < now;
}

/** Whether a task is put off: it is to be done, but not yet. */
export function isPostponed(task: { status: TaskStatus; startsAt: string | null }, now = Date.now()): boolean {
    return (
        (task.status === 'new' || task.status === 'working') &&
        task.startsAt !== null &&
        Date.parse(task.startsAt) > now
    );
}
