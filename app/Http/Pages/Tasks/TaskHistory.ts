import type { EffectsOfRule } from './TaskView';

/** Something that happened to a task, with what rules made of it and what followed from that. */
export type HistoryEntry = {
    id: string;
    at: string;
    /** a code, such as "started" */
    what: string;
    said: string;
    reason: string | null;
    /** what differs, a sentence each */
    changes: string[];
    /** another task whose rules brought it about */
    because: string | null;
    comment: string | null;
    decision: {
        id: string;
        rule: string | null;
        summary: string;
        effects: EffectsOfRule[];
        late: string | null;
    } | null;
    follows: HistoryEntry[];
};

/** A page of it, and the moment before which there is more. */
export type HistoryPage = { entries: HistoryEntry[]; earlier: string | null };

/** What will happen by itself. */
export type NextMoment = { at: string; what: string; rule: { id: string; name: string } | null; unless: string };
