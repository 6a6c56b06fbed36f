import type { PersonRef } from '../PersonRef';
import type { TaskLine } from '../Tasks/TaskLine';

export type CoverPlanLine = {
    task: TaskLine;
    /** it waits for their review */
    review: boolean;
    passes: boolean;
    /** it is to pass, and there is nobody */
    gap: boolean;
    byHand: boolean;
    /** why it passes, or stays */
    reason: string;
    to: PersonRef | null;
    /** what stands against whoever gets it, a sentence each */
    warnings: string[];
};

/** A case that they own. */
export type CoverCase = {
    id: string;
    number: number;
    title: string;
    stage: string;
    /** who answers for it; null: it stays with them */
    to: PersonRef | null;
};

export type CoverLoadDay = {
    date: string;
    working: boolean;
    /** minutes, as are the others */
    capacity: number;
    planned: number;
    /** planned without what passes */
    before: number;
    late: number;
    /** more is late by its end than without what passes */
    over: boolean;
};

export type CoverLoad = {
    person: PersonRef;
    /** how many tasks pass to them */
    tasks: number;
    /** load in percent; null: no working time */
    before: number | null;
    after: number | null;
    days: CoverLoadDay[];
};

export type CoverPlan = { lines: CoverPlanLine[]; loads: CoverLoad[]; gaps: number };

/** Where a rule, a rotation, a place or customers name the person, and who answers there instead. */
export type CoverMention = {
    said: string;
    /** a page where it stands */
    url: string | null;
    /** nobody, or others of a pool, where it is empty; with the work that each is for where there are several */
    instead: (PersonRef & { work: string | null })[];
    /** somebody is needed there, and nobody answers */
    gap: boolean;
};
