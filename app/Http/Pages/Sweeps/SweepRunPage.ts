import type { PersonRef } from '../PersonRef';
import type { SweepLine, SweepState } from './SweepLine';

/** What comes of a task. */
export type ComesTo = 'changes' | 'same' | 'nobody';

export type SweptState = 'foreseen' | 'left_out' | 'carried' | 'passed' | 'failed' | 'undone' | 'partly';

export type SweptRow = {
    place: number;
    /** of the task */
    id: string;
    number: number;
    title: string;
    state: SweptState;
    /** it goes to somebody else, or to nobody */
    moves: boolean;
    from: PersonRef | null;
    to: PersonRef | null;
    /** what changes besides, in words */
    besides: string[];
    /** names of the rules that answer */
    answered: string[];
    /** tasks that are made, and other tasks that change */
    made: number;
    others: number;
    /** it came to something else than was foreseen */
    otherwise: boolean;
};

export type SweepProgress = {
    state: SweepState;
    /** the background works at it */
    underWay: boolean;
    done: number;
    total: number;
    mayGoOn: boolean;
    mayUndo: boolean;
};

export type SweepLoad = PersonRef & {
    /** in percent; null: no working time */
    before: number | null;
    after: number | null;
    tasksBefore: number;
    tasksAfter: number;
};

export type SweepRunPageProps = {
    run: SweepLine & {
        /** the sweep in words; null: a rule is applied */
        said: string | null;
        over: string;
        /** id of the sweep; null: it is none, or was taken away */
        sweep: string | null;
        /** over which tasks */
        chosen: { ids: string[] } | { filter: Record<string, string> };
        canLookAnew: boolean;
        why: 'too_many' | 'gone' | 'other_rules' | 'failed' | null;
        looked: number;
        /** so many tasks are changed at most */
        most: number;
        /** other rules are in force than when it was looked at */
        isStale: boolean;
    };
    progress: SweepProgress;
    counts: {
        comesTo: Record<ComesTo, number>;
        /** of those that change */
        byState: Record<SweptState, number>;
        otherwise: number;
        /** those that were looked at, and that it is not for */
        left: number;
    };
    loads: SweepLoad[];
    rows: SweptRow[];
    shown: ComesTo;
    page: number;
    pages: number;
};
