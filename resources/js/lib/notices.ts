import type { NoticeLine } from '@props/Tasks/NoticeLine';
import { say } from './words';

/** By what the task or case goes that it is about; null: it is about neither. */
export function numberOf({ caseId, number }: NoticeLine): string | null {
    if (number === null) return null;
    return caseId === null ? `№ ${number}` : say('case.number', { number: String(number) });
}

/** Milliseconds between two notices of one go at the most. */
const PAUSE = 60_000;

/**
 * Notices that say the same and came in one go (a sweep, an absence, a rule that took much at once), each group with
 * its latest first, and the groups by their latest.
 */
export function inOneGo(notices: NoticeLine[]): NoticeLine[][] {
    const groups: NoticeLine[][] = [];
    const latest = new Map<string, NoticeLine[]>();
    for (const notice of notices) {
        // What is not of a task has a place of its own.
        const group = notice.taskId === null ? undefined : latest.get(notice.said);
        const before = group?.at(-1);
        if (group !== undefined && before !== undefined && Date.parse(before.at) - Date.parse(notice.at) <= PAUSE) {
            group.push(notice);
        } else {
            const begun = [notice];
            latest.set(notice.said, begun);
            groups.push(begun);
        }
    }
    return groups;
}
