export type RolloutState = 'planned' | 'making' | 'made' | 'stopped' | 'undoing' | 'taken_back';

export type RolloutLine = {
    id: string;
    name: string;
    state: RolloutState;
    /** nodes that have a task, or are to have one */
    total: number;
    made: number;
    failed: number;
    done: number;
    begunAt: string;
    begunBy: string | null;
    /** when its tasks are made, where not at once */
    makesAt: string | null;
    dueAt: string | null;
};

export type RolloutsPageProps = { rollouts: RolloutLine[]; page: number; pages: number };
