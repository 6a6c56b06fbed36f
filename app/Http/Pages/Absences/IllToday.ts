import type { PersonRef } from '../PersonRef';

export type IllToday = {
    /** whether they would have worked in it */
    works: boolean;
    minutes: number;
    /** when they would work next, where they would not */
    next: string | null;
    passes: { person: PersonRef; tasks: number }[];
    /** tasks for which nobody answers */
    gaps: number;
};
