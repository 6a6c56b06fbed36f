export type SweepState = 'looking' | 'looked' | 'carrying' | 'done' | 'stopped' | 'undoing' | 'undone';

export type SweepLine = {
    id: string;
    name: string;
    /** id of the rule that is applied; null: it is a sweep */
    ofRule: string | null;
    by: string;
    state: SweepState;
    begunAt: string;
    carriedAt: string | null;
    endedAt: string | null;
    undoneAt: string | null;
};
