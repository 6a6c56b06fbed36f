import type { IntakeState } from '../IntakeState';
import type { NoticeLine } from './NoticeLine';
import type { TaskLine } from './TaskLine';
import type { TaskView } from './TaskView';

export type InHandPageProps = {
    tasks: TaskLine[];
    /** theirs to review */
    reviews: TaskLine[];
    open: TaskLine[];
    /** null: they are nobody of the house */
    plan: {
        /** when each task will be done, by id; what the plan does not come to is not there */
        finishes: Record<string, string>;
        /** minutes of what is left of today */
        planned: number;
        capacity: number;
        /** what their time is counted on */
        count: { taskId: string; number: number; title: string; since: string } | null;
    } | null;
    done: TaskLine[];
    /** whether the one who looks is a person of the house */
    person: boolean;
    /** what happened by the doing of others, and was not put away yet, the latest first */
    notices: NoticeLine[];
    /** how many of these there are, of which the latest are listed */
    noticesInAll: number;
    /** whether new work comes to them; null: they are nobody of the house */
    intake: IntakeState | null;
    /** whether the address names a task */
    chosen: boolean;
    task: TaskView | null;
};
