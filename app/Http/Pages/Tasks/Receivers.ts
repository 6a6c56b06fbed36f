import type { PersonRef } from '../PersonRef';
import type { Presence } from '../People/Presence';

/** Somebody who could have a task. */
export type Receiver = PersonRef & {
    state: Presence;
    /** until when they are away; null: they are not */
    away: string | null;
    /** when they would be done with it; null: not within three months */
    finishAt: string | null;
    /** what stands against them, in words */
    against: string[];
    /** of the next five working days; null: no working time in them */
    loadPercent: number | null;
    openTasks: number;
};
