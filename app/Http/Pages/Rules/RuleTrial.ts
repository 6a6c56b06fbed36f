import type { PersonRef } from '../PersonRef';
import type { About } from './Vocabulary';

/** A rule held against the latest of the recent work. */
export type RuleTrial = {
    /** what the recent work that it was held against is about */
    of: About;
    /** at how many was looked, and at how many at most */
    looked: number;
    most: number;
    /** for how many all of it holds; null: something is still to be chosen */
    held: number | null;
    /** for how many a comparison holds by itself, by pointer into the rule */
    counts: Record<string, number>;
    /** the latest that it holds for; before: the rule above it that takes them */
    tasks: {
        id: string;
        number: number;
        title: string;
        before: string | null;
        pick: PersonRef | null;
        /** how many get it together with them */
        others: number;
        summary: string;
    }[];
};
