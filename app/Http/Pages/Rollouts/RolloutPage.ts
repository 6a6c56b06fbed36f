import type { PersonRef } from '../PersonRef';
import type { RolloutLine } from './RolloutLine';

export type RolloutDeed = 'go_on' | 'stop' | 'take_back' | 'remind';

export type RolloutRow = {
    node: string;
    depth: number;
    name: string;
    /** in it, those that were dropped left out */
    tasks: number;
    done: number;
    late: number;
    /** null: it lies above those that have a task */
    state: 'planned' | 'made' | 'failed' | 'taken_back' | null;
    title: string | null;
    task: { id: string; number: number; status: string; dueAt: string | null; holder: PersonRef | null } | null;
    /** whose it is to be; null: the rules say */
    holder: PersonRef | null;
};

export type RolloutProgress = { made: number; left: number };

export type RolloutPageProps = {
    rollout: RolloutLine;
    can: RolloutDeed[];
    rows: RolloutRow[];
    /** tasks that are not listed */
    left: number;
};
