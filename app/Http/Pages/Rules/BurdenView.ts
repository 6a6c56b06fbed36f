import type { PersonRef } from '../PersonRef';

/** Whom a draft would burden and relieve, by the recent work: an estimate. */
export type BurdenView = {
    /** tasks more, or less where it is below zero; the most burdened first */
    people: (PersonRef & { tasks: number })[];
    /** tasks of which it depends on the task who gets them */
    varies: number;
};
